<script setup lang="ts">
import { onClickOutside } from '@vueuse/core'
import { CalendarDays } from '@lucide/vue'
import { computed, defineAsyncComponent, nextTick, ref, useId, useTemplateRef, watch } from 'vue'
import { dayInWords } from '~/shared/words/days'
import { readTypedDay } from '~/shared/words/typedDay'
import { useToday } from './useToday'

/** A day, written as everywhere: typed in any usual form, or picked from a month. `YYYY-MM-DD`, or empty. */
defineOptions({ inheritAttrs: false })
defineProps<{ min?: string; max?: string }>()
const model = defineModel<string>({ default: '' })
const LazyDayCalendar = defineAsyncComponent(() => import('./DayCalendar.vue'))

const today = useToday()
const complaintId = useId()
const shown = ref('')
const complaint = ref('')
const open = ref(false)
const root = useTemplateRef('root')
const button = useTemplateRef('button')
const inWords = computed(() => (model.value ? dayInWords(model.value) : ''))
watch(inWords, (words) => (shown.value = words), { immediate: true })
onClickOutside(root, () => (open.value = false))

function take(text: string) {
  complaint.value = ''
  const day = text.trim() === '' ? '' : readTypedDay(text, today.value)
  if (day === undefined) {
    const stays = inWords.value ? `it stays ${inWords.value}.` : `write it as ${dayInWords(today.value)}.`
    complaint.value = `“${text.trim()}” is no day: ${stays}`
  } else model.value = day
  shown.value = inWords.value
}
function pick(day: string) {
  complaint.value = ''
  model.value = day
  close()
}
function close() {
  open.value = false
  void nextTick(() => button.value?.focus())
}
</script>

<template>
  <span ref="root" class="relative inline-block" :class="$attrs.class" @keydown.esc.stop="open && close()">
    <span class="relative block">
      <input
        v-bind="{ ...$attrs, class: 'input pr-9!' }"
        v-model="shown"
        autocomplete="off"
        maxlength="40"
        :aria-describedby="complaint ? complaintId : ($attrs['aria-describedby'] as string | undefined)"
        @change="take(($event.target as HTMLInputElement).value)"
      /><button
        ref="button"
        type="button"
        class="absolute inset-y-0 right-0 grid w-9 place-items-center"
        aria-label="Choose the day from a calendar"
        :aria-expanded="open"
        @click.prevent="open = !open"
      >
        <CalendarDays :size="18" aria-hidden="true" />
      </button>
    </span>
    <LazyDayCalendar v-if="open" :day="model" :min="min" :max="max" @pick="pick" />
    <span v-if="complaint" :id="complaintId" class="refusal block" role="alert">{{ complaint }}</span>
  </span>
</template>
