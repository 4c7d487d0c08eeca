<script setup lang="ts">
import { parsePigmentCodes, questionCodes } from '@juxtachrome/core/pigments'
import { REMARKS, SUPPLIES, ITEM_KINDS } from '@juxtachrome/core/documents'
import { parseLine, samePaint, USUAL_MILLILITRES, writePrice, readPrice, type PaintRow } from '@juxtachrome/core/paints'
import { computed, onMounted, reactive, ref, watch } from 'vue'
import { usePaintCommands } from '~/commands/paints'
import { useCollection } from '~/stores/collection'

const emit = defineEmits<{ added: [paintId: string] }>()
const collection = useCollection()
const commands = usePaintCommands()
const line = ref('')
const lineField = ref<HTMLInputElement>()
onMounted(() => lineField.value?.focus())
const error = ref('')
/** The field that the collection refused. */
const refused = ref<string>()
const parts = reactive({
  name: '',
  maker: '',
  codes: '',
  formula: '',
  series: '',
  kind: 'tube',
  millilitres: '',
  count: '1',
  supply: 'open',
  remarks: [] as string[],
  price: '',
})
const unread = ref<string[]>([])

watch(line, () => {
  const read = parseLine(line.value, collection.makers)
  Object.assign(parts, {
    name: read.name,
    maker: read.maker,
    codes: read.pigments.join(', '),
    formula: read.formula ?? '',
    series: read.series ?? '',
    kind: read.kind,
    millilitres: read.millilitres === undefined ? '' : String(read.millilitres),
    count: String(read.count),
    supply: read.supply,
    remarks: read.remarks,
    price: read.price ? writePrice(read.price) : '',
  })
  unread.value = read.unread
  error.value = ''
})
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

function problem(): string {
  if (!parts.name.trim()) return 'A name is needed.'
  if (parts.name.length > 120 || parts.maker.length > 120) return 'A name or maker has at most 120 characters.'
  if (codes.value.unread[0]) return codes.value.unread[0].message
  if (
    parts.millilitres &&
    !(Number(parts.millilitres.replace(',', '.')) >= 0 && Number(parts.millilitres.replace(',', '.')) <= 5000)
  )
    return 'The size is a number of ml, from 0 to 5000.'
  if (!/^[1-9]\d?$/.test(parts.count)) return 'How many: a number from 1 to 99.'
  if (parts.price && !readPrice(parts.price)) return 'The price is an amount such as 8.90 EUR.'
  return ''
}

function add() {
  error.value = problem()
  refused.value = undefined
  if (error.value) return
  const millilitres = parts.millilitres ? Number(parts.millilitres.replace(',', '.')) : undefined
  const row: PaintRow = {
    name: parts.name.trim(),
    maker: parts.maker.trim(),
    pigments: codes.value.codes.map((c) => c.code),
    kind: parts.kind as PaintRow['kind'],
    count: Number(parts.count),
    supply: parts.supply as PaintRow['supply'],
    remarks: parts.remarks as PaintRow['remarks'],
    millilitres: millilitres ?? USUAL_MILLILITRES[parts.kind as PaintRow['kind']],
    ...(parts.formula.trim() ? { formula: parts.formula.trim() } : {}),
    ...(parts.series.trim() ? { series: parts.series.trim() } : {}),
    ...(parts.price ? { price: readPrice(parts.price) } : {}),
  }
  const present = known.value?.id
  const taken = commands.addRows([row], present ? `added a ${row.kind} of ${row.name}` : `added ${row.name}`)
  if (!taken.ok) {
    error.value = taken.error.message
    refused.value = taken.error.field
    return
  }
  const [id] = taken.value
  line.value = ''
  emit('added', id ?? present ?? '')
}
</script>

<template>
  <form class="space-y-2" @submit.prevent="add">
    <label class="block text-sm font-medium"
      >Type it as it stands on the tube
      <input
        v-model="line"
        class="input mt-0.5"
        ref="lineField"
        placeholder="French ultramarine PB29 15 ml, series 2, Halvard &amp; Roe"
        maxlength="500"
      />
    </label>
    <template v-if="line.trim()">
      <div class="grid grid-cols-2 gap-2 sm:grid-cols-4">
        <label
          v-for="[key, label] in FIELDS"
          :key="key"
          class="min-w-0 text-sm"
          :class="key === 'name' || key === 'maker' ? 'col-span-2' : ''"
          >{{ label }}<input v-model="parts[key]" class="input" :aria-invalid="refused === key || undefined"
        /></label>
        <label class="text-sm"
          >Kind<select v-model="parts.kind" class="input">
            <option v-for="k in ITEM_KINDS" :key="k">{{ k }}</option>
          </select></label
        >
        <label class="text-sm"
          >Supply<select v-model="parts.supply" class="input">
            <option v-for="s in SUPPLIES" :key="s">{{ s }}</option>
          </select></label
        >
      </div>
      <fieldset class="flex flex-wrap gap-x-4 gap-y-1 text-sm">
        <legend class="sr-only">Remarks</legend>
        <label v-for="r in REMARKS" :key="r" class="flex items-center gap-1.5 py-0.5"
          ><input v-model="parts.remarks" type="checkbox" :value="r" class="size-4.5" />{{ r }}</label
        >
      </fieldset>
      <p v-for="q in questions" :key="q.message" class="doubt" role="status">
        {{ q.message }}
      </p>
      <p v-if="unread.length" class="doubt">Found no meaning in: {{ unread.join('; ') }}</p>
      <p v-if="known && otherCodes" class="doubt" role="status">
        You own a paint of this name with other codes ({{ otherCodes }}). If it was reformulated, give a formula version
        to keep the two apart; otherwise another {{ parts.kind }} of it is added.
      </p>
      <p v-else-if="known" class="hint">You own this paint already: another {{ parts.kind }} of it is added.</p>
    </template>
    <p v-if="error" class="refusal" role="alert">{{ error }}</p>
    <div class="flex flex-wrap gap-2">
      <button class="btn btn-primary" :disabled="!line.trim()">Add to the collection</button><slot />
    </div>
  </form>
</template>
