<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { useNeeds } from './useNeeds'
import { useCollection } from '~/stores/collection'
import EmptyCollection from '~/shared/shell/EmptyCollection.vue'
import ViewNav from '~/shared/ui/ViewNav.vue'

const LazyNeedsView = defineAsyncComponent(() => import('./NeedsView.vue'))
const LazyPricesView = defineAsyncComponent(() => import('./PricesView.vue'))
const LazyPurchasePlanView = defineAsyncComponent(() => import('./PurchasePlanView.vue'))
const LazyOrdersView = defineAsyncComponent(() => import('./OrdersView.vue'))
const LazySpentView = defineAsyncComponent(() => import('./SpentView.vue'))

/** What to buy next: needs, shops' prices, a plan within the budget, orders, what was spent. */
const VIEWS = [
  { id: 'needs', label: 'Needs', to: '/restock/needs' },
  { id: 'prices', label: 'Prices', to: '/restock/prices' },
  { id: 'plan', label: 'Plan', to: '/restock/plan' },
  { id: 'orders', label: 'Orders', to: '/restock/orders' },
  { id: 'spent', label: 'Spent', to: '/restock/spent' },
] as const
const route = useRoute()
const collection = useCollection()
const view = computed(() => VIEWS.find((v) => v.id === route.params.view) ?? VIEWS[0])
useHead({ title: () => `${view.value.label}, restock · Juxtachrome` })
const needs = useNeeds(() => !collection.isEmpty && view.value.id !== 'orders' && view.value.id !== 'spent')
</script>

<template>
  <div class="mx-auto w-full max-w-6xl p-3">
    <div class="mb-3 flex flex-wrap items-center gap-x-4 gap-y-1 print:hidden">
      <h1>Restock</h1>
      <ViewNav label="Restock" :views="VIEWS" :here="view.id" />
    </div>
    <EmptyCollection v-if="collection.isEmpty" />
    <LazyNeedsView v-else-if="view.id === 'needs'" :needs="needs" />
    <LazyPricesView v-else-if="view.id === 'prices'" :needs="needs" />
    <LazyPurchasePlanView v-else-if="view.id === 'plan'" :needs="needs" />
    <LazyOrdersView v-else-if="view.id === 'orders'" />
    <LazySpentView v-else />
  </div>
</template>
