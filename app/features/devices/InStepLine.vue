<script setup lang="ts">
import { computed } from 'vue'
import { useDayWords } from '~/shared/words/dayWords'
import { useExchange } from '~/stores/exchange'
import { useSharedFolder } from '~/stores/sharedFolder'

/** Whether the devices that share a folder are in step; what waits for a press or a choice leads there. */
const exchange = useExchange()
const shared = useSharedFolder()
const { momentInWords } = useDayWords()
const latest = computed(() => [...exchange.partners].sort((p, q) => (p.when < q.when ? 1 : -1))[0])
const waits = computed(() => {
  const other = shared.waiting?.stamps?.device.name ?? 'Another device'
  if (shared.state === 'to choose') return `Something was changed here and on ${other}: choose`
  if (shared.state === 'asks') return 'The shared folder waits to be allowed'
  return shared.state === 'failed' ? 'The devices are not in step' : ''
})
</script>

<template>
  <p v-if="shared.folder || exchange.tangles.length" class="hint">
    <NuxtLink v-if="exchange.tangles.length" class="link" to="/data#devices"
      >Two devices say what cannot both be so</NuxtLink
    >
    <NuxtLink v-else-if="waits" class="link" to="/data#devices">{{ waits }}</NuxtLink>
    <template v-else-if="latest">In step with {{ latest.name }}, {{ momentInWords(latest.when) }}.</template>
    <template v-else-if="shared.folder">No other device came to the shared folder yet.</template>
  </p>
</template>
