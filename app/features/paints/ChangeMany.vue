<script setup lang="ts">
import { MEDIA, REMARKS, SUPPLIES } from '@juxtachrome/core/documents'
import { changeMany, makersOf, type ManyChange } from '@juxtachrome/core/paints'
import { counted } from '@juxtachrome/core/units'
import { computed, ref, watch } from 'vue'
import { usePaintCommands } from './commands'
import { manyInWords } from './words'
import { useCollection } from '~/stores/collection'
import ChoiceField from '~/shared/ui/ChoiceField.vue'

/** One thing said of all chosen paints, in one step: their maker, medium, mark, or where their tubes lie and how they are. */
const props = defineProps<{ chosen: readonly string[] }>()
const emit = defineEmits<{ all: []; none: []; leave: [] }>()
const collection = useCollection()
const commands = usePaintCommands()
const KINDS = [
  { id: 'mark', text: 'a mark' },
  { id: 'unmark', text: 'no longer the mark' },
  { id: 'place', text: 'where they lie' },
  { id: 'maker', text: 'the maker' },
  { id: 'medium', text: 'the medium' },
  { id: 'supply', text: 'the supply of their tubes' },
  { id: 'remark', text: 'what else is true of them' },
]
const WORDS: Partial<Record<string, readonly string[]>> = { medium: MEDIA, supply: SUPPLIES, remark: REMARKS }
const kind = ref<string>('mark')
const value = ref('')
const done = ref('')
const trouble = ref('')
watch(kind, (now) => {
  value.value = WORDS[now]?.[0] ?? ''
  trouble.value = ''
})
const paints = computed(() => props.chosen.flatMap((id) => collection.paint(id) ?? []))
const known = computed(() => {
  if (kind.value === 'maker') return makersOf(collection.paints)
  const list =
    kind.value === 'place' ? collection.items.map((i) => i.place) : collection.paints.flatMap((p) => p.marks ?? [])
  return [...new Set(list.flatMap((t) => t ?? []))].sort()
})
function apply() {
  done.value = ''
  trouble.value = ''
  const text = value.value.trim()
  if (!paints.value.length) return (trouble.value = 'Choose some paints first.')
  if (!text && kind.value !== 'place') return (trouble.value = 'Say what it is to be.')
  const change = { kind: kind.value, [kind.value === 'unmark' ? 'mark' : kind.value]: text } as ManyChange
  const diff = changeMany(paints.value, collection.itemsOf, change)
  if (!diff.length) return (trouble.value = 'It is so already.')
  const label = manyInWords(change, paints.value.length)
  const kept = commands.changeMany(label, diff)
  if (kept.ok) done.value = `${counted(diff.length, 'record')} changed.`
  else trouble.value = kept.error.message
}
</script>

<template>
  <form
    class="panel mt-2 flex flex-wrap items-end gap-2 p-2 text-sm"
    aria-label="Change the chosen paints"
    @submit.prevent="apply"
  >
    <p class="w-full" role="status">
      <strong class="font-semibold">{{ counted(paints.length, 'paint') }}</strong> chosen.
      <button type="button" class="link" @click="emit('all')">Choose all that are shown</button> ·
      <button type="button" class="link" @click="emit('none')">Choose none</button> ·
      <button type="button" class="link" @click="emit('leave')">Done choosing</button>
    </p>
    <ChoiceField v-model="kind" label="Set" :choices="KINDS" />
    <ChoiceField v-if="WORDS[kind]" v-model="value" label="To" :choices="WORDS[kind]!" />
    <label v-else class="block"
      >{{ kind === 'place' ? 'Drawer, bag, tin' : kind === 'maker' ? 'Maker' : 'Mark'
      }}<input
        v-model="value"
        class="input"
        :maxlength="kind === 'maker' ? 120 : kind === 'place' ? 80 : 40"
        list="many-known" />
      <datalist id="many-known"><option v-for="k in known" :key="k" :value="k" /></datalist
    ></label>
    <button class="btn btn-primary">Set it for all</button>
    <span v-if="trouble" class="text-trouble" role="alert">{{ trouble }}</span>
    <span v-else-if="done" class="hint" role="status">{{ done }}</span>
  </form>
</template>
