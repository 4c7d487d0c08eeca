<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import type { Arranged } from '@juxtachrome/core/arranging'
import { counted } from '@juxtachrome/core/units'
import { computed, ref } from 'vue'
import { wishInWords } from './wishInWords'
import { usePaletteCommands } from '~/features/palettes'
import { useArrangement } from './useArrangement'
import type { useBlend } from './useBlend'
import PaletteTray from '~/shared/tray/PaletteTray.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** Two to four arrangements side by side, of which one is taken. */
const props = defineProps<{ palette: Palette; today: string; blending: ReturnType<typeof useBlend> }>()
const emit = defineEmits<{ taken: [] }>()
const commands = usePaletteCommands()
const AS_IT_IS = 'as it is'
const STILL = new Map<string, never>()
const { orders } = props.blending
const choices = computed(() => [
  { id: AS_IT_IS, text: AS_IT_IS },
  ...orders.value.map((s) => ({ id: s.key, text: s.label })),
])
const sides = [sideOf('Left', AS_IT_IS), sideOf('Right', 'wheel'), sideOf('Third', 'clean'), sideOf('Fourth', 'across')]
const count = ref(2)
const shown = computed(() => sides.slice(0, count.value))

function sideOf(name: string, first: string) {
  const choice = ref(first)
  const order = computed(() => orders.value.find((s) => s.key === choice.value))
  const blend = computed(() => order.value?.blend)
  return { name, choice, order, ...useArrangement(() => props.palette, blend) }
}
function take({ arrangement, order, isFresh }: (typeof sides)[number]) {
  // an answer on the way, or of another plan, is not taken
  if (!arrangement.value || !order.value || !isFresh()) return
  commands.takeArrangement(props.palette, arrangement.value, order.value.label)
  for (const s of sides) s.choice.value = AS_IT_IS
  emit('taken')
}
const about = ({ moved, scores }: Arranged) =>
  [
    moved.length === 0 ? 'Nothing moves.' : `${counted(moved.length, 'place')} change (dotted).`,
    ...scores.map((s) => `${wishInWords(s.wish)} ${Math.round(100 * s.score)} %`),
  ].join(' ')
</script>

<template>
  <div class="grid grow gap-4 p-3 xl:grid-cols-2">
    <section v-for="(side, i) in shown" :key="side.name" :aria-label="`${side.name} arrangement`" class="min-w-0">
      <div class="mb-2 flex flex-wrap items-center gap-2">
        <label class="flex grow items-center gap-2"
          >{{ side.name }}:
          <select v-model="side.choice.value" class="input max-w-56">
            <option v-for="c in choices" :key="c.id" :value="c.id">{{ c.text }}</option>
          </select>
        </label>
        <button
          class="btn"
          :class="i === 1 ? 'btn-primary' : ''"
          :disabled="!side.order.value || !side.arrangement.value?.moved.length || !side.isFresh()"
          @click="take(side)"
        >
          Take this one
        </button>
      </div>
      <PaletteTray
        v-if="side.arrangement.value"
        :palette="{ ...palette, plan: side.arrangement.value.plan }"
        :state="STILL"
        :today="today"
        :changed="side.arrangement.value.moved"
        :label="`${side.name}: ${side.order.value?.label ?? AS_IT_IS}`"
        still
      />
      <Refusal v-if="side.trouble.value" class="mt-2" :says="side.trouble.value" />
      <p v-else-if="side.arrangement.value" class="hint mt-2">
        {{ side.order.value ? about(side.arrangement.value) : 'The plan as it stands.' }}
      </p>
    </section>
    <p v-if="count < 4" class="xl:col-span-2">
      <button class="btn" @click="count += 1">One more beside them</button>
    </p>
  </div>
</template>
