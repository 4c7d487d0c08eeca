<script setup lang="ts">
import { sketchOf, type RankContext } from '@juxtachrome/core/choosing'
import type { GuideCall } from '@juxtachrome/core/documents'
import { computed, ref } from 'vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import { useSeen } from '~/shared/ui/useSeen'
import { useCollection } from '~/stores/collection'

/** A small palette made by a method from this collection; worked out when it comes into sight. */
const props = defineProps<{ calls: readonly GuideCall[]; context: Omit<RankContext, 'planned'> }>()
const collection = useCollection()
const root = ref<HTMLElement>()
const seen = useSeen(root)
const paints = computed(() => (seen.value ? sketchOf(props.calls, collection.usablePaints, props.context) : []))
const places = computed(() => props.calls.reduce((sum, c) => sum + c.quota, 0))
const label = computed(() => `Made from your paints: ${paints.value.map((p) => collection.called(p)).join(', ')}`)
</script>

<template>
  <span ref="root" class="my-1 flex h-7 w-full" role="img" :aria-label="label">
    <PaintSwatch
      v-for="p in paints"
      :key="p.id"
      :paint="p"
      direction="to bottom"
      class="max-w-8 min-w-0 grow"
      :title="collection.called(p)"
    />
    <!-- places for which the collection has nothing stay empty -->
    <span
      v-for="n in Math.max(0, places - paints.length)"
      :key="n"
      class="max-w-8 min-w-0 grow border border-dashed border-line"
    />
  </span>
</template>
