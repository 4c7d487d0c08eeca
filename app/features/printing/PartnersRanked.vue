<script setup lang="ts">
import type { CheckedBox } from '@juxtachrome/core/charts'
import { toScreen } from '@juxtachrome/core/colour'
import type { Ranking } from '@juxtachrome/core/documents'
import { computed, ref, watch } from 'vue'
import { copied } from '~/shared/words/copied'
import { RankedList, useRankingCommands } from '~/features/choosing'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'

/** The photographed cards laid beside each other, the same partner in one row, and put in order by eye. */
const props = defineProps<{ checked: readonly CheckedBox[] }>()
const collection = useCollection()
const rankings = useRankingCommands()
const today = useToday()
const MOST = 12
/** What was read with each partner, by subject; a card's boxes are numbered after their paint. */
const read = computed(() => {
  const bySubject = new Map<string, { label: string; hex: string }[]>()
  for (const { box, read: own, verdict } of props.checked) {
    const subject = box.id.slice(0, box.id.lastIndexOf('/'))
    const { lab } = own.patches[0]!
    const cell = { label: box.label, hex: verdict === 'empty' ? 'transparent' : toScreen(lab).hex }
    bySubject.set(subject, [...(bySubject.get(subject) ?? []), cell])
  }
  return bySubject
})
const ranked = ref<Ranking['ranked']>([])
watch(read, () => (ranked.value = [...read.value.keys()].slice(0, MOST).map((paintId) => ({ paintId }))), {
  immediate: true,
})
const partners = computed(() => read.value.get(ranked.value[0]?.paintId ?? '')?.length ?? 0)
const name = ref('')
function keep() {
  const first = collection.paint(ranked.value[0]?.paintId)
  const title = name.value.trim() || `Photographed with ${first?.name ?? 'partners'} first`
  if (rankings.keep(title, copied(ranked.value), today.value)) name.value = ''
}
</script>

<template>
  <section v-if="ranked.length > 1" aria-label="Ranked by eye">
    <h2>Beside each other, as read</h2>
    <div class="mt-1 max-w-2xl" role="img" aria-label="A row for each partner, a column for each paint in its order">
      <div v-for="i in partners" :key="i" class="flex h-8">
        <span
          v-for="r in ranked"
          :key="r.paintId"
          class="min-w-0 flex-1"
          :style="{ background: read.get(r.paintId)?.[i - 1]?.hex }"
          :title="read.get(r.paintId)?.[i - 1]?.label"
        />
      </div>
    </div>
    <RankedList v-model="ranked" />
    <form class="mt-2 flex max-w-md items-end gap-2" @submit.prevent="keep">
      <label class="min-w-0 grow text-sm"
        >Keep the ranking as<input v-model="name" class="input" maxlength="120" /></label
      ><button class="btn">Keep</button>
    </form>
  </section>
</template>
