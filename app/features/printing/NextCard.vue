<script setup lang="ts">
import type { usePaintNext } from './usePaintNext'
import { figure } from '~/shared/words/figures'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

/** What the card of what to paint next would do for the predictions, and asking for it anew. */
const props = defineProps<{ next: ReturnType<typeof usePaintNext> }>()
const { card, ask, done, cancel, trouble, isEmpty } = props.next
</script>

<template>
  <div class="space-y-1 text-sm">
    <Refusal v-if="trouble" :says="trouble" />
    <WorkingBar v-if="done !== undefined" :done="done" label="Weighing what each box would tell" @cancel="cancel()" />
    <p v-else-if="isEmpty" class="hint">Choose what it is made of: a palette, or some paints.</p>
    <template v-else-if="card">
      <p v-if="card.boxes.length">
        These {{ card.boxes.length }}, painted and read, should bring predictions about
        {{ Math.round(100 * (1 - card.leaves / card.now)) }} % nearer.
        <span class="hint">Typical error now {{ figure(card.now, 1) }}, then {{ figure(card.leaves, 1) }}.</span>
      </p>
      <p class="hint">The card stays as it is until you ask again, so that its photograph can be read.</p>
    </template>
    <button v-if="done === undefined && !isEmpty" class="btn" @click="ask()">Ask again</button>
  </div>
</template>
