<script setup lang="ts">
import { type Paint, type Palette, plannedPaints } from '@juxtachrome/core/documents'
import { computed } from 'vue'
import { gradient, screenStops } from '~/shared/swatch/useSwatch'
import { useMixtures } from '~/shared/swatch/useMixtures'
import { usePaintName } from '~/shared/words/paintName'
import { useBench } from '~/stores/bench'
import { useCollection } from '~/stores/collection'

/** A paint mixed half and half with every other one of its palette, edge to edge: each goes to the bench. */
const props = defineProps<{ palette: Palette; paint: Paint }>()
const collection = useCollection()
const bench = useBench()
const nameOf = usePaintName()
const { predict } = useMixtures()
/** Water of a milky mixture and of a pale wash: both ends of a small swatch. */
const [FULL, THIN] = [2, 10]
const mixtures = computed(() =>
  [...plannedPaints(props.palette)].flatMap((id) => {
    const other = collection.paint(id)
    if (!other || id === props.paint.id) return []
    const parts = [props.paint.id, id].map((paintId) => ({ paintId, parts: 1 }))
    const mixed = predict(parts, FULL)
    const ramp = mixed.ok ? mixed.value.ramp.filter(({ water }) => water >= FULL && water <= THIN) : []
    const stops = screenStops(ramp.map(({ lab }) => lab))
    return [
      { id, parts, stops, short: other.pigments[0] ?? other.name, heard: `Mixed with ${nameOf(id)}: to the bench` },
    ]
  }),
)
/** All in one row where they fit. */
const columns = computed(() =>
  mixtures.value.length <= 15
    ? `repeat(${mixtures.value.length}, minmax(0, 1fr))`
    : 'repeat(auto-fill, minmax(2.6rem, 1fr))',
)
function lay(parts: { paintId: string; parts: number }[]) {
  bench.lay(parts, FULL)
  void navigateTo('/bench?view=mix')
}
</script>

<template>
  <div v-if="mixtures.length">
    <h3 class="hint text-sm font-normal">Half and half with the others</h3>
    <ul class="grid bg-ground p-1 text-on-ground" :style="{ gridTemplateColumns: columns }">
      <li v-for="m in mixtures" :key="m.id" class="min-w-0">
        <button class="block w-full text-center" :aria-label="m.heard" :title="nameOf(m.id)" @click="lay(m.parts)">
          <span
            class="block h-8"
            :class="m.stops.length ? '' : 'border border-line'"
            :style="{ background: gradient(m.stops, 'to bottom') }"
          />
          <span class="block truncate px-0.5 text-xs leading-5">{{ m.short }}</span>
        </button>
      </li>
    </ul>
  </div>
</template>
