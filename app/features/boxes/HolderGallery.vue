<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import HolderSketch from '~/shared/tray/HolderSketch.vue'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'
import { useHolders } from './useHolders'

/** Boxes to choose from, kind by kind, those of a kind drawn to one scale. */
const props = defineProps<{ /** Leaves out those that somebody drew: they stand elsewhere. */ readyOnly?: boolean }>()
const holder = defineModel<string>()
const { groups: all } = useHolders()
const name = useId()
const groups = computed(() => all.value.filter((g) => !props.readyOnly || g.label !== 'Drawn by you'))
const first = groups.value.find((g, i) => i > 0 && g.holders.some((h) => h.id === holder.value))
const isUsual = groups.value[0]!.holders.some((h) => h.id === holder.value)
const kind = ref((isUsual ? undefined : first?.label) ?? groups.value[0]!.label)
const shown = computed(() => (groups.value.find((k) => k.label === kind.value) ?? groups.value[0]!).holders)
const widest = computed(() => Math.max(...shown.value.map((h) => h.width)))
</script>

<template>
  <ChoiceGroup label="Kind of holder" class="mb-2 flex flex-wrap gap-1">
    <button
      v-for="g in groups"
      :key="g.label"
      type="button"
      class="choice"
      :aria-pressed="kind === g.label"
      @click="kind = g.label"
    >
      {{ g.label }}
    </button>
    <slot />
  </ChoiceGroup>
  <div class="grid grid-cols-2 gap-2 md:grid-cols-4">
    <label
      v-for="h in shown"
      :key="h.id"
      class="flex cursor-pointer flex-col justify-between gap-1 border border-line p-2 has-checked:border-text has-checked:bg-sunken has-focus-visible:outline-3 has-focus-visible:outline-accent"
    >
      <HolderSketch :holder="h" class="mx-auto" :style="{ width: `${(h.width / widest) * 100}%` }" />
      <span class="flex items-center gap-1.5 text-sm"
        ><input v-model="holder" type="radio" :name="name" :value="h.id" class="size-4" />{{ h.name }}, {{ h.width }} ×
        {{ h.height }} mm</span
      >
    </label>
  </div>
</template>
