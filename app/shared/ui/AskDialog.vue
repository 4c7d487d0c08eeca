<script setup lang="ts">
import { ref, watch } from 'vue'
import { useAsk } from './useAsk'
import ModalDialog from './ModalDialog.vue'

const { asked } = useAsk()
const typed = ref('')
watch(asked, () => {
  typed.value = ''
})
</script>

<template>
  <ModalDialog :open="Boolean(asked)" :title="asked?.question.title ?? ''" @close="asked?.answer(false)">
    <template v-if="asked">
      <p class="mb-4">{{ asked.question.text }}</p>
      <label v-if="asked.question.type" class="mb-4 block"
        >Type <strong>{{ asked.question.type }}</strong> to go ahead
        <input v-model="typed" class="input mt-1" autocomplete="off" />
      </label>
      <div class="flex justify-end gap-2">
        <button class="btn" @click="asked.answer(false)">{{ asked.question.no ?? 'Cancel' }}</button>
        <button
          class="btn btn-primary"
          :disabled="Boolean(asked.question.type) && typed.trim() !== asked.question.type"
          @click="asked.answer(true)"
        >
          {{ asked.question.yes }}
        </button>
      </div>
    </template>
  </ModalDialog>
</template>
