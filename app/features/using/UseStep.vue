<script setup lang="ts">
import type { Paint, Palette } from '@juxtachrome/core/documents'
import { levelsOf, reviewPalette } from '@juxtachrome/core/using'
import { computed, ref } from 'vue'
import { useLog } from './useLog'
import { stretchOf, type StretchName } from './stretches'
import { useTaken } from '~/features/filling'
import { useToday } from '~/shared/ui/useToday'
import { LOG, USE_LENSES, type UseSeen } from './lenses'
import { useCollection } from '~/stores/collection'
import LensBar from '~/shared/tray/LensBar.vue'
import LevelAsk from './LevelAsk.vue'
import LogForm from './LogForm.vue'
import PlanAndPans from '~/shared/tray/PlanAndPans.vue'
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
const lens = ref(LOG)
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

const by = computed((): UseSeen => ({
  touched: log.touched,
  review: review.value,
  levels: levels.value,
  taken: use.value,
}))
const through = computed(() => USE_LENSES.find((l) => l.id === lens.value))
const seen = (paint: Paint, placeId: string) => through.value?.seen?.(paint, placeId, by.value)
function choose(placeId: string) {
  if (lens.value === LOG) return log.tap(placeId)
  side.value = 'right'
  emit('select', placeId)
}
const said = computed(() => through.value?.says?.(by.value) ?? '')
</script>

<template>
  <PaletteZones v-model:side="side" :labels="['Log', 'Review']">
    <template #left>
      <LogForm :log="log" />
      <SittingsList :palette="palette" class="mt-5" @correct="(id: string) => ((lens = LOG), log.takeUp(id))" />
    </template>
    <template #tray>
      <LensBar v-model="lens" :lenses="USE_LENSES" class="mb-2" />
      <PaletteTray
        data-repeats
        :palette="palette"
        :state="state"
        :today="today"
        :selected="lens === LOG ? undefined : place"
        :label="lens === LOG ? `${palette.name}: what was used` : palette.name"
        :seen="seen"
        @select="choose"
      />
      <p class="hint mt-2 text-sm" role="status">{{ said }}</p>
      <PlanAndPans :palette="palette" class="mt-1" />
      <PlaceLegend :palette="palette" :state="state" :seen="seen" class="mt-3 max-lg:hidden" @select="choose" />
    </template>
    <template #right>
      <LevelAsk
        v-if="place && level && lens !== LOG"
        :palette="palette"
        :level="level"
        class="mb-4"
        @close="emit('select', undefined)"
      />
      <ReviewPanel v-model:stretch="stretch" :palette="palette" :review="review" :within="within" />
    </template>
  </PaletteZones>
</template>
