<script setup lang="ts">
import { type Bringing, fitOf, isRuledOut } from '@juxtachrome/core/choosing'
import type { Palette } from '@juxtachrome/core/documents'
import { paintInWords, type PaintView } from '@juxtachrome/core/paints'
import { Eye, Plus } from '@lucide/vue'
import { computed, ref } from 'vue'
import { gainInWords } from '~/shared/words/lists'
import { useCollection } from '~/stores/collection'
import type { Carry } from '~/shared/tray/useCarry'
import { usePaintList } from './usePaintList'
import { useStrip } from '~/stores/strip'
import EmptyCollection from '~/shared/shell/EmptyCollection.vue'
import PaintRow from './PaintRow.vue'
import SearchBox from './SearchBox.vue'
import VirtualList from '~/shared/ui/VirtualList.vue'

const props = defineProps<{
  carry: Carry
  palette: Palette
  planned: Set<string>
  /** What each paint that is not in would bring, once that is known. */
  gains?: readonly Bringing[]
  room: boolean
}>()
const byBrings = defineModel<boolean>('byBrings', { default: false })
const emit = defineEmits<{ carrying: []; next: [paintId: string]; look: [paintId: string] }>()
const strip = useStrip()
const collection = useCollection()
const { filter, shown: byHue, isFiltered, clear, total, understood, forget } = usePaintList()
const onlyFitting = ref(false)
const hasBrief = computed(() => Boolean(props.palette.brief && Object.keys(props.palette.brief).length))
const gainOf = computed(() => new Map((props.gains ?? []).map((g) => [g.paintId, g])))
const palettePaints = computed(() => [...props.planned].flatMap((id) => collection.paint(id) ?? []))
const fit = (view: PaintView) => fitOf(view.paint, props.palette.brief, { palette: palettePaints.value })
const shown = computed(() => {
  const fitting = onlyFitting.value ? byHue.value.filter((v) => !isRuledOut(fit(v))) : byHue.value
  if (!byBrings.value || !props.gains) return fitting
  const worth = (v: PaintView) => gainOf.value.get(v.paint.id)?.worth ?? -1
  return [...fitting].sort((p, q) => worth(q) - worth(p))
})
/** What the row says of a paint for this palette: how it fits, what it would bring. */
function forThis(view: PaintView): string {
  const gain = gainOf.value.get(view.paint.id)
  const own = fit(view)
  // what is only not known is said with the reasons, not beside every second paint
  const fits = own.word === 'fits' || own.word === 'not sure' ? '' : own.word
  return [byBrings.value && gain ? gainInWords(gain) : '', fits].filter(Boolean).join(' · ')
}
const whyNot = (view: PaintView) => fit(view).reasons.join(', ')
const what = (view: PaintView) => ({ kind: 'paint' as const, id: view.paint.id, name: view.paint.name })

const inWords = (view: PaintView) =>
  [
    `${paintInWords(view.paint)}${props.planned.has(view.paint.id) ? ', planned in this palette' : ''}`,
    ...[forThis(view), whyNot(view)].filter(Boolean),
    'Space to pick up, I to look at it, S to send it to the strip',
  ].join('. ')

function pick(view: PaintView) {
  if (props.carry.endsDrag()) return
  props.carry.pickUp(what(view))
}
function putNext(view: PaintView) {
  props.carry.putBack()
  emit('next', view.paint.id)
}
function key(event: KeyboardEvent, view: PaintView) {
  if (event.key === ' ') {
    event.preventDefault()
    props.carry.pickUp(what(view))
    emit('carrying')
  } else if (event.key === 'i') emit('look', view.paint.id)
  else if (event.key === 's') strip.lay(view.paint.id)
  else if (event.key === 'Escape' && props.carry.carried.value) props.carry.putBack()
}
</script>

<template>
  <section class="flex h-full min-h-0 flex-col" aria-label="Drawer: your collection" data-drawer>
    <EmptyCollection v-if="total === 0" />
    <template v-else>
      <SearchBox
        v-model="filter"
        :shown="shown.length"
        :total="total"
        :is-filtered="isFiltered"
        @clear="clear"
        :understood="understood"
        @forget="forget"
      />
      <div class="mt-1 flex flex-wrap gap-x-3 gap-y-1 text-[0.8125rem]">
        <button v-if="gains" class="choice" :aria-pressed="byBrings" @click="byBrings = !byBrings">
          by what it would bring
        </button>
        <button v-if="hasBrief" class="choice" :aria-pressed="onlyFitting" @click="onlyFitting = !onlyFitting">
          only what fits
        </button>
      </div>
      <VirtualList
        v-slot="{ row, bind }"
        :rows="shown"
        :row-height="48"
        :key-of="(v) => v.paint.id"
        label="Paints by hue"
        class="panel mt-1 h-80 lg:h-auto lg:min-h-40 lg:flex-1"
      >
        <div
          class="flex h-full border-b border-line"
          :class="planned.has(row.paint.id) ? 'bg-sunken' : ''"
          :title="whyNot(row) || undefined"
        >
          <button
            v-bind="bind"
            class="min-w-0 grow cursor-grab px-1"
            :aria-label="inWords(row)"
            @click="pick(row)"
            @dblclick="putNext(row)"
            @keydown="key($event, row)"
            @pointerdown="carry.press($event, what(row))"
            @contextmenu="carry.carried.value && $event.preventDefault()"
          >
            <PaintRow :view="row" tight :more="forThis(row)" />
          </button>
          <button
            class="btn btn-quiet btn-icon shrink-0 self-center"
            tabindex="-1"
            :aria-label="`Look at ${collection.called(row.paint)}`"
            title="Look at it (I)"
            @click="emit('look', row.paint.id)"
          >
            <Eye :size="16" />
          </button>
          <button
            class="btn btn-quiet btn-icon shrink-0 self-center"
            tabindex="-1"
            :disabled="!room"
            :aria-label="`Put ${collection.called(row.paint)} in the next free place`"
            title="Put it in the next free place"
            @click="emit('next', row.paint.id)"
          >
            <Plus :size="16" />
          </button>
        </div>
      </VirtualList>
      <p v-if="shown.length === 0" class="hint mt-2">Nothing like that. Show all, or add the paint first.</p>
    </template>
  </section>
</template>
