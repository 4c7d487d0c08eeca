<script setup lang="ts">
import { type Palette, planAt, plannedPaints } from '@juxtachrome/core/documents'
import { findingsOf, type Remedy } from '@juxtachrome/core/choosing'
import { freePlaces } from '@juxtachrome/core/arranging'
import { computed, ref } from 'vue'
import { usePaletteCommands } from '~/commands/palettes'
import { createCarry } from '~/composables/useCarry'
import { useToday } from '~/composables/useToday'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { usePreferences } from '~/stores/preferences'

/** The three zones: drawer or queue, tray, verdict or filling. */
const props = defineProps<{ palette: Palette; step: 'choose' | 'fill'; place?: string }>()
const emit = defineEmits<{ select: [placeId: string | undefined]; go: [to: string] }>()
const collection = useCollection()
const commands = usePaletteCommands()
const notices = useNotices()
const preferences = usePreferences()
const today = useToday()
const tray = ref<{ focusPlace(id: string): void }>()
const side = ref<'left' | 'right'>(props.place ? 'right' : 'left')
const state = computed(() => collection.ledger.places(props.palette.id))
const planned = computed(() => plannedPaints(props.palette))
const free = computed(() => freePlaces(props.palette))
const findings = computed(() =>
  findingsOf({
    palette: props.palette,
    paints: { get: collection.paint },
    items: collection.itemsByPaint,
    state: state.value,
  }),
)

const carry = createCarry((carried, target) => {
  if (target.kind === 'drawer') {
    if (carried.kind === 'place') commands.clear(props.palette.id, carried.id)
  } else if (carried.kind === 'paint') commands.place(props.palette.id, target.id, carried.id)
  else commands.move(props.palette.id, carried.id, target.id)
})
function placeNext(paintId: string) {
  const [next] = free.value
  if (next) commands.place(props.palette.id, next, paintId)
  else notices.trouble('No place is left. Take something out first.')
}
function select(id: string) {
  side.value = 'right'
  emit('select', id)
}
function act(remedy: Remedy) {
  if (remedy.kind === 'show-place') {
    select(remedy.placeId)
    tray.value?.focusPlace(remedy.placeId)
  } else if (remedy.kind === 'show-paint') void navigateTo(`/paints/${remedy.paintId}`)
  else emit('go', remedy.step)
}
const LABELS = computed(() => (props.step === 'fill' ? ['To fill', 'This place'] : ['Drawer', 'Verdict']))
</script>

<template>
  <div
    class="grid min-h-0 grow grid-cols-1 content-start gap-3 p-3 lg:grid-cols-[19rem_minmax(0,1fr)_19rem] xl:grid-cols-[21rem_minmax(0,1fr)_21rem]"
  >
    <div
      class="min-w-0 max-lg:order-3"
      :class="[preferences.mirrored ? 'lg:order-3' : 'lg:order-1', side === 'left' ? '' : 'max-lg:hidden']"
    >
      <LazyFillQueue
        v-if="step === 'fill'"
        :palette="palette"
        :state="state"
        :today="today"
        :selected="place"
        @select="select"
      />
      <LazyPaintDrawer
        v-else
        :carry="carry"
        :planned="planned"
        :room="free.length > 0"
        @carrying="tray?.focusPlace(free[0] ?? palette.holder.places[0]!.id)"
        @next="placeNext"
      />
    </div>
    <section class="min-w-0 lg:order-2" aria-label="Tray">
      <PaletteTray
        ref="tray"
        :palette="palette"
        :state="state"
        :today="today"
        :carry="step === 'choose' ? carry : undefined"
        :selected="place"
        :label="palette.name"
        @select="select"
        @clear="commands.clear(palette.id, $event)"
        @lock="commands.lock(palette.id, $event, !planAt(palette, $event)?.locked)"
      />
      <p class="mt-2 flex flex-wrap justify-between gap-2">
        <strong class="font-semibold" aria-live="polite"
          >{{ free.length }} of {{ palette.holder.places.length }} places left</strong
        ><span class="hint"
          >{{ palette.holder.name }}, {{ palette.holder.width }} × {{ palette.holder.height }} mm</span
        >
      </p>
      <PlaceLegend :palette="palette" :state="state" :selected="place" class="mt-3 max-lg:hidden" @select="select" />
    </section>
    <div role="group" aria-label="Zones" class="order-2 flex gap-2 lg:hidden">
      <button
        v-for="(label, i) in LABELS"
        :key="label"
        class="btn grow"
        :aria-pressed="side === (i ? 'right' : 'left')"
        @click="side = i ? 'right' : 'left'"
      >
        {{ label }}
      </button>
    </div>
    <div
      class="min-w-0 overflow-y-auto max-lg:order-4 lg:max-h-[calc(100dvh-8rem-var(--strip))]"
      tabindex="0"
      role="region"
      :aria-label="`Zone: ${LABELS[1]}`"
      :class="[preferences.mirrored ? 'lg:order-1' : 'lg:order-3', side === 'right' ? '' : 'max-lg:hidden']"
    >
      <template v-if="step === 'fill'">
        <LazyFillPanel v-if="place" :palette="palette" :place-id="place" :state="state" :today="today" />
        <p v-else class="hint">
          Choose a place on the tray or in the list: record what went into it, top it up, clean it, or read everything
          that ever lay there.
        </p>
      </template>
      <template v-else>
        <LazyPlacePanel
          v-if="place"
          :palette="palette"
          :place-id="place"
          :state="state"
          :carry="carry"
          @close="emit('select', undefined)"
        />
        <LazyVerdictPanel :findings="findings" @act="act" />
      </template>
    </div>
    <CarryGhost :carry="carry" />
  </div>
</template>
