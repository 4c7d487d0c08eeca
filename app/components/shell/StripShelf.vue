<script setup lang="ts">
import { colourDifference, differenceInWords, leanInWords, viewOfPaint, type Paint } from '@juxtachrome/core'
import { X } from '@lucide/vue'
import { computed } from 'vue'
import { useStrip } from '~/stores/strip'

const strip = useStrip()

function difference(one: Paint, other: Paint, which: 'masstone' | 'wash'): string | undefined {
  const [p, q] = [viewOfPaint(one)[which], viewOfPaint(other)[which]]
  if (!p || !q) return undefined
  const d = colourDifference(p, q)
  return `${which}: ${differenceInWords(d)}, ${d.toFixed(1)}`
}

const verdict = computed(() => {
  if (!strip.pair) return undefined
  const [one, other] = strip.pair
  const lean = (p: Paint) => { const l = viewOfPaint(p).lean; return l ? leanInWords(l) : 'no swatch yet' }
  const shared = one.pigments.filter((c) => other.pigments.includes(c))
  return [
    difference(one, other, 'masstone'), difference(one, other, 'wash'),
    lean(one) === lean(other) ? `both ${lean(one)}` : `${one.name} (${one.maker}): ${lean(one)}; ${other.name} (${other.maker}): ${lean(other)}`,
    shared.length ? `shared: ${shared.join(', ')}` : 'no pigment in common',
    one.granulation !== other.granulation && one.granulation && other.granulation ? `${one.granulation} against ${other.granulation}` : undefined,
    one.transparency !== other.transparency && one.transparency && other.transparency ? `${one.transparency} against ${other.transparency}` : undefined,
  ].filter(Boolean)
})
</script>

<template>
  <aside v-if="strip.paints.length" aria-label="The strip: paints side by side" class="sticky bottom-0 z-20 border-t border-line bg-surface px-3 py-2">
    <div class="flex items-stretch gap-3">
      <ul class="flex min-w-0 grow" aria-label="On the strip">
        <li v-for="paint in strip.paints" :key="paint.id" class="relative min-w-0 max-w-44 grow">
          <button class="block w-full text-left" :aria-pressed="strip.chosen.includes(paint.id)" :class="strip.chosen.includes(paint.id) ? 'outline-2 -outline-offset-2 outline-text' : ''" @click="strip.choose(paint.id)">
            <PaintSwatch :paint="paint" class="h-12" />
            <span class="block truncate px-1 text-xs">{{ paint.name }}</span>
            <span class="hint block truncate px-1 pr-6 text-xs">{{ paint.pigments.join(' ') || 'no code' }}</span>
          </button>
          <button class="absolute right-0 bottom-0 bg-surface p-1.5" :aria-label="`Take ${paint.name} off the strip`" @click="strip.take(paint.id)"><X :size="12" /></button>
        </li>
      </ul>
      <div class="hidden w-80 shrink-0 text-sm md:block" aria-live="polite">
        <ul v-if="verdict"><li v-for="line in verdict" :key="line">{{ line }}</li></ul>
        <p v-else class="hint">Choose two to read what differs.</p>
        <button class="link mt-1 text-xs" @click="strip.clear()">Clear the strip</button>
      </div>
    </div>
  </aside>
</template>
