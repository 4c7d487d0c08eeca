<script setup lang="ts">
import { computed } from 'vue'
import { useNeeds } from '~/composables/useNeeds'
import { useCollection } from '~/stores/collection'

/** What to buy next: needs, shops' prices, a plan within the budget, orders, what was spent. */
definePageMeta({ key: 'restock' })
const VIEWS = [
  { id: 'needs', label: 'Needs' },
  { id: 'prices', label: 'Prices' },
  { id: 'plan', label: 'Plan' },
  { id: 'orders', label: 'Orders' },
  { id: 'spent', label: 'Spent' },
] as const
const route = useRoute()
const collection = useCollection()
const view = computed(() => VIEWS.find((v) => v.id === route.params.view) ?? VIEWS[0])
useHead({ title: () => `${view.value.label}, restock · Juxtachrome` })
const needs = useNeeds()
</script>

<template>
  <div class="mx-auto w-full max-w-6xl p-3">
    <div class="mb-3 flex flex-wrap items-center gap-x-4 gap-y-1 print:hidden">
      <h1>Restock</h1>
      <nav aria-label="Restock" class="flex max-w-full gap-1 overflow-x-auto">
        <NuxtLink
          v-for="v in VIEWS"
          :key="v.id"
          class="btn btn-quiet whitespace-nowrap max-sm:px-2"
          :to="`/restock/${v.id}`"
          :aria-current="v.id === view.id ? 'page' : undefined"
          ><span :class="v.id === view.id ? 'here' : ''">{{ v.label }}</span></NuxtLink
        >
      </nav>
    </div>
    <EmptyCollection v-if="collection.isEmpty" />
    <LazyNeedsView v-else-if="view.id === 'needs'" :needs="needs" />
    <LazyPricesView v-else-if="view.id === 'prices'" :needs="needs" />
    <LazyPurchasePlanView v-else-if="view.id === 'plan'" :needs="needs" />
    <LazyOrdersView v-else-if="view.id === 'orders'" />
    <LazySpentView v-else />
  </div>
</template>
