<script setup lang="ts">
import { HUE_FAMILIES } from '@juxtachrome/core/colour'
import { countInWords } from '@juxtachrome/core/choosing'
import { type BriefCount, COUNTED_TRAITS } from '@juxtachrome/core/documents'
import { computed, ref } from 'vue'

/** How many paints of a kind a palette should have: at least or at most so many, or mostly. */
const emit = defineEmits<{ add: [count: BriefCount] }>()
const bound = ref<'least' | 'most' | 'mostly'>('least')
const number = ref<number | ''>(3)
const trait = ref<(typeof COUNTED_TRAITS)[number] | ''>('transparent')
const family = ref<string>('yellow')
const count = computed((): BriefCount | undefined => {
  const many = Math.round(Number(number.value))
  const isMany = number.value !== '' && many >= 0 && many <= 64
  if ((bound.value !== 'mostly' && !isMany) || (!trait.value && !family.value)) return undefined
  return {
    bound: bound.value === 'most' ? 'most' : 'least',
    count: bound.value === 'mostly' ? 'half' : many,
    ...(trait.value ? { trait: trait.value } : {}),
    ...(family.value ? { family: family.value } : {}),
    hard: false,
  }
})
const words = computed(() => (count.value ? countInWords(count.value) : ''))
</script>

<template>
  <form class="space-y-1" aria-label="How many of a kind" @submit.prevent="count && emit('add', count)">
    <p class="flex gap-1">
      <select v-model="bound" class="input" aria-label="At least or at most">
        <option value="least">at least</option>
        <option value="most">at most</option>
        <option value="mostly">mostly</option>
      </select>
      <input
        v-if="bound !== 'mostly'"
        v-model.number="number"
        class="input w-16"
        type="number"
        min="0"
        max="64"
        aria-label="How many"
      />
    </p>
    <p class="flex gap-1">
      <select v-model="trait" class="input" aria-label="Of which behaviour">
        <option value="">any</option>
        <option v-for="t in COUNTED_TRAITS" :key="t" :value="t">{{ t }}</option>
      </select>
      <select v-model="family" class="input" aria-label="Of which family">
        <option value="">paints</option>
        <option v-for="f in HUE_FAMILIES" :key="f" :value="f">{{ f }}s</option>
      </select>
    </p>
    <button class="btn w-full justify-start text-left" :disabled="!count">
      {{ count ? `Wish for ${words}` : 'Say how many, and of what' }}
    </button>
  </form>
</template>
