<script setup lang="ts">
import { dayInWords } from '~/shared/words/days'
import { variantAsked } from '@juxtachrome/core/pigments'
import { ITEM_KINDS, REMARKS, SUPPLIES, WORD_FIELDS, wordOf } from '@juxtachrome/core/documents'
import { alikeAmong, rowOfLine, parseLine, samePaint, USUAL_MILLILITRES, type PaintRow } from '@juxtachrome/core/paints'
import { computed, nextTick, onMounted, reactive, ref, watch } from 'vue'
import { usePaintCommands } from './commands'
import { asSentence } from '~/shared/words/asSentence'
import { correctedRow, questionsOf, ROW_FIELDS, textOf, withVariant, type RowField } from './correctedRow'
import { inTradeSpelling, spellingInWords } from './words'
import { useCollection } from '~/stores/collection'
import { useSettings } from '~/stores/settings'
import { useUnsaved } from '~/stores/unsaved'
import VariantAsk from '~/shared/swatch/VariantAsk.vue'
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

const read = computed(() => parseLine(line.value, collection.makers, settings.money))
/** Corrected by hand: the line no longer says what stands there. */
const typed = reactive<Partial<Record<RowField, string>>>({})
const chosen = reactive<Partial<Pick<PaintRow, 'kind' | 'supply' | 'remarks'>>>({})
const variants = reactive<Record<string, string>>({})
const isCorrected = computed(() => Object.keys(typed).length + Object.keys(chosen).length > 0)
const checked = computed(() => {
  const own = { ...rowOfLine(read.value), ...chosen }
  return correctedRow({ ...own, itemNote: leftOver.value.join('; ') || undefined }, typed, settings.money)
})
const row = computed(() => checked.value.row)
watch(read, () => (error.value = ''))
/** What was read beyond the fields that stand here. */
const alsoSaid = computed(() => [
  ...WORD_FIELDS.map((field) => wordOf(field, read.value[field.key])).filter(Boolean),
  ...(read.value.bought ? [`bought ${dayInWords(read.value.bought)}`] : []),
])
const maker = computed(() => typed.maker ?? read.value.maker)
const askedMaker = computed(() => (maker.value ? undefined : read.value.maybeMaker))
const leftOver = computed(() => {
  const { maybeMaker, unread } = read.value
  const isMaker = maybeMaker && maybeMaker === maker.value
  return maybeMaker && !isMaker ? [maybeMaker, ...unread] : unread
})
function takeMaker() {
  typed.maker = askedMaker.value ?? ''
  void nextTick(() => lineField.value?.focus())
}
/** Words that were read for others, unless the name was typed anew. */
const spelling = computed(() => (typed.name === undefined ? (read.value.spelling ?? []) : []))
function takeSpelling() {
  typed.name = inTradeSpelling(read.value.name, spelling.value)
  void nextTick(() => lineField.value?.focus())
}
/** The code of which the colour is not said yet. */
const asked = computed(() => variantAsked(row.value))
/** The row with what was tapped. */
const answered = computed(() => withVariant(row.value, asked.value && variants[asked.value.code]))
const questions = computed(() => questionsOf(row.value))
const known = computed(() => samePaint(collection.paints, row.value))
/** A paint that is owned and may be this one, though its name or maker is written otherwise: asked, not assumed. */
const among = computed(() => alikeAmong(collection.paints))
const alike = computed(() => (known.value ? undefined : among.value(row.value)))
function takeAlike() {
  const { name, maker: by } = alike.value!
  Object.assign(typed, { name, maker: by })
  void nextTick(() => lineField.value?.focus())
}
const otherCodes = computed(() => {
  const [own, now] = [known.value?.pigments.join(', ') ?? '', row.value.pigments.join(', ')]
  return own && now && own !== now ? own : ''
})
const LABELS: Record<RowField, string> = {
  name: 'Name',
  maker: 'Maker',
  codes: 'Pigment codes',
  formula: 'Formula version',
  series: 'Series',
  millilitres: 'Size, ml',
  count: 'How many',
  price: 'Price',
  left: 'What is left',
}
const PLACEHOLDERS = computed<Partial<Record<RowField, string>>>(() => ({
  millilitres: `not said: ${USUAL_MILLILITRES[row.value.kind]} assumed`,
  left: 'full, half, 1/3, 4 ml',
}))

function add() {
  error.value = checked.value.problem
  refused.value = undefined
  if (error.value) return
  const now = answered.value
  const present = known.value?.id
  const label = present ? `added a ${now.kind} of ${now.name}` : `added ${now.name}`
  const taken = commands.addRows([now], label)
  if (!taken.ok) {
    error.value = taken.error.message
    refused.value = taken.error.field
    return
  }
  done.value = asSentence(label)
  begin()
  emit('added', taken.value[0] ?? present ?? '')
}

/** Not owned yet: the paint without a tube, on the list of what to buy. */
function wish() {
  error.value = checked.value.problem
  if (error.value) return
  const taken = commands.addWish(answered.value)
  if (!taken.ok) {
    error.value = taken.error.message
    return
  }
  done.value = asSentence(`wished for ${row.value.name}`)
  begin()
  emit('added', taken.value)
}
/** Ready for the next line. */
function begin() {
  for (const map of [typed, chosen, variants]) for (const key of Object.keys(map)) Reflect.deleteProperty(map, key)
  line.value = ''
  lineField.value?.focus()
}

function paste(event: ClipboardEvent) {
  const text = event.clipboardData?.getData('text/plain') ?? ''
  if (!/\S[\r\n]+\s*\S/.test(text)) return
  event.preventDefault()
  line.value = ''
  emit('many', text)
}
function remark(event: Event) {
  const { value, checked: isOn } = event.target as HTMLInputElement
  chosen.remarks = REMARKS.filter((r) => (r === value ? isOn : row.value.remarks.includes(r)))
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
    <template v-if="line.trim() || isCorrected">
      <div class="grid grid-cols-2 gap-2 sm:grid-cols-4">
        <label
          v-for="key in ROW_FIELDS"
          :key="key"
          class="min-w-0 text-sm"
          :class="key === 'name' || key === 'maker' ? 'col-span-2' : ''"
          >{{ LABELS[key]
          }}<input
            :value="textOf(rowOfLine(read), key, typed)"
            :name="key"
            class="input"
            :list="key === 'maker' ? 'known-makers' : undefined"
            :placeholder="PLACEHOLDERS[key]"
            :aria-invalid="refused === key || undefined"
            @input="typed[key] = ($event.target as HTMLInputElement).value"
        /></label>
        <datalist id="known-makers"><option v-for="m in collection.makers" :key="m" :value="m" /></datalist>
        <label class="text-sm"
          >Kind<select
            class="input"
            name="kind"
            :value="row.kind"
            @change="chosen.kind = ($event.target as HTMLSelectElement).value as PaintRow['kind']"
          >
            <option v-for="k in ITEM_KINDS" :key="k">{{ k }}</option>
          </select></label
        >
        <label class="text-sm"
          >Supply<select
            class="input"
            name="supply"
            :value="row.supply"
            @change="chosen.supply = ($event.target as HTMLSelectElement).value as PaintRow['supply']"
          >
            <option v-for="s in SUPPLIES" :key="s">{{ s }}</option>
          </select></label
        >
      </div>
      <fieldset class="flex flex-wrap gap-x-4 gap-y-1 text-sm" @change="remark">
        <legend class="sr-only">Remarks</legend>
        <label v-for="r in REMARKS" :key="r" class="check py-0.5"
          ><input type="checkbox" :checked="row.remarks.includes(r)" :value="r" />{{ r }}</label
        >
      </fieldset>
      <p v-if="askedMaker" class="doubt flex flex-wrap items-center gap-2" role="status">
        Is “{{ askedMaker }}” the maker? It is not known here yet.
        <button type="button" class="btn" @click="takeMaker">Yes, the maker</button>
      </p>
      <p v-if="spelling.length" class="doubt flex flex-wrap items-center gap-2" role="status">
        {{ spellingInWords(spelling) }}
        <button type="button" class="btn" @click="takeSpelling">
          Write {{ inTradeSpelling(read.name, spelling) }}
        </button>
      </p>
      <div v-if="asked" class="doubt" role="group" :aria-label="`Which ${asked.code}`">
        <p class="mb-1">{{ asked.code }} is sold as several colours. Which is this one?</p>
        <VariantAsk
          :code="asked.code"
          :proposed="asked.proposed"
          :chosen="variants[asked.code]"
          @choose="variants[asked.code] = $event"
        />
      </div>
      <p v-if="alsoSaid.length" class="hint text-sm">Also read: {{ alsoSaid.join(', ') }}.</p>
      <p v-for="q in [...questions, ...read.doubts]" :key="q" class="doubt" role="status">
        {{ q }}
      </p>
      <p v-if="leftOver.length" class="doubt" role="status">
        Left over, and kept in the note of the {{ row.kind }}: {{ leftOver.join('; ') }}
      </p>
      <p v-if="alike" class="doubt flex flex-wrap items-center gap-2" role="status">
        You own {{ [alike.name, alike.maker].filter(Boolean).join(' of ') }}. Is this the same paint?
        <button type="button" class="btn" @click="takeAlike">Yes, another {{ row.kind }} of it</button>
      </p>
      <p v-if="known && otherCodes" class="doubt" role="status">
        You own a paint of this name with other codes ({{ otherCodes }}). If it was reformulated, give a formula version
        to keep the two apart; otherwise another {{ row.kind }} of it is added.
      </p>
      <p v-else-if="known" class="hint">You own this paint already: another {{ row.kind }} of it is added.</p>
    </template>
    <Refusal v-if="error" :says="error" />
    <div class="flex flex-wrap gap-2">
      <button class="btn btn-primary" :disabled="!line.trim()">Add to the collection</button>
      <button v-if="line.trim()" type="button" class="btn" @click="wish">I wish for it</button><slot /><span
        v-if="done"
        class="hint self-center"
        role="status"
        >{{ done }}</span
      >
    </div>
  </form>
</template>
