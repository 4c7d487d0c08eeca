<script setup lang="ts">
import { useExport } from '~/shared/files/useExport'
import { useKeeper } from '~/stores/keeper'

/** `instead` of it the whole screen says so. */
defineProps<{ instead: boolean }>()
const keeper = useKeeper()
const { download } = useExport()
const reload = () => window.location.reload()
</script>

<template>
  <div
    v-if="!instead && (keeper.state === 'failed' || keeper.state === 'stopped') && keeper.problem"
    role="alert"
    class="flex flex-wrap items-center gap-3 border-b-2 border-trouble bg-surface px-4 py-2"
  >
    <p class="grow"><strong>Not saved.</strong> {{ keeper.problem.message }}</p>
    <button v-if="keeper.state === 'failed'" class="btn" @click="keeper.flush()">Try again</button>
    <button class="btn" @click="download">Export everything</button>
    <button v-if="keeper.state === 'stopped'" class="btn" @click="reload">Reload</button>
  </div>
</template>
