<script setup lang="ts">
import { ORDERS, type Arrangement, type Order, type Palette, type PaletteState } from '@juxtachrome/core'
import { ref, shallowRef, watch } from 'vue'
import { usePaletteCommands } from '~/commands/palettes'
import { useCollection } from '~/stores/collection'
import { coreClient } from '~/workers/client'

const props = defineProps<{ palette: Palette; state: PaletteState; today: string }>()
const emit = defineEmits<{ taken: [] }>()
const commands = usePaletteCommands()
const collection = useCollection()
type Choice = 'as it is' | Order
const CHOICES: Choice[] = ['as it is', ...ORDERS]
const sides = [
  { name: 'Left', choice: ref<Choice>('as it is'), arrangement: shallowRef<Arrangement>(), trouble: ref('') },
  { name: 'Right', choice: ref<Choice>('colour wheel'), arrangement: shallowRef<Arrangement>(), trouble: ref('') },
]

async function work(i: number) {
  const side = sides[i]!
  if (side.choice.value === 'as it is') {
    side.arrangement.value = { plan: props.palette.plan, moved: [] }
    return
  }
  const ids = new Set(Object.values(props.palette.plan).map((p) => p.paintId))
  const paints = collection.paints.filter((p) => ids.has(p.id))
  const asked = coreClient().ask(
    'arrangeInOrder',
    { palette: props.palette, paints, order: side.choice.value },
    {
      lane: `arrange-${i}`,
      progress: (p) => {
        side.arrangement.value = p.best
      },
    },
  )
  const result = await asked.result
  if (result.ok) side.arrangement.value = result.value
  else if (result.error.code !== 'replaced') side.trouble.value = result.error.message
}
sides.forEach((side, i) =>
  watch(
    [side.choice, () => props.palette],
    () => {
      side.trouble.value = ''
      void work(i)
    },
    { immediate: true },
  ),
)

function take(i: number) {
  const { arrangement, choice } = sides[i]!
  if (!arrangement.value) return
  commands.takeArrangement(props.palette, arrangement.value, choice.value)
  sides.forEach((s) => {
    s.choice.value = 'as it is'
  })
  emit('taken')
}
const about = ({ moved, meanStep }: Arrangement) =>
  [
    moved.length === 0 ? 'Nothing moves.' : `${moved.length} places change (dotted).`,
    meanStep === undefined ? '' : `Neighbours lie ${meanStep.toFixed(0)}° of hue apart on average.`,
  ].join(' ')
</script>

<template>
  <div class="grid grow gap-4 p-3 xl:grid-cols-2">
    <section v-for="(side, i) in sides" :key="side.name" :aria-label="`${side.name} arrangement`" class="min-w-0">
      <div class="mb-2 flex flex-wrap items-center gap-2">
        <label class="flex grow items-center gap-2"
          >{{ side.name }}:
          <select v-model="side.choice.value" class="input max-w-56">
            <option v-for="c in CHOICES" :key="c" :value="c">
              {{ c === 'as it is' ? c : c === 'colour wheel' ? 'round the colour wheel' : c }}
            </option>
          </select>
        </label>
        <button
          class="btn"
          :class="i === 1 ? 'btn-primary' : ''"
          :disabled="side.choice.value === 'as it is' || !side.arrangement.value?.moved.length"
          @click="take(i)"
        >
          Take this one
        </button>
      </div>
      <PaletteTray
        v-if="side.arrangement.value"
        :palette="{ ...palette, plan: side.arrangement.value.plan }"
        :state="{}"
        :today="today"
        :changed="side.arrangement.value.moved"
        :label="`${side.name}: ${side.choice.value}`"
        still
      />
      <p v-if="side.trouble.value" role="alert" class="mt-2 text-trouble">{{ side.trouble.value }}</p>
      <p v-else-if="side.arrangement.value" class="hint mt-2">
        {{ side.choice.value === 'as it is' ? 'The plan as it stands.' : about(side.arrangement.value) }}
      </p>
    </section>
  </div>
</template>
