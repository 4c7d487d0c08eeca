<script setup lang="ts">
import { usePath } from './usePath'

/** The way from the first tube to the next purchase, for as long as somebody goes it for the first time. */
const { steps, next, isHidden, isShown } = usePath()
</script>

<template>
  <section v-if="isShown" aria-label="The way ahead" class="panel mb-4 p-4">
    <div class="flex flex-wrap items-center gap-3">
      <h2 class="grow">The way ahead</h2>
      <NuxtLink v-if="next" class="btn btn-primary" :to="next.to">{{ next.words }}</NuxtLink>
      <button class="link text-sm" @click="isHidden = true">I know my way</button>
    </div>
    <ol class="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-sm">
      <li v-for="(s, i) in steps" :key="s.words" :class="s.isDone ? 'text-muted' : ''">
        <span class="hint mr-1">{{ i + 1 }}</span>
        <NuxtLink class="link" :to="s.to">{{ s.words }}</NuxtLink>
        <span v-if="s.isDone" class="ml-1">✓<span class="sr-only"> done</span></span>
      </li>
    </ol>
  </section>
</template>
