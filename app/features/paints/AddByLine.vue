<script setup lang="ts">
import { priceInWords } from '~/shared/words/moneyWords'
import { dayInWords } from '~/shared/words/days'
import { parsePigmentCodes, questionCodes } from '@juxtachrome/core/pigments'
import { ITEM_KINDS, REMARKS, SUPPLIES, WORD_FIELDS, wordOf } from '@juxtachrome/core/documents'
import { rowOfLine, parseLine, readMoney, samePaint, USUAL_MILLILITRES, type PaintRow } from '@juxtachrome/core/paints'
import { computed, nextTick, onMounted, reactive, ref, watch } from 'vue'
import { usePaintCommands } from './commands'
import { asSentence } from '~/shared/words/asSentence'
import { numberIn } from '~/shared/words/numberIn'
import { rowProblem } from './rowProblem'
import { useCollection } from '~/stores/collection'
import { useSettings } from '~/stores/settings'
import { useUnsaved } from '~/stores/unsaved'
import Refusal from '~/shared/ui/Refusal.vue'

/** One paint as it is typed; several lines at once are handed on. */
const emit = defineEmits<{ added: [paintId: string]; many: [text: string] }>()
const collection = useCollection()
const commands = usePaintCommands()
const settings = useSettings()
const line = ref('')
const lineField = ref<HTMLInputElement>()
onMounted(() => lineField.value?.focus())
const error = ref('')
/** What was added last, said beside the button: notices would pile up over the list while one types on. */
const done = ref('')
useUnsaved().watchOver('the line you typed', () => line.value.trim() !== '')
/** The field that the collection refused. */
const refused = ref<string>()

const EMPTY = {
  name: '',
  maker: '',
  codes: '',
  formula: '',
  series: '',
  kind: 'tube' as PaintRow['kind'],
  millilitres: '',
  count: '1',
  supply: 'open' as PaintRow['supply'],
  remarks: [] as PaintRow['remarks'],
  price: '',
}
type Part = keyof typeof EMPTY
const parts = reactive({ ...EMPTY })
/** Corrected by hand: the line no longer says what stands there. */
const corrected = reactive(new Set<Part>())

const read = computed(() => parseLine(line.value, collection.makers, settings.money))
watch(read, (now) => {
  const said: typeof EMPTY = {
    name: now.name,
    maker: now.maker,
    codes: now.pigments.join(', '),
    formula: now.formula ?? '',
    series: now.series ?? '',
    kind: now.kind,
    millilitres: now.millilitres === undefined ? '' : String(now.millilitres),
    count: String(now.count),
    supply: now.supply,
    remarks: [...now.remarks],
    price: now.price ? priceInWords(now.price) : '',
  }
  for (const key of Object.keys(said) as Part[]) if (!corrected.has(key)) Object.assign(parts, { [key]: said[key] })
  error.value = ''
})
/** What was read beyond the fields that stand here. */
const alsoSaid = computed(() => [
  ...WORD_FIELDS.map((field) => wordOf(field, read.value[field.key])).filter(Boolean),
  ...(read.value.bought ? [`bought ${dayInWords(read.value.bought)}`] : []),
])
const askedMaker = computed(() => (parts.maker ? undefined : read.value.maybeMaker))
const leftOver = computed(() => {
  const { maybeMaker, unread } = read.value
  const isMaker = maybeMaker && maybeMaker === parts.maker
  return maybeMaker && !isMaker ? [maybeMaker, ...unread] : unread
})
function takeMaker() {
  parts.maker = askedMaker.value ?? ''
  corrected.add('maker')
  void nextTick(() => lineField.value?.focus())
}

const codes = computed(() => parsePigmentCodes(parts.codes))
const questions = computed(() => (parts.name ? questionCodes(parts.name, codes.value.codes) : []))
const known = computed(() => samePaint(collection.paints, { ...parts, formula: parts.formula || undefined }))
const otherCodes = computed(() => {
  const [own, typed] = [known.value?.pigments.join(', ') ?? '', codes.value.codes.map((c) => c.code).join(', ')]
  return own && typed && own !== typed ? own : ''
})
const FIELDS = [
  ['name', 'Name'],
  ['maker', 'Maker'],
  ['codes', 'Pigment codes'],
  ['formula', 'Formula version'],
  ['series', 'Series'],
  ['millilitres', 'Size, ml'],
  ['count', 'How many'],
  ['price', 'Price'],
] as const
const assumedSize = computed(() => `not said: ${USUAL_MILLILITRES[parts.kind]} assumed`)

const price = computed(() => (parts.price ? readMoney(parts.price, settings.money) : undefined))

function problem(): string {
  if (parts.name.length > 120 || parts.maker.length > 120) return 'A name or maker has at most 120 characters.'
  return rowProblem(parts) || (price.value?.ok === false ? price.value.error.message : '')
}

const rowOf = (): PaintRow => ({
  ...rowOfLine(read.value),
  name: parts.name.trim(),
  maker: parts.maker.trim(),
  pigments: codes.value.codes.map((c) => c.code),
  kind: parts.kind,
  count: Number(parts.count),
  supply: parts.supply,
  remarks: [...parts.remarks],
  millilitres: parts.millilitres ? numberIn(parts.millilitres) : undefined,
  formula: parts.formula.trim() || undefined,
  series: parts.series.trim() || undefined,
  price: price.value?.ok ? price.value.value.price : undefined,
  itemNote: leftOver.value.join('; ') || undefined,
})

function add() {
  error.value = problem()
  refused.value = undefined
  if (error.value) return
  const row = rowOf()
  const present = known.value?.id
  const label = present ? `added a ${row.kind} of ${row.name}` : `added ${row.name}`
  const taken = commands.addRows([row], label)
  if (!taken.ok) {
    error.value = taken.error.message
    refused.value = taken.error.field
    return
  }
  corrected.clear()
  line.value = ''
  done.value = asSentence(label)
  lineField.value?.focus()
  emit('added', taken.value[0] ?? present ?? '')
}

function paste(event: ClipboardEvent) {
  const text = event.clipboardData?.getData('text/plain') ?? ''
  if (!/\S[\r\n]+\s*\S/.test(text)) return
  event.preventDefault()
  line.value = ''
  emit('many', text)
}
</script>

<template>
  <form class="space-y-2" @submit.prevent="add">
    <label class="block text-sm font-medium"
      >Type it as it stands on the tube
      <input
        ref="lineField"
        v-model="line"
        class="input mt-0.5"
        placeholder="French ultramarine PB29 15 ml, series 2, Halvard &amp; Roe"
        maxlength="500"
        @paste="paste"
      />
    </label>
    <template v-if="line.trim() || corrected.size">
      <div
        class="grid grid-cols-2 gap-2 sm:grid-cols-4"
        @input="corrected.add(($event.target as HTMLInputElement).name as Part)"
      >
        <label
          v-for="[key, label] in FIELDS"
          :key="key"
          class="min-w-0 text-sm"
          :class="key === 'name' || key === 'maker' ? 'col-span-2' : ''"
          >{{ label
          }}<input
            v-model="parts[key]"
            :name="key"
            class="input"
            :list="key === 'maker' ? 'known-makers' : undefined"
            :placeholder="key === 'millilitres' ? assumedSize : undefined"
            :aria-invalid="refused === key || undefined"
        /></label>
        <datalist id="known-makers"><option v-for="m in collection.makers" :key="m" :value="m" /></datalist>
        <label class="text-sm"
          >Kind<select v-model="parts.kind" name="kind" class="input">
            <option v-for="k in ITEM_KINDS" :key="k">{{ k }}</option>
          </select></label
        >
        <label class="text-sm"
          >Supply<select v-model="parts.supply" name="supply" class="input">
            <option v-for="s in SUPPLIES" :key="s">{{ s }}</option>
          </select></label
        >
      </div>
      <fieldset class="flex flex-wrap gap-x-4 gap-y-1 text-sm" @change="corrected.add('remarks')">
        <legend class="sr-only">Remarks</legend>
        <label v-for="r in REMARKS" :key="r" class="check py-0.5"
          ><input v-model="parts.remarks" type="checkbox" :value="r" />{{ r }}</label
        >
      </fieldset>
      <p v-if="askedMaker" class="doubt flex flex-wrap items-center gap-2" role="status">
        Is “{{ askedMaker }}” the maker? It is not known here yet.
        <button type="button" class="btn" @click="takeMaker">Yes, the maker</button>
      </p>
      <p v-if="alsoSaid.length" class="hint text-sm">Also read: {{ alsoSaid.join(', ') }}.</p>
      <p v-for="q in [...questions.map((x) => x.message), ...read.doubts]" :key="q" class="doubt" role="status">
        {{ q }}
      </p>
      <p v-if="leftOver.length" class="doubt" role="status">
        Left over, and kept in the note of the {{ parts.kind }}: {{ leftOver.join('; ') }}
      </p>
      <p v-if="known && otherCodes" class="doubt" role="status">
        You own a paint of this name with other codes ({{ otherCodes }}). If it was reformulated, give a formula version
        to keep the two apart; otherwise another {{ parts.kind }} of it is added.
      </p>
      <p v-else-if="known" class="hint">You own this paint already: another {{ parts.kind }} of it is added.</p>
    </template>
    <Refusal v-if="error" :says="error" />
    <div class="flex flex-wrap gap-2">
      <button class="btn btn-primary" :disabled="!line.trim()">Add to the collection</button><slot /><span
        v-if="done"
        class="hint self-center"
        role="status"
        >{{ done }}</span
      >
    </div>
  </form>
</template>
