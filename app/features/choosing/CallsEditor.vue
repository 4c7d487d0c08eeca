<script setup lang="ts">
import type { CallWants, GuideCall, GuideState, Palette } from '@juxtachrome/core/documents'
import { wantsOf } from '@juxtachrome/core/choosing'
import { nanoid } from 'nanoid'
import { computed, ref } from 'vue'
import { copied } from '~/shared/words/copied'
import { useGuideCommands } from './commands'
import ModalDialog from '~/shared/ui/ModalDialog.vue'
import TextField from '~/shared/ui/TextField.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** The calls of a method: order, wording, quota; what is called for follows from the words, or stays as it was. */
const props = defineProps<{ palette: Palette; guide: GuideState }>()
const emit = defineEmits<{ close: [] }>()
const commands = useGuideCommands()
interface Row extends Pick<GuideCall, 'id' | 'words' | 'wants'> {
  /** Empty while it is being typed. */
  quota: number | ''
}
const rows = ref<Row[]>(copied(props.guide.calls) as Row[])
const name = ref(props.guide.name)
const trouble = ref('')

function reword(row: Row, words: string) {
  row.words = words
  row.wants = wantsOf(words) as CallWants[]
}
function move(i: number, by: number) {
  const [row] = rows.value.splice(i, 1)
  if (row) rows.value.splice(i + by, 0, row)
}
const add = () => rows.value.push({ id: nanoid(8), words: '', quota: 1, wants: [] })
const total = computed(() => rows.value.reduce((sum, r) => sum + (Number(r.quota) || 0), 0))
/** What a call asks for, as it was understood. */
function understood({ wants }: Row): string {
  if (wants.length === 0) return 'any paint'
  return wants
    .map((w) =>
      [
        w.depth,
        w.temperature,
        w.families?.join(' or '),
        w.toward && `leaning ${w.toward}`,
        w.hue && `between ${Math.round(w.hue.from)}° and ${Math.round(w.hue.to)}°`,
        w.single && 'of one pigment',
      ]
        .filter(Boolean)
        .join(' '),
    )
    .join(', or ')
}
function checked(): GuideCall[] | undefined {
  const calls = rows.value.map((r) => ({ ...r, words: r.words.trim(), quota: Number(r.quota) }))
  const bad = calls.find(
    (c) => !c.words || c.words.length > 120 || !(Number.isInteger(c.quota) && c.quota >= 1 && c.quota <= 60),
  )
  trouble.value = bad
    ? !bad.words
      ? 'Every call needs words.'
      : bad.words.length > 120
        ? 'A call has at most 120 letters.'
        : `“${bad.words}” calls for 1 to 60 paints.`
    : ''
  return bad ? undefined : calls
}
function keep() {
  const calls = checked()
  if (!calls) return
  commands.setCalls(props.palette.id, calls)
  emit('close')
}
function saveAs() {
  const calls = checked()
  const called = name.value.trim()
  if (!calls) return
  if (!called || called.length > 120) return void (trouble.value = 'A guide needs a name of up to 120 letters.')
  commands.save(called, calls)
  commands.setCalls(props.palette.id, calls)
  emit('close')
}
</script>

<template>
  <ModalDialog open wide title="The calls of the method" @close="emit('close')">
    <p class="hint mb-2">
      What a call asks for is read from its words: “cool yellow”, “blue leaning green”, “2 earths” are understood;
      anything else is answered by any paint. Words that come with a way keep their meaning until they are changed.
    </p>
    <ol class="space-y-1">
      <li v-for="(row, i) in rows" :key="row.id" class="grid grid-cols-[1fr_4.5rem_auto] items-center gap-2">
        <div>
          <input
            class="input"
            :value="row.words"
            :aria-label="`Words of call ${i + 1}`"
            @input="reword(row, ($event.target as HTMLInputElement).value)"
          />
          <span class="hint text-[0.8125rem]">{{ understood(row) }}</span>
        </div>
        <input
          v-model.number="row.quota"
          type="number"
          min="1"
          max="60"
          class="input self-start"
          :aria-label="`Paints of call ${i + 1}`"
        />
        <span class="self-start">
          <button class="btn btn-quiet" :disabled="i === 0" :aria-label="`Call ${i + 1} up`" @click="move(i, -1)">
            Up
          </button>
          <button
            class="btn btn-quiet"
            :disabled="i === rows.length - 1"
            :aria-label="`Call ${i + 1} down`"
            @click="move(i, 1)"
          >
            Down
          </button>
          <button class="btn btn-quiet" :aria-label="`Remove call ${i + 1}`" @click="rows.splice(i, 1)">Remove</button>
        </span>
      </li>
    </ol>
    <p class="mt-2 flex items-center gap-3">
      <button class="btn" :disabled="rows.length >= 80" @click="add">Add a call</button>
      <span class="hint">{{ total }} paints are called for, {{ palette.holder.places.length }} places there are.</span>
    </p>
    <Refusal v-if="trouble" class="mt-2" :says="trouble" />
    <div class="mt-4 flex flex-wrap items-end gap-2">
      <button class="btn btn-primary" @click="keep">Use these calls</button>
      <button class="btn" @click="emit('close')">Leave them as they were</button>
      <span class="grow" />
      <TextField v-model="name" label="Keep under the name" class="w-56" />
      <button class="btn" @click="saveAs">Keep the method</button>
    </div>
  </ModalDialog>
</template>
