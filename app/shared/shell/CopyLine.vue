<script setup lang="ts">
import { dayOf, daysBetween } from '@juxtachrome/core/units'
import { computed } from 'vue'
import { useExport } from '~/shared/files/useExport'
import { useToday } from '~/shared/ui/useToday'
import { useDayWords } from '~/shared/words/dayWords'
import { useCollection } from '~/stores/collection'
import { useCopies } from '~/stores/copies'
import { useKeeper } from '~/stores/keeper'
import { useLasting } from './useLasting'

/** Where the last copy is and since when; a press where one is due. */
const copies = useCopies()
const keeper = useKeeper()
const collection = useCollection()
const today = useToday()
const { agoInWords } = useDayWords()
const { download } = useExport()
// which has a button of its own
const { isToSay } = useLasting()
/** A copy that takes a press is asked for after so many days. */
const FRESH = 7
const lastDay = computed(() => copies.last && dayOf(new Date(copies.last.made)))
const isOld = computed(() => !lastDay.value || daysBetween(lastDay.value, today.value) > FRESH)
const said = computed(() => {
  const where = copies.last?.where ? `, in ${copies.last.where}` : ''
  return lastDay.value ? `Last copy: ${agoInWords(lastDay.value)}${where}` : 'No copy was made yet'
})
</script>

<template>
  <p v-if="keeper.isLoaded && !collection.isEmpty" class="hint flex flex-wrap items-center gap-x-3 gap-y-1" data-copies>
    <NuxtLink class="link" to="/data#copies">{{ said }}</NuxtLink>
    <template v-if="copies.copying === 'asks' || copies.copying === 'failed'">
      <span>{{ copies.copying === 'asks' ? 'The browser wants to be asked again.' : copies.trouble }}</span>
      <button class="btn" @click="copies.copyNow()">
        {{ copies.copying === 'asks' ? 'Allow copies' : 'Try again' }}
      </button>
    </template>
    <button v-else-if="!copies.folder && isOld && !isToSay" class="btn" @click="download">Save a copy</button>
  </p>
</template>
