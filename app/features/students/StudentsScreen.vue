<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { useCollection } from '~/stores/collection'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

const LazyStudentsCopy = defineAsyncComponent(() => import('./StudentsCopy.vue'))
const LazyStudentsMake = defineAsyncComponent(() => import('./StudentsMake.vue'))

/** A list for students: made from a palette or a method, or one that a teacher handed out, against what is owned. */
useHead({ title: 'List for students · Juxtachrome' })
const route = useRoute()
const router = useRouter()
const collection = useCollection()
const isCopy = computed(() => route.query.view === 'copy' || collection.isEmpty)
const show = (view: 'make' | 'copy') => router.replace({ query: { ...route.query, view } })
</script>

<template>
  <div class="mx-auto w-full max-w-5xl p-3 print:max-w-none print:p-0">
    <div class="mb-3 flex flex-wrap items-center gap-2 print:hidden">
      <h1 class="grow">List for students</h1>
      <ChoiceGroup label="Which" class="flex gap-1">
        <button class="choice" :aria-pressed="!isCopy" :disabled="collection.isEmpty" @click="show('make')">
          make one
        </button>
        <button class="choice" :aria-pressed="isCopy" @click="show('copy')">open one</button>
      </ChoiceGroup>
    </div>
    <LazyStudentsCopy v-if="isCopy" />
    <LazyStudentsMake v-else :of="String(route.query.of ?? '')" />
  </div>
</template>
