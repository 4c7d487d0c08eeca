<script setup lang="ts">
import { type Palette, planAt, type Wanted } from '@juxtachrome/core/documents'
import { type Identification, USUAL_MATTERS, type Matters, type Must } from '@juxtachrome/core/standins'
import { computed, defineAsyncComponent, nextTick, ref, shallowRef, watch } from 'vue'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import AwayList from './AwayList.vue'
import PaletteTray from '~/shared/tray/PaletteTray.vue'
import PaletteZones from '~/shared/tray/PaletteZones.vue'
import { areWellsSmall } from '~/shared/tray/smallWells'
import PlaceLegend from '~/shared/tray/PlaceLegend.vue'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

const LazyWantedChooser = defineAsyncComponent(() => import('./WantedChooser.vue'))
const LazyWholePalette = defineAsyncComponent(() => import('./WholePalette.vue'))
const LazyWantReplacing = defineAsyncComponent(() => import('./WantReplacing.vue'))
const LazyMixedPaints = defineAsyncComponent(() => import('./MixedPaints.vue'))
const LazyUnlabelledPan = defineAsyncComponent(() => import('./UnlabelledPan.vue'))
const LazyPanCandidates = defineAsyncComponent(() => import('./PanCandidates.vue'))
const LazyStandInList = defineAsyncComponent(() => import('./StandInList.vue'))

/** What takes the place of a paint: one paint, the whole palette, those that want replacing, mixed ones, an unlabelled pan. */
const props = defineProps<{ palette: Palette; place?: string }>()
const emit = defineEmits<{ select: [placeId: string | undefined] }>()
const collection = useCollection()
const today = useToday()
const MODES = [
  { id: 'one', label: 'One paint' },
  { id: 'whole', label: 'All of them' },
  { id: 'because', label: 'To replace' },
  { id: 'mixed', label: 'Mixed paints' },
  { id: 'unlabelled', label: 'Unlabelled pan' },
] as const
const mode = ref<(typeof MODES)[number]['id']>('one')
const side = ref<'left' | 'right'>('left')
const state = computed(() => collection.ledger.places(props.palette.id))
const wanted = ref<Wanted>()
const matters = ref<Matters>({ ...USUAL_MATTERS })
/** What a stand-in must not lose: what was said, or follows from why a paint is replaced. */
const musts = shallowRef<readonly Must[]>([])
const zones = ref<{ left?: HTMLElement }>()

/** The paint of a place, or the one that is away from it. */
function wantedAt(placeId: string | undefined): Wanted | undefined {
  const plan = placeId === undefined ? undefined : planAt(props.palette, placeId)
  const paintId = plan?.standsFor?.paintId ?? plan?.paintId
  return paintId ? { kind: 'paint', paintId } : undefined
}
watch(
  () => props.place,
  (id) => {
    const at = wantedAt(id)
    if (at) want(at)
  },
  { immediate: true },
)
function want(next: Wanted) {
  wanted.value = next
  side.value = 'right'
}
function wantPaint(paintId: string, because?: readonly Must[]) {
  if (because) musts.value = because
  const at = props.palette.holder.places.find(({ id }) => {
    const plan = planAt(props.palette, id)
    return plan?.paintId === paintId || plan?.standsFor?.paintId === paintId
  })
  want({ kind: 'paint', paintId })
  emit('select', at?.id)
}
/** The place that is at stake: the one looked at, as long as it holds what is wanted. */
const at = computed(() => {
  const own = wantedAt(props.place)
  const same = own && wanted.value?.kind === 'paint' && own.kind === 'paint' && own.paintId === wanted.value.paintId
  return same ? props.place : undefined
})
const itemId = ref('')
const found = shallowRef<Identification>()
const shade = ref<string>()
function showFound(answer: Identification | undefined, seen?: string) {
  found.value = answer
  shade.value = seen
  if (answer) side.value = 'right'
}
async function show(next: typeof mode.value) {
  mode.value = next
  await nextTick()
  zones.value?.left?.querySelector<HTMLElement>('h2')?.focus()
}
</script>

<template>
  <PaletteZones ref="zones" v-model:side="side" :labels="['What', 'Stand-ins']">
    <template #left>
      <div class="flex h-full min-h-0 flex-col">
        <ChoiceGroup label="What is looked for" class="mb-2 flex flex-wrap gap-1">
          <button v-for="m in MODES" :key="m.id" class="choice" :aria-pressed="mode === m.id" @click="show(m.id)">
            {{ m.label }}
          </button>
        </ChoiceGroup>
        <LazyWantedChooser
          v-if="mode === 'one'"
          v-model:matters="matters"
          v-model:musts="musts"
          :palette="palette"
          :wanted="wanted"
          class="min-h-0 grow"
          @want="want"
          @want-paint="wantPaint"
        />
        <LazyWholePalette
          v-else-if="mode === 'whole'"
          :palette="palette"
          :matters="matters"
          class="min-h-0 grow"
          @want-paint="wantPaint"
        />
        <LazyWantReplacing
          v-else-if="mode === 'because'"
          :palette="palette"
          class="min-h-0 grow"
          @want-paint="wantPaint"
        />
        <LazyMixedPaints v-else-if="mode === 'mixed'" :palette="palette" class="min-h-0 grow" @want-paint="wantPaint" />
        <LazyUnlabelledPan v-else v-model:item-id="itemId" class="min-h-0 grow" @found="showFound" />
      </div>
    </template>
    <template #tray>
      <PaletteTray
        :palette="palette"
        :state="state"
        :today="today"
        :selected="place"
        :label="palette.name"
        @select="emit('select', $event)"
      />
      <AwayList :palette="palette" class="mt-2" @select="emit('select', $event)" />
      <PlaceLegend
        v-if="areWellsSmall(palette.holder)"
        :palette="palette"
        :state="state"
        :selected="place"
        class="mt-3 max-lg:hidden"
        @select="emit('select', $event)"
      />
    </template>
    <template #right>
      <template v-if="mode === 'unlabelled'">
        <LazyPanCandidates
          v-if="found"
          :palette="palette"
          :place="place"
          :found="found"
          :shade="shade"
          :item-id="itemId"
          @named="found = undefined"
        />
        <p v-else class="hint">
          Say what was seen of the pan: its colour full and thinned, how it lifts, settles and covers. Who it may be is
          ranked here.
        </p>
      </template>
      <LazyStandInList
        v-else-if="wanted"
        :palette="palette"
        :wanted="wanted"
        :place="at"
        :matters="matters"
        :musts="musts"
      />
      <p v-else class="hint">
        Choose a paint on the tray or in the list: what could take its place is ranked here, with what it would not do.
      </p>
    </template>
  </PaletteZones>
</template>
