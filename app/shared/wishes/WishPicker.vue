<script setup lang="ts">
import type { BriefWish } from '@juxtachrome/core/documents'
import { hardened, READY_WISHES, toggledWish, wishAmong, wordsOfWish } from './readyWishes'

/** Wishes that many have, each a tap; what was tapped may be made a must. */
const wishes = defineModel<BriefWish[]>({ required: true })
</script>

<template>
  <fieldset>
    <legend class="mb-1 text-sm font-medium">Its paints should be</legend>
    <div class="flex flex-wrap gap-1.5">
      <button
        v-for="ready in READY_WISHES"
        :key="ready.words"
        type="button"
        class="choice"
        :aria-pressed="Boolean(wishAmong(wishes, ready))"
        @click="wishes = toggledWish(wishes, ready)"
      >
        {{ ready.words }}
      </button>
    </div>
    <div v-if="wishes.length" class="mt-1.5 flex flex-wrap gap-x-4">
      <span class="hint self-center">Rule out what is not:</span>
      <label v-for="own in wishes" :key="own.wish" class="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
        <input
          type="checkbox"
          class="size-4"
          :checked="own.hard"
          @change="wishes = hardened(wishes, own, !own.hard)"
        />{{ wordsOfWish(own) }}
      </label>
    </div>
  </fieldset>
</template>
