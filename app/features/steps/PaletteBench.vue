<script setup lang="ts">
import { type Paint, type Palette, planAt, plannedPaints } from '@juxtachrome/core/documents'
import { findingsOf, fitOf, type Remedy } from '@juxtachrome/core/choosing'
import { freePlaces } from '@juxtachrome/core/arranging'
import { computed, defineAsyncComponent, nextTick, ref, toRef, watch } from 'vue'
import { usePaletteCommands } from '~/features/palettes'
import { counted } from '@juxtachrome/core/units'
import { LENSES } from '~/shared/tray/lenses'
import { LazyVerdictPanel, useVerdict } from '~/features/verdict'
import { useAsk } from '~/shared/ui/useAsk'
import { providePointing } from '~/shared/said/usePointing'
import { createCarry, type Carried } from '~/shared/tray/useCarry'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { LazyFillPanel, LazyFillQueue } from '~/features/filling'
import { ChooseZone, LazyPaletteProposals, useGuideCommands } from '~/features/choosing'
import CarryGhost from '~/shared/tray/CarryGhost.vue'
import LensBar from '~/shared/tray/LensBar.vue'
import PaletteTray from '~/shared/tray/PaletteTray.vue'
import PaletteZones from '~/shared/tray/PaletteZones.vue'
import { listed } from '~/shared/words/figures'
import LackingPlaces from './LackingPlaces.vue'
import { areWellsSmall } from '~/shared/tray/smallWells'
import PlaceLegend from '~/shared/tray/PlaceLegend.vue'

const LazyInspectPanel = defineAsyncComponent(() => import('./InspectPanel.vue'))
const LazyChosenPlace = defineAsyncComponent(() => import('./ChosenPlace.vue'))

/** The three zones: drawer or queue, tray with the chosen place below it, verdict or filling. */
const props = defineProps<{ palette: Palette; step: 'choose' | 'fill'; place?: string }>()
const emit = defineEmits<{ select: [placeId: string | undefined]; go: [to: string] }>()
const collection = useCollection()
const commands = usePaletteCommands()
const guideCommands = useGuideCommands()
const notices = useNotices()
const today = useToday()
const tray = ref<{ focusPlace(id: string): void }>()
const side = ref<'left' | 'right'>(props.place ? 'right' : 'left')
const state = computed(() => collection.ledger.places(props.palette.id))
const planned = computed(() => plannedPaints(props.palette))
const plannedHere = computed(() => [...planned.value].flatMap((id) => collection.paint(id) ?? []))
const free = computed(() => freePlaces(props.palette))
const findings = computed(() =>
  findingsOf({
    palette: props.palette,
    paints: { get: collection.paint },
    items: collection.itemsByPaint,
    state: state.value,
  }),
)

const paletteId = toRef(() => props.palette.id)
const { verdict, isStale, trouble, waiting, stop, goOn } = useVerdict(() =>
  props.step === 'choose' ? paletteId.value : undefined,
)
const lens = ref(LENSES[0]!.id)
const seen = computed(() => {
  const through = LENSES.find((l) => l.id === lens.value)?.seen
  return through && ((paint: Paint, placeId: string) => through(paint, placeId, verdict.value))
})
const byBrings = ref(false)
/** A palette begins with whole proposals, unless one would rather go paint by paint. */
const isProposing = ref(useRoute().query.begin === '1')
const MANY = 3
// whoever asks for proposals wants worked out what they rest on, also what turns out later to wait for a word
watch([isProposing, waiting], ([isWanted, indexes]) => {
  if (isWanted) for (const { key, stopped } of indexes) if (stopped) goOn(key)
})
function byMethod() {
  isProposing.value = false
  leftMode.value = 'guide'
}
const leftMode = ref<'drawer' | 'guide'>('drawer')
async function orderByBrings() {
  byBrings.value = true
  await showDrawer()
}

const carry = createCarry((carried, target) => {
  if (target.kind === 'drawer') {
    if (carried.kind === 'place') commands.clear(props.palette.id, carried.id)
  } else void dropInto(target.id, carried)
})
/** A place that is kept free for something is given away only on purpose. */
async function dropInto(placeId: string, { kind, id, name }: Carried) {
  const plan = planAt(props.palette, placeId)
  const keptFor = plan && !plan.paintId && !(kind === 'place' && id === placeId) ? plan.reserved : undefined
  if (
    keptFor !== undefined &&
    !(await ask({
      title: `${placeId} is kept free`,
      text: keptFor ? `It is kept free for ${keptFor}.` : 'It was kept free.',
      yes: `Put ${name} there`,
      no: 'Keep it free',
    }))
  )
    return
  if (kind === 'paint') commands.place(props.palette.id, placeId, id)
  else commands.move(props.palette.id, id, placeId)
}
const { ask } = useAsk()
const lookedAt = ref<string>()
const looked = computed(() => collection.paint(lookedAt.value))
function look(id: string) {
  lookedAt.value = id
  emit('select', undefined)
}
providePointing({
  look: (paintId) => {
    const at = props.palette.holder.places.find(({ id }) => planAt(props.palette, id)?.paintId === paintId)
    if (at) select(at.id)
    else look(paintId)
  },
  press: (event, paintId) => {
    const name = collection.paint(paintId)?.name
    if (name && props.step === 'choose') carry.press(event, { kind: 'paint', id: paintId, name })
  },
})
/** A list of names only where wells are too small to carry them. */
const hasSmallWells = computed(() => areWellsSmall(props.palette.holder))
function placeNext(paintId: string) {
  const [next] = free.value
  if (next) commands.place(props.palette.id, next, paintId)
  else notices.trouble('No place is left. Take something out first.')
}
function select(id: string) {
  if (props.step === 'fill') side.value = 'right'
  lookedAt.value = undefined
  emit('select', id)
}
/** What would close a gap goes into the next free places, as one step. */
function putAll(paintIds: readonly string[]) {
  const names = paintIds.map((id) => collection.paint(id)?.name ?? 'a paint')
  guideCommands.takeAll(props.palette.id, paintIds, `tried ${listed(names)}`)
}
function act(remedy: Remedy) {
  if (remedy.kind === 'show-place') {
    select(remedy.placeId)
    tray.value?.focusPlace(remedy.placeId)
  } else if (remedy.kind === 'show-paint') void navigateTo(`/paints/${remedy.paintId}`)
  else if (remedy.step === props.step) void showDrawer()
  else emit('go', remedy.step)
}
const zones = ref<{ left?: HTMLElement }>()
/** The drawer is beside the tray already, or behind a button on a phone: it is brought in sight, its search ready. */
async function showDrawer() {
  side.value = 'left'
  leftMode.value = 'drawer'
  await nextTick()
  zones.value?.left?.scrollIntoView({ block: 'nearest' })
  zones.value?.left?.querySelector<HTMLElement>('input[type=search]')?.focus()
}
const LABELS = computed(() =>
  props.step === 'fill' ? (['To fill', 'This place'] as const) : (['Drawer', 'Verdict'] as const),
)
</script>

<template>
  <LazyPaletteProposals
    v-if="isProposing"
    :palette="palette"
    :is-ready="Boolean(verdict?.gains)"
    :reckoned="waiting[0]?.building?.done"
    @leave="isProposing = false"
    @method="byMethod"
  />
  <PaletteZones v-else ref="zones" v-model:side="side" :labels="LABELS">
    <template #left>
      <LazyFillQueue
        v-if="step === 'fill'"
        :palette="palette"
        :state="state"
        :today="today"
        :selected="place"
        @select="select"
      />
      <ChooseZone
        v-else
        v-model:by-brings="byBrings"
        v-model:mode="leftMode"
        :carry="carry"
        :palette="palette"
        :planned="planned"
        :verdict="verdict"
        :room="free.length > 0"
        @carrying="tray?.focusPlace(free[0] ?? palette.holder.places[0]!.id)"
        @next="placeNext"
        @look="look"
      />
    </template>
    <template #tray>
      <LensBar v-if="step === 'choose'" v-model="lens" :lenses="LENSES" class="mb-2" />
      <PaletteTray
        ref="tray"
        :palette="palette"
        :state="state"
        :today="today"
        :carry="step === 'choose' ? carry : undefined"
        :selected="place"
        :label="palette.name"
        :seen="seen"
        @select="select"
        @clear="commands.clear(palette.id, $event)"
        @lock="commands.lock(palette.id, $event, !planAt(palette, $event)?.locked)"
      />
      <LackingPlaces
        :palette="palette"
        :free="free"
        @move="(from, to) => commands.move(palette.id, from, to)"
        @clear="commands.clear(palette.id, $event)"
      />
      <p class="mt-2 flex flex-wrap justify-between gap-2">
        <strong class="font-semibold" aria-live="polite"
          >{{ free.length }} of {{ counted(palette.holder.places.length, 'place') }} left</strong
        ><span class="hint"
          >{{ palette.holder.name }}, {{ palette.holder.width }} × {{ palette.holder.height }} mm</span
        >
      </p>
      <template v-if="step === 'choose'">
        <div
          v-if="!place && !looked && free.length >= MANY"
          class="mt-3 flex flex-wrap items-center gap-x-4 gap-y-2"
          :class="planned.size ? '' : 'panel p-4'"
        >
          <p class="grow basis-60">
            {{
              planned.size
                ? 'Three ways to fill the free places, each with what speaks for and against it.'
                : 'Begin with three palettes, chosen from your collection for what this one is for: take one, and change it.'
            }}
          </p>
          <button class="btn" :class="planned.size ? '' : 'btn-primary'" @click="isProposing = true">
            {{ planned.size ? 'Show three ways' : 'Show three palettes' }}
          </button>
        </div>
        <LazyInspectPanel
          v-if="looked && !place"
          :paint="looked"
          :fit="fitOf(looked, palette.brief, { palette: plannedHere })"
          :gain="verdict?.gains?.find((g) => g.paintId === looked?.id)"
          :room="free.length > 0"
          :planned="planned.has(looked.id)"
          @next="placeNext(looked.id)"
          @close="lookedAt = undefined"
        />
        <LazyChosenPlace
          v-if="place"
          :palette="palette"
          :place-id="place"
          :state="state"
          :carry="carry"
          :verdict="verdict"
          @close="emit('select', undefined)"
        />
      </template>
      <PlaceLegend
        v-if="hasSmallWells || step === 'fill'"
        :palette="palette"
        :state="state"
        :selected="place"
        :seen="seen"
        class="mt-3 max-lg:hidden"
        @select="select"
      />
    </template>
    <template #right>
      <template v-if="step === 'fill'">
        <LazyFillPanel v-if="place" :palette="palette" :place-id="place" :state="state" :today="today" />
        <p v-else class="hint">
          Choose a place on the tray or in the list: record what went into it, top it up, clean it, or read everything
          that ever lay there.
        </p>
      </template>
      <LazyVerdictPanel
        v-else
        :palette="palette"
        :findings="findings"
        :verdict="verdict"
        :is-stale="isStale"
        :room="free.length > 0"
        :trouble="trouble"
        :waiting="waiting"
        @act="act"
        @put="putAll"
        @stop="stop"
        @go-on="goOn"
        @by-brings="orderByBrings"
      />
    </template>
    <CarryGhost :carry="carry" />
  </PaletteZones>
</template>
