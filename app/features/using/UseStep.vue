<script setup lang="ts">
import type { Paint, Palette } from '@juxtachrome/core/documents'
import { levelsOf, reviewPalette } from '@juxtachrome/core/using'
import { counted } from '@juxtachrome/core/units'
import { computed, ref } from 'vue'
import { percent } from '~/shared/words/lists'
import { useLog } from './useLog'
import { stretchOf, type StretchName } from './stretches'
import { useTaken } from '~/features/filling'
import { useToday } from '~/shared/ui/useToday'
import type { LensCell } from '~/shared/tray/useLens'
import { useCollection } from '~/stores/collection'
import LensBar from '~/shared/tray/LensBar.vue'
import LevelAsk from './LevelAsk.vue'
import LogForm from './LogForm.vue'
import PaletteTray from '~/shared/tray/PaletteTray.vue'
import PaletteZones from '~/shared/tray/PaletteZones.vue'
import PlaceLegend from '~/shared/tray/PlaceLegend.vue'
import ReviewPanel from './ReviewPanel.vue'
import SittingsList from './SittingsList.vue'

/** What was painted from a palette: logged on the left by tapping the tray, judged on the right. */
const props = defineProps<{ palette: Palette; place?: string }>()
const emit = defineEmits<{ select: [placeId: string | undefined] }>()
const collection = useCollection()
const today = useToday()
const log = useLog(() => props.palette)
const side = ref<'left' | 'right'>('left')
const LENSES = [
  { id: 'log', label: 'What was used' },
  { id: 'pulled', label: 'How often' },
  { id: 'left', label: 'What is left' },
] as const
const lens = ref<(typeof LENSES)[number]['id']>('log')
const state = computed(() => collection.ledger.places(props.palette.id))
const sittings = computed(() => collection.ledger.sittingsOf(props.palette.id))
const stretch = ref<StretchName>('all time')
const within = computed(() => stretchOf(stretch.value, today.value, sittings.value))
const review = computed(() =>
  reviewPalette({
    palette: props.palette,
    state: state.value,
    sittings: sittings.value,
    today: today.value,
    stretch: within.value,
  }),
)
const use = useTaken()
const levels = computed(() => levelsOf(props.palette, state.value, use.value))
const level = computed(() => levels.value.find((l) => l.placeId === props.place))

function seen(_paint: Paint, placeId: string): LensCell | undefined {
  if (lens.value === 'log') {
    const how = log.touched.get(placeId)
    return how && { words: how === 'some' ? 'used' : 'used a lot', tag: how === 'some' ? 'used' : 'a lot' }
  }
  if (lens.value === 'left') {
    const own = levels.value.find((l) => l.placeId === placeId)
    return own ? { words: `${own.isEstimate ? '≈ ' : ''}${percent(own.share)}`, bar: own.share } : undefined
  }
  const own = review.value.paints.find((p) => p.placeIds.includes(placeId))
  return own && { words: own.of ? `${own.times} of ${own.of}` : 'not yet', bar: own.of ? own.times / own.of : 0 }
}
function choose(placeId: string) {
  if (lens.value === 'log') return log.tap(placeId)
  side.value = 'right'
  emit('select', placeId)
}
const said = computed(() => {
  if (lens.value === 'left')
    return use.value.looks
      ? `One painting takes about ${use.value.millilitres.toFixed(3)} ml of a colour: by ${counted(use.value.looks, 'look')} at pans.`
      : `One painting is reckoned to take ${Number(use.value.millilitres.toFixed(3))} ml of a colour, until you look how much is left.`
  if (lens.value === 'pulled') return `Of the paintings since each came in.`
  const { length } = [...log.touched]
  return length
    ? `${counted(length, 'colour')} used. Tap once more for a lot, a third time for none.`
    : 'Tap the colours that were used; twice for a lot.'
})
</script>

<template>
  <PaletteZones v-model:side="side" :labels="['Log', 'Review']">
    <template #left>
      <LogForm :log="log" />
      <SittingsList :palette="palette" class="mt-5" @correct="(id: string) => ((lens = 'log'), log.takeUp(id))" />
    </template>
    <template #tray>
      <LensBar v-model="lens" :lenses="LENSES" class="mb-2" />
      <PaletteTray
        :palette="palette"
        :state="state"
        :today="today"
        :selected="lens === 'log' ? undefined : place"
        :label="lens === 'log' ? `${palette.name}: what was used` : palette.name"
        :seen="seen"
        @select="choose"
      />
      <p class="hint mt-2 text-sm" role="status">{{ said }}</p>
      <PlaceLegend :palette="palette" :state="state" :seen="seen" class="mt-3 max-lg:hidden" @select="choose" />
    </template>
    <template #right>
      <LevelAsk
        v-if="place && level && lens !== 'log'"
        :palette="palette"
        :level="level"
        class="mb-4"
        @close="emit('select', undefined)"
      />
      <ReviewPanel v-model:stretch="stretch" :palette="palette" :review="review" :within="within" />
    </template>
  </PaletteZones>
</template>
