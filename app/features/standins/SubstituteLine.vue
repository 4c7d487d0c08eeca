<script setup lang="ts">
import { differenceInWords } from '@juxtachrome/core/colour'
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { StandIn } from '@juxtachrome/core/standins'
import type { ValueOf } from '~/workers/client'
import { computed } from 'vue'
import { KIND_WORDS, nameOfStandIn } from './words'
import { useCollection } from '~/stores/collection'
import SoughtAndFound from './SoughtAndFound.vue'

/** One line of a palette or list with its best stand-in. */
const props = defineProps<{ line: ValueOf<'substitutePalette'>['lines'][number]; label: string }>()
const emit = defineEmits<{ look: [] }>()
const collection = useCollection()
const paint = computed(() => collection.paint(props.line.paintId))
const words = (s: StandIn) =>
  `${nameOfStandIn(s, paintToken)}, ${KIND_WORDS[s.kind]}, ${s.kind === 'another item' ? 'the very same' : `the difference is ${differenceInWords(s.alone.difference)}`}`
</script>

<template>
  <li class="grid grid-cols-[7.5rem_minmax(0,1fr)] gap-2 border-t border-line py-1">
    <SoughtAndFound :paint="paint" :stand-in="line.best" />
    <div class="text-[0.8125rem] leading-tight">
      <button v-if="line.paintId" class="min-h-6 text-left font-medium hover:underline" @click="emit('look')">
        {{ label }}
      </button>
      <span v-else class="font-medium">{{ label }}</span>
      <p v-if="line.best" :class="line.isNear ? '' : 'text-muted'">
        <SaidPaints :text="`${words(line.best)}${line.isNear ? '' : ': not near'}`" />
      </p>
      <p v-else class="hint text-[0.8125rem]">{{ line.message }}</p>
      <p v-if="line.best?.unlike.length" class="hint text-[0.8125rem]">
        {{ line.best.unlike.map((u) => u.words).join('; ') }}
      </p>
    </div>
  </li>
</template>
