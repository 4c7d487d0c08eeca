<script setup lang="ts">
import { colourDifference, differenceInWords, parseColour, toScreen } from '@juxtachrome/core/colour'
import { coloursOfCode, variantInName, variantKey, variantNow } from '@juxtachrome/core/pigments'
import { labOfSwatch, problemOfSwatchPair, strengthNumber, strengthOf } from '@juxtachrome/core/film'
import { SWATCH_KINDS, type Paint, type Swatch, type SwatchKind } from '@juxtachrome/core/documents'
import { strengthInWords } from '@juxtachrome/core/mixing'
import { meanReading, simulatedReader, viewOfPaint, type Reading } from '@juxtachrome/core/paints'
import { counted } from '@juxtachrome/core/units'
import { computed, reactive, ref, watch } from 'vue'
import { useSwatchCommands } from './commands'
import { opticsOf } from '~/shared/swatch/opticsOf'
import { offInWords, swatchText, toSwatch } from '~/shared/swatch/swatchText'
import { useToday } from '~/shared/ui/useToday'
import { useStrengths } from '~/shared/swatch/useStrengths'
import FurtherWashes from './FurtherWashes.vue'
import VariantAsk from '~/shared/swatch/VariantAsk.vue'
import SwatchField from '~/shared/swatch/SwatchField.vue'
import { figure } from '~/shared/words/figures'

/** Every swatch of a paint: masstone, wash, over black, lifted, from the window. */
const props = defineProps<{ paint: Paint }>()
const commands = useSwatchCommands()
const strengths = useStrengths()
const today = useToday()
const LABELS: Record<SwatchKind, string> = {
  masstone: 'Masstone',
  wash: 'Wash, 1:6',
  tint: 'Tint, 1 in 10 of white',
  overBlack: 'Over a black line',
  lifted: 'After lifting',
  window: 'After a window test',
}
const open = ref<SwatchKind>()
const typed = ref('')
const trouble = ref('')
const readings = ref<Reading[]>([])
watch(
  () => props.paint.id,
  () => {
    open.value = undefined
  },
)
const optics = computed(() => opticsOf(props.paint))
const rows = computed(() =>
  SWATCH_KINDS.map((kind) => {
    const swatch = props.paint[kind]
    return { kind, swatch, hex: swatch ? toScreen(labOfSwatch(swatch)!).hex : undefined, says: says(kind, swatch) }
  }),
)
const strength = computed(() => strengths.value.get(props.paint.id))
/** What a part of it does against the weakest of the trade, as a number. */
const tints = computed(() => {
  if (!optics.value.ok || viewOfPaint(props.paint).family === 'white') return ''
  const { K, perPart = 1 } = optics.value.value
  const number = strengthNumber(strengthOf(K) * perPart * (strength.value?.factor ?? 1))
  const from = strength.value?.tested ? 'by its tint test' : 'as its pigments let expect'
  return `${figure(number, number < 3 ? 1 : 0)} (viridian is 1, phthalo blue some 30), ${from}`
})
const variants = computed(() =>
  props.paint.pigments
    .filter((code) => coloursOfCode(code).length > 1)
    .map((code) => {
      const named = variantInName(code, props.paint.name)
      const own = props.paint.variants?.[code]
      const said = own ? variantNow(code, own) : named?.said && variantKey(named.said)
      return { code, said, proposed: said ? undefined : named?.proposed }
    }),
)
const taken = computed(() => (optics.value.ok ? optics.value.value.pigments : []))
/** The colour of a code that its swatch is nearest to; nothing where there is no swatch. */
const nearestIs = (code: string) =>
  props.paint.masstone || props.paint.wash ? taken.value.find((t) => t.startsWith(`${code} `)) : undefined

function says(kind: SwatchKind, swatch: Swatch | undefined): string {
  if (!swatch)
    return kind === 'masstone' && viewOfPaint(props.paint).assumed ? 'assumed from the pigment code' : 'not recorded'
  const from = {
    reader: 'colour reader',
    spectrum: 'measured spectrum',
    photo: 'photograph',
    typed: 'typed',
    picked: 'picked on screen',
    memory: 'from memory',
  }[swatch.source]
  const residual =
    optics.value.ok && (kind === 'masstone' || kind === 'wash') ? optics.value.value.residual[kind] : undefined
  const against = kind === 'lifted' || kind === 'window' ? comparedWith(kind, swatch) : ''
  return [
    swatch.simulated ? 'simulated, no measurement' : from,
    swatch.sd ? `± ${figure(swatch.sd, 1)}` : '',
    residual === undefined ? '' : offInWords(residual),
    against,
  ]
    .filter(Boolean)
    .join('; ')
}
function comparedWith(kind: SwatchKind, swatch: Swatch): string {
  const before = labOfSwatch(kind === 'window' ? (props.paint.masstone ?? props.paint.wash) : props.paint.wash)
  if (!before) return ''
  const d = colourDifference(labOfSwatch(swatch)!, before)
  return kind === 'window' ? `changed: ${differenceInWords(d)}, ${figure(d, 1)}` : `from the wash: ${figure(d, 1)}`
}
function begin(kind: SwatchKind) {
  open.value = open.value === kind ? undefined : kind
  typed.value = swatchText(props.paint[kind])
  trouble.value = ''
  readings.value = []
}
function save(kind: SwatchKind) {
  const text = typed.value.trim()
  const colour = text ? parseColour(text) : undefined
  trouble.value = colour && !colour.ok ? colour.error.message : ''
  if (trouble.value) return
  record(kind, toSwatch(text, props.paint[kind]))
}
function record(kind: SwatchKind, swatch: Swatch | undefined) {
  const lighter = problemOf(kind, swatch)
  if (lighter) {
    trouble.value = lighter
    return
  }
  commands.recordSwatches(
    [{ paintId: props.paint.id, kind, swatch: swatch && { ...swatch, day: swatch.day ?? today.value } }],
    swatch
      ? `recorded the ${LABELS[kind].toLowerCase()} of ${props.paint.name}`
      : `took away the ${LABELS[kind].toLowerCase()} of ${props.paint.name}`,
  )
  open.value = undefined
}
const problemOf = (kind: SwatchKind, swatch: Swatch | undefined) =>
  problemOfSwatchPair(
    kind === 'masstone' ? swatch : props.paint.masstone,
    kind === 'wash' ? swatch : props.paint.wash,
  ) ?? ''
const reader = reactive({ seed: 1 })
async function readOnce(kind: SwatchKind) {
  reader.seed += 1
  const view = viewOfPaint(props.paint)
  // where only the other is recorded, what its codes let expect
  const { masstone: _m, wash: _w, ...bare } = props.paint
  const known = view[kind === 'wash' ? 'wash' : 'masstone'] ?? viewOfPaint(bare)[kind === 'wash' ? 'wash' : 'masstone']
  const reading = await simulatedReader(() => known, reader.seed).read()
  trouble.value = reading.ok ? '' : reading.error.message
  if (reading.ok) readings.value = [...readings.value, reading.value]
}
function saveReading(kind: SwatchKind) {
  const mean = meanReading(readings.value)
  trouble.value = mean.ok ? '' : mean.error.message
  if (mean.ok)
    record(kind, {
      L: mean.value.lab.L,
      a: mean.value.lab.a,
      b: mean.value.lab.b,
      source: 'reader',
      sd: mean.value.sd,
      note: 'simulated reader',
      simulated: true,
    })
}
const choose = (code: string, variant: string) => commands.chooseVariant(props.paint, code, variant)
</script>

<template>
  <section aria-label="Swatches">
    <h3 class="mt-4">Swatches</h3>
    <ul>
      <li v-for="{ kind, swatch, hex, says: words } in rows" :key="kind" class="border-t border-line py-1">
        <div class="flex items-center gap-2">
          <span
            class="h-6 w-10 shrink-0"
            :class="hex ? '' : 'border border-dashed border-edge'"
            :style="{ background: hex }"
            aria-hidden="true"
          />
          <span class="min-w-0 grow leading-tight"
            ><span class="block"
              >{{ LABELS[kind] }} <span v-if="swatch" class="hint">{{ swatchText(swatch) }}</span></span
            ><span class="hint block text-[0.8125rem]">{{ words }}</span></span
          >
          <button
            class="btn btn-quiet"
            :aria-expanded="open === kind"
            :aria-label="`${swatch ? 'Change' : 'Record'} ${LABELS[kind].toLowerCase()}`"
            @click="begin(kind)"
          >
            {{ swatch ? 'Change' : 'Record' }}
          </button>
        </div>
        <form v-if="open === kind" class="mt-1 space-y-2 pb-2" novalidate @submit.prevent="save(kind)">
          <SwatchField v-model="typed" :label="`${LABELS[kind]} as typed or picked`" :error="trouble" />
          <p v-if="kind === 'tint'" class="hint text-sm">
            One part of the paint in ten of titanium white, mixed well and laid as thick as gouache. Where its colour
            differs from what is expected, one part of the paint does more or less in every mixture.
          </p>
          <div class="flex flex-wrap gap-2">
            <button class="btn btn-primary">Save the swatch</button
            ><button
              v-if="kind === 'masstone' || kind === 'wash'"
              type="button"
              class="btn"
              data-repeats
              @click="readOnce(kind)"
            >
              Read with the simulated reader</button
            ><button type="button" class="btn btn-quiet" @click="open = undefined">Cancel</button>
          </div>
          <div v-if="readings.length" class="flex flex-wrap items-center gap-2 text-sm" role="status">
            <span
              v-for="(r, i) in readings"
              :key="i"
              class="h-6 w-8"
              :style="{ background: r.hex }"
              aria-hidden="true"
            /><span>{{ counted(readings.length, 'reading') }}, made up with the noise of an instrument</span
            ><button type="button" class="btn" @click="saveReading(kind)">Save their mean</button>
          </div>
        </form>
      </li>
    </ul>
    <FurtherWashes :paint="paint" :missed="optics.ok ? optics.value.residual.washes : undefined" />
    <p v-if="paint.masstone && !paint.wash" class="hint mt-1 text-sm">
      A wash at 1 part paint to 6 of water, by drops, tells more about mixtures than any measurement of the masstone.
    </p>
    <p v-if="tints" class="hint mt-1 text-sm">Tinting strength {{ tints }}.</p>
    <p v-if="strength" class="hint mt-1 text-sm">{{ strengthInWords(strength) }} Recipes and predictions use it.</p>
    <p v-if="optics.ok && optics.value.doubt" class="mt-1 doubt">
      {{ optics.value.doubt }}
    </p>
    <p v-else-if="!optics.ok" class="mt-1 doubt">{{ optics.error.message }}</p>
    <div v-for="v in variants" :key="v.code" class="mt-2 text-sm" :class="v.said ? '' : 'doubt'">
      <p class="mb-1">
        {{ v.code }} is sold as several colours.
        {{
          v.said
            ? 'This one is:'
            : nearestIs(v.code)
              ? `By its swatch: ${nearestIs(v.code)}. Which is it?`
              : 'Which is this one?'
        }}
      </p>
      <VariantAsk :code="v.code" :chosen="v.said" :proposed="v.proposed" @choose="choose(v.code, $event)" />
    </div>
  </section>
</template>
