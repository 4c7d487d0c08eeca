<script setup lang="ts">
import { ArrowRight } from '@lucide/vue'
import { computed } from 'vue'
import ModalDialog from '~/shared/ui/ModalDialog.vue'
import { aboutScreen } from './aboutScreens'
import { PALETTE_STEPS } from './steps'
import { useDialogs } from './useAppCommands'

/** What the screen that is open is for, in three sentences, and the gesture that matters on it. */
const { about } = useDialogs()
const route = useRoute()
const said = computed(() =>
  aboutScreen(
    route.path,
    PALETTE_STEPS.map((s) => s.id),
  ),
)
</script>

<template>
  <ModalDialog :open="about" :title="said.title" @close="about = false">
    <p v-for="sentence in said.sentences" :key="sentence" class="mb-2">{{ sentence }}</p>
    <ol class="my-4 flex flex-wrap items-center gap-2" aria-label="How it is done">
      <li v-for="(step, i) in said.gesture" :key="step" class="flex items-center gap-2">
        <ArrowRight v-if="i > 0" :size="16" aria-hidden="true" />
        <span class="rounded-sm border border-line bg-bg px-2 py-1.5">{{ step }}</span>
      </li>
    </ol>
    <p class="mb-4 text-sm">
      Everything can be undone with Ctrl+Z. The key ? lists the shortcuts; Ctrl+K finds anything.
    </p>
    <button class="btn" @click="about = false">Close</button>
  </ModalDialog>
</template>
