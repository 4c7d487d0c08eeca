<script setup lang="ts">
import type { StandIn } from '@juxtachrome/core/standins'
import type { ValueOf } from '~/workers/client'
import { computed } from 'vue'
import { KIND_WORDS, nameOfStandIn } from './words'
import { usePaintName } from '~/shared/words/paintName'
import { useCollection } from '~/stores/collection'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import StandInSwatches from './StandInSwatches.vue'
import { figure } from '~/shared/words/figures'

/** One line of a palette or list with its best stand-in. */
const props = defineProps<{ line: ValueOf<'substitutePalette'>['lines'][number]; label: string }>()
const emit = defineEmits<{ look: [] }>()
const collection = useCollection()
const nameOf = usePaintName()
const paint = computed(() => collection.paint(props.line.paintId))
const words = (s: StandIn) =>
  `${nameOfStandIn(s, nameOf)}, ${KIND_WORDS[s.kind]}, ${s.kind === 'another item' ? 'the very same' : `off by ${figure(s.alone.difference, 1)}`}`
</script>

<template>
  <li class="grid grid-cols-[3.5rem_minmax(0,1fr)] gap-2 border-t border-line py-1">
    <StandInSwatches
      v-if="line.best && paint"
      :sought="{ paint }"
      :stand-in="line.best"
      class="h-full max-h-16 min-h-12"
    />
    <PaintSwatch v-else-if="paint" :paint="paint" class="h-10" />
    <span v-else />
    <div class="text-[13px] leading-tight">
      <button v-if="line.paintId" class="min-h-6 text-left font-medium hover:underline" @click="emit('look')">
        {{ label }}
      </button>
      <span v-else class="font-medium">{{ label }}</span>
      <p v-if="line.best" :class="line.isNear ? '' : 'text-muted'">
        {{ words(line.best) }}{{ line.isNear ? '' : ': not near' }}
      </p>
      <p v-else class="hint text-[13px]">{{ line.message }}</p>
      <p v-if="line.best?.unlike.length" class="hint text-[13px]">
        {{ line.best.unlike.map((u) => u.words).join('; ') }}
      </p>
    </div>
  </li>
</template>
