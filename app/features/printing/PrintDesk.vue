<script setup lang="ts">
import { threeToBegin } from '@juxtachrome/core/charts'
import { planAt, type Palette } from '@juxtachrome/core/documents'
import { portionsOf } from '@juxtachrome/core/ledger'
import { useMediaQuery } from '@vueuse/core'
import * as z from 'zod/mini'
import { computed, ref } from 'vue'
import { briefInWords, useVerdict } from '~/features/verdict'
import { useNaming } from '~/shared/words/naming'
import { usePrintOptions } from './printOptions'
import { usePaintNext } from './usePaintNext'
import { useLinkCode } from '~/shared/files/useLinkCode'
import { useSheetPaints } from './useSheetPaints'
import { useSheets } from './useSheets'
import { useToday } from '~/shared/ui/useToday'
import { SHEETS, sheetOf, type SheetSubject } from './sheets'
import { useCollection } from '~/stores/collection'
import { kept } from '~/stores/kept'
import { useStrip } from '~/stores/strip'
import PlanAndPans from '~/shared/tray/PlanAndPans.vue'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import NextCard from './NextCard.vue'
import PaintingGuide from './PaintingGuide.vue'
import PhotoCheck from './PhotoCheck.vue'
import PredictedSheets from './PredictedSheets.vue'
import PrintAsked from './PrintAsked.vue'
import PrintPaints from './PrintPaints.vue'
import PrintSheets from './PrintSheets.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

/** Keys, charts and cards: what is printed, as it will be printed; painted box by box, and checked by a photograph. */
const props = defineProps<{ palette?: Palette }>()
const collection = useCollection()
const strip = useStrip()
const name = useNaming()
const today = useToday()
const options = usePrintOptions()
const { paintsOf, ofPalette } = useSheetPaints()
const Sources = z.object({ source: z.string(), list: z.string(), partners: z.string(), partnerList: z.string() })
const sources = kept('jx-print-paints', Sources, { source: '', list: '', partners: 'strip', partnerList: '' })
const field = (key: keyof z.infer<typeof Sources>) =>
  computed({ get: () => sources.value[key], set: (text) => (sources.value = { ...sources.value, [key]: text }) })
/** Where nothing was chosen yet: what lies on the strip, else the first palette that has paints. */
const usual = () => {
  const palette = strip.items.length ? undefined : collection.palettes.find((p) => ofPalette(p).length > 1)
  return palette ? `palette:${palette.id}` : 'strip'
}
const chosen = field('source')
const source = computed({ get: () => chosen.value || usual(), set: (id) => (chosen.value = id) })
const [list, partnerSource, partnerList] = [field('list'), field('partners'), field('partnerList')]

/** The palette's own step begins with its key; elsewhere there is none without a palette. */
const { sheet: called } = useRoute().query
const firstKind = ref(props.palette ? (typeof called === 'string' ? called : 'key') : undefined)
const kind = computed({
  get: () => firstKind.value ?? options.value.kind,
  set: (id) => {
    firstKind.value = undefined
    options.value = { ...options.value, kind: id }
  },
})
const definition = computed(() => sheetOf(kind.value))
const asksFor = (what: 'partners' | 'next' | 'map') => definition.value.asks?.includes(what) === true
const asked = computed({
  get: () => ({ ...options.value, kind: kind.value }),
  set: (next) => (options.value = { ...next, kind: firstKind.value ? options.value.kind : next.kind }),
})
const palette = computed(() => props.palette ?? collection.palette(source.value.replace(/^palette:/, '')))
/** What can be drawn; of three only three of them are. */
const own = computed(() => (props.palette ? ofPalette(props.palette) : paintsOf(source.value, list.value)))
const three = ref<string[]>([])
/** A yellow, a red and a blue, until others are chosen. */
const first = computed(() => threeToBegin(own.value))
const paints = computed(() =>
  definition.value.of === 'three'
    ? [0, 1, 2].flatMap((i) => collection.paint(three.value[i] ?? first.value[i]?.id) ?? [])
    : own.value,
)
const threeFrom = computed(() => own.value.map((p) => ({ id: p.id, text: collection.called(p) })))
const next = usePaintNext(
  () => own.value.map((p) => p.id),
  () => asksFor('next'),
)
/** The map of what a palette mixes, as its verdict has it. */
const { verdict } = useVerdict(() => (asksFor('map') ? palette.value?.id : undefined))
/** Other paints than the planned one that lie in a place, and what the planned one stands in for. */
function also(placeId: string): string | undefined {
  if (!palette.value) return undefined
  const content = collection.ledger.places(palette.value.id).get(placeId)?.content
  const planned = planAt(palette.value, placeId)
  const lying = content ? portionsOf(content) : []
  const others = lying.filter((p) => p.paintId !== planned?.paintId).map((p) => name.paint(p.paintId))
  const said = [
    ...(others.length ? [`${lying.length > 1 ? 'with' : 'holds'} ${others.join(', ')}`] : []),
    ...(planned?.standsFor?.words ? [`for ${planned.standsFor.words}`] : []),
  ]
  return said.length ? said.join('; ') : undefined
}
const { code, codeTrouble } = useLinkCode(() =>
  options.value.code && definition.value.ticks?.includes('code') ? palette.value : undefined,
)
const subject = computed((): SheetSubject => ({
  options: asked.value,
  ...(palette.value ? { palette: palette.value } : {}),
  paints: paints.value,
  partners: asksFor('partners') ? paintsOf(partnerSource.value, partnerList.value) : [],
  today: today.value,
  next: next.card.value?.boxes ?? [],
  nameOf: name.paint,
  also,
  ...(code.value ? { code: code.value } : {}),
  ...(verdict.value?.map ? { map: verdict.value.map } : {}),
  ...(palette.value?.brief ? { purpose: briefInWords(palette.value.brief) } : {}),
}))
const sheets = useSheets(() => subject.value)
/** What is painted goes by what it is made of, so that it is found again. */
const sheetId = computed(
  () =>
    `${kind.value}/${palette.value && definition.value.of === 'palette' ? palette.value.id : paints.value.map((p) => p.id).join()}`,
)
/** A phone shows the sheet first. */
const isWide = useMediaQuery('(min-width: 768px)')
const VIEWS = [
  { id: 'sheet', text: 'The sheet' },
  { id: 'predicted', text: 'As predicted' },
  { id: 'paint', text: 'Paint it' },
  { id: 'photo', text: 'Check a photograph' },
] as const
type View = (typeof VIEWS)[number]['id']
const view = ref<View>('sheet')
const kinds = SHEETS.map((k) => ({ id: k.id, text: k.label }))
const printed = computed(() => (sheets.printed.value?.ok ? sheets.printed.value.value : undefined))
const trouble = computed(() =>
  sheets.printed.value?.ok === false ? sheets.printed.value.error.message : sheets.trouble.value,
)
const isLabel = computed(() => definition.value.isLabel === true)
</script>

<template>
  <div class="grid grow content-start gap-4 p-3 md:grid-cols-[14rem_minmax(0,1fr)] lg:grid-cols-[19rem_minmax(0,1fr)]">
    <section aria-label="What is printed" class="min-w-0 space-y-2">
      <ChoiceField v-model="kind" label="What" :choices="kinds" />
      <p class="hint">{{ definition.says }}</p>
      <PlanAndPans v-if="props.palette" :palette="props.palette" />
      <PrintPaints v-if="!props.palette" v-model:source="source" v-model:list="list" label="Made of" />
      <PrintPaints
        v-if="asksFor('partners')"
        v-model:source="partnerSource"
        v-model:list="partnerList"
        label="The partners"
      />
      <NextCard v-if="asksFor('next')" :next="next" />
      <template v-if="definition.of === 'three'">
        <ChoiceField
          v-for="i in [0, 1, 2]"
          :key="i"
          :model-value="three[i] ?? first[i]?.id"
          :label="['First paint', 'Second paint', 'Third paint'][i]!"
          :choices="threeFrom"
          @update:model-value="three = [0, 1, 2].map((n) => (n === i ? $event! : (three[n] ?? first[n]?.id ?? '')))"
        />
      </template>
      <details :open="isWide">
        <summary class="md:hidden">How it is made</summary>
        <PrintAsked v-model="asked" class="pt-1" />
        <p v-if="codeTrouble" class="hint" role="status">{{ codeTrouble }}</p>
      </details>
    </section>
    <section aria-label="The sheets" class="min-w-0">
      <ChoiceGroup label="Look at" class="mb-2 flex flex-wrap gap-1">
        <button
          v-for="v in VIEWS.filter((v) => v.id === 'sheet' || !isLabel)"
          :key="v.id"
          class="choice"
          :aria-pressed="view === v.id"
          @click="view = v.id"
        >
          {{ v.text }}
        </button>
      </ChoiceGroup>
      <Refusal v-if="trouble && !(asksFor('next') && !next.card.value)" :says="trouble" />
      <p v-else-if="!printed" class="hint">Laying out the sheets …</p>
      <template v-else>
        <PrintSheets
          v-if="view === 'sheet' || isLabel"
          :sheets="sheets"
          :printed="printed"
          :today="today"
          :kind="kind"
          :paints="paints"
        />
        <PredictedSheets v-else-if="view === 'predicted'" :sheets="sheets" />
        <PaintingGuide
          v-else-if="view === 'paint'"
          :key="sheetId"
          :sheets="sheets"
          :printed="printed"
          :sheet-id="sheetId"
        />
        <PhotoCheck v-else :key="`${sheetId}-photo`" :sheets="sheets" :printed="printed" :kind="kind" />
      </template>
    </section>
  </div>
</template>
