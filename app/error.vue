<script setup lang="ts">
import { computed } from 'vue'
import type { NuxtError } from '#app'
import { useRescue } from '~/shared/shell/useRescue'

/** The last resort: an address without a page, or a fault that stopped everything. */
const { error } = defineProps<{ error: NuxtError }>()
const isAddress = computed(() => error.status === 404)
useHead({ title: 'Juxtachrome' })
const { said, exportReadable, reload } = useRescue()
</script>

<template>
  <main id="main" class="mx-auto max-w-2xl p-6">
    <h1 class="mb-2">{{ isAddress ? 'There is nothing at this address' : 'Juxtachrome stopped' }}</h1>
    <p v-if="isAddress" class="mb-3">The link may be old, or mistyped. The collection is as it was.</p>
    <template v-else>
      <p class="mb-2">Something went wrong that should not have: {{ error.message }}</p>
      <p class="mb-3">What was saved is still in this browser.</p>
    </template>
    <div class="flex flex-wrap gap-2">
      <button class="btn btn-primary" @click="clearError({ redirect: '/' })">Go to Today</button>
      <template v-if="!isAddress">
        <button class="btn" @click="reload">Reload</button>
        <button class="btn" @click="exportReadable">Export what can be read</button>
      </template>
    </div>
    <p v-if="said" class="mt-2" role="status">{{ said }}</p>
  </main>
</template>
