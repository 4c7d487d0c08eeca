<script setup lang="ts">
import { threeToBegin } from '@juxtachrome/core/charts'
import { toLch, toScreen } from '@juxtachrome/core/colour'
import { computed, ref } from 'vue'
import { useMixtures } from '~/shared/swatch/useMixtures'
import { useBench } from '~/stores/bench'
import { useCollection } from '~/stores/collection'
import { figure } from '~/shared/words/figures'

const bench = useBench()
const collection = useCollection()
const { predict } = useMixtures()
const wash = ref(false)
/** Those on the bench; a yellow, a red and a blue of what is owned until three lie there. */
const isOwn = computed(() => bench.parts.length >= 3)
const three = computed(() =>
  isOwn.value ? bench.parts.slice(0, 3).map((p) => p.paintId) : threeToBegin(collection.usablePaints).map((p) => p.id),
)
const STEPS = 6
const WIDTH = 70
const HEIGHT = 60
const cells = computed(() => {
  const list = []
  for (let a = STEPS; a >= 0; a -= 1) {
    for (let b = STEPS - a; b >= 0; b -= 1) {
      const shares = [a, b, STEPS - a - b]
      const parts = three.value.map((paintId, i) => ({ paintId, parts: shares[i]! })).filter((p) => p.parts > 0)
      const mix = predict(parts, 0)
      if (!mix.ok) continue
      const lab = wash.value ? mix.value.wash : mix.value.masstone
      const row = STEPS - a
      list.push({
        key: shares.join(':'),
        parts,
        x: (STEPS / 2 - row / 2 + shares[2]!) * WIDTH,
        y: row * HEIGHT,
        fill: toScreen(lab).hex,
        dark: lab.L < 55,
        C: toLch(lab).C,
      })
    }
  }
  return list
})
const size = { width: (STEPS + 1) * WIDTH, height: (STEPS + 1) * HEIGHT }
</script>

<template>
  <section aria-label="Triangle of three paints">
    <p v-if="three.length < 3" class="hint">Put three paints on the bench to see what lies between all of them.</p>
    <template v-else>
      <p v-if="!isOwn" class="hint mb-1 text-sm">
        To begin with, a yellow, a red and a blue of yours. Put three paints on the bench to see what lies between them.
      </p>
      <div class="mb-2 flex flex-wrap items-center gap-3 text-sm">
        <span>Parts of {{ three.map((id) => collection.paint(id)?.name).join(' : ') }}</span
        ><label class="flex items-center gap-1.5"
          ><input v-model="wash" type="checkbox" class="size-4.5" />as a wash</label
        >
      </div>
      <p class="max-w-xl text-center text-sm">{{ collection.paint(three[0])?.name }}</p>
      <svg
        :viewBox="`0 0 ${size.width} ${size.height}`"
        class="w-full max-w-xl bg-ground"
        role="group"
        aria-label="Mixtures of three paints"
      >
        <g
          v-for="c in cells"
          :key="c.key"
          role="button"
          tabindex="0"
          class="cursor-pointer"
          :aria-label="`${c.key}, chroma ${figure(c.C)}. Lay it on the bench`"
          @click="bench.lay(c.parts, bench.water)"
          @keydown.enter="bench.lay(c.parts, bench.water)"
          @keydown.space.prevent="bench.lay(c.parts, bench.water)"
        >
          <rect :x="c.x" :y="c.y" :width="WIDTH" :height="HEIGHT" :fill="c.fill" />
          <text
            :x="c.x + WIDTH / 2"
            :y="c.y + HEIGHT - 8"
            text-anchor="middle"
            font-size="12"
            :fill="c.dark ? '#fff' : '#1b1b1b'"
          >
            {{ c.key }}
          </text>
        </g>
      </svg>
      <p class="mt-1 flex max-w-xl justify-between gap-4 text-sm">
        <span>{{ collection.paint(three[1])?.name }}</span><span class="text-right">{{
          collection.paint(three[2])?.name
        }}</span>
      </p>
      <p class="hint text-sm">All predicted. Choose one to lay it on the bench.</p>
    </template>
  </section>
</template>
