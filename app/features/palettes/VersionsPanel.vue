<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import { plannedPaints, type Palette } from '@juxtachrome/core/documents'
import { planDifference, presentVersion } from '@juxtachrome/core/choosing'
import { HUE_FAMILIES } from '@juxtachrome/core/colour'
import { viewOfPaint } from '@juxtachrome/core/paints'
import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { computed, ref } from 'vue'
import { asHolder, useHolders } from '~/features/boxes'
import { toggled } from '~/shared/ui/toggled'
import { useVersionCommands } from './versions'
import { useToday } from '~/shared/ui/useToday'
import { listed } from '~/shared/words/figures'
import { useCollection } from '~/stores/collection'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import TextField from '~/shared/ui/TextField.vue'
import VersionLinks from './VersionLinks.vue'
import MethodPanel from '~/shared/ui/MethodPanel.vue'

/** The versions of a palette along time: keep one, compare, go back, branch. */
const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{ leave: [] }>()
const collection = useCollection()
const commands = useVersionCommands()
const today = useToday()
const name = ref('')
const reason = ref('')
const trouble = ref('')
const versions = computed(() => collection.versions.filter((v) => v.paletteId === props.palette.id))
const present = computed(() => presentVersion(props.palette, versions.value))

function keep() {
  const called = name.value.trim()
  trouble.value = !called ? 'A version needs a name.' : called.length > 120 ? 'A name has at most 120 letters.' : ''
  if (trouble.value) return
  commands.keep(props.palette, { name: called, day: today.value, reason: reason.value.trim().slice(0, 300) })
  name.value = ''
  reason.value = ''
}
/** What the palette has now that a version had not, and the other way round. */
function differenceInWords(version: (typeof versions.value)[number]): string {
  const { came, went, moved } = planDifference(version, props.palette)
  const parts = [
    came.length ? `now with ${listed(came.map(paintToken))}` : '',
    went.length ? `without ${listed(went.map(paintToken))}` : '',
    moved.length ? `${counted(moved.length, 'paint')} elsewhere` : '',
  ].filter(Boolean)
  return parts.length ? `${parts.join('; ')}.` : 'The same paints in the same places.'
}
async function open(made: Palette) {
  await navigateTo(`/palettes/${made.id}/choose`)
}
const planned = computed(() => [...plannedPaints(props.palette)])
const families = computed(() => {
  const there = new Set(planned.value.flatMap((id) => viewOfPaint(collection.paint(id)!)?.family ?? []))
  return HUE_FAMILIES.filter((f) => there.has(f))
})
const staying = ref<string[]>([])
const toggle = (f: string) => (staying.value = toggled(staying.value, f))
const stays = (id: string) => {
  const paint = collection.paint(id)
  return paint !== undefined && staying.value.includes(viewOfPaint(paint).family ?? '')
}
const branchWith = () =>
  open(commands.branchWith(props.palette, `${props.palette.name}: ${staying.value.join(', ')}`, stays))
const { choices: boxes, byId } = useHolders()
const holderId = ref('')
function branchInto() {
  const holder = byId(holderId.value)
  if (holder) void open(commands.branchInto(props.palette, asHolder(holder)))
}
</script>

<template>
  <MethodPanel title="Versions" @leave="emit('leave')">
    <p class="hint mb-2 text-sm">
      {{
        present
          ? `The palette is as in “${present.name}”.`
          : versions.length
            ? 'The palette is not as in any version.'
            : 'None is kept yet.'
      }}
    </p>
    <form class="space-y-2" @submit.prevent="keep">
      <TextField v-model="name" label="Keep it as it is under the name" :error="trouble" />
      <TextField v-model="reason" label="Why, if you like" />
      <button class="btn btn-primary">Keep this version</button>
    </form>
    <ol class="mt-3">
      <li v-for="v in versions" :key="v.id" class="border-t border-line py-2">
        <p>
          <span class="font-medium">{{ v.name }}</span> <span class="hint">{{ dayInWords(v.day) }}</span>
        </p>
        <p v-if="v.reason" class="text-sm italic">{{ v.reason }}</p>
        <p class="hint text-sm"><SaidPaints :text="differenceInWords(v)" /></p>
        <VersionLinks :palette="palette" :version="v" :present="present">
          <button class="link" :aria-label="`Branch from ${v.name}`" @click="open(commands.branch(palette, v))">
            Branch
          </button>
          <button class="link" :aria-label="`Remove the version ${v.name}`" @click="commands.remove(v)">Remove</button>
        </VersionLinks>
      </li>
    </ol>
    <h3 class="mt-4">A variant</h3>
    <p class="hint text-sm">
      A palette of its own, in which only some families stay; the other places are free for something else.
    </p>
    <div class="mt-1 flex flex-wrap gap-1">
      <button v-for="f in families" :key="f" class="choice" :aria-pressed="staying.includes(f)" @click="toggle(f)">
        {{ f }}
      </button>
    </div>
    <button class="btn mt-2" :disabled="staying.length === 0" @click="branchWith">
      Branch with {{ counted(planned.filter(stays).length, 'paint') }}
    </button>
    <div class="mt-3 flex items-end gap-2">
      <ChoiceField
        v-model="holderId"
        class="min-w-0 grow"
        label="Or the same paints in another box"
        none="choose a box"
        :choices="boxes"
      />
      <button class="btn" :disabled="!holderId" @click="branchInto">Branch</button>
    </div>
  </MethodPanel>
</template>
