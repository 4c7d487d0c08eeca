<script setup lang="ts">
import flatpickr from 'flatpickr'
import 'flatpickr/dist/flatpickr.css'
import { dayOf } from '@juxtachrome/core/units'
import { onBeforeUnmount, onMounted, ref, useTemplateRef } from 'vue'

/** A month to pick a day from. */
const props = defineProps<{ day: string; min?: string; max?: string }>()
/** Where there is no room to the right of the field, it lies to the left. */
const atRight = ref(false)
const WIDE = 330
const emit = defineEmits<{ pick: [day: string] }>()
const at = useTemplateRef('at')
let calendar: flatpickr.Instance | undefined
onMounted(() => {
  if (!at.value) return
  const left = at.value.closest('.day-calendar')?.parentElement?.getBoundingClientRect().left ?? 0
  atRight.value = left + WIDE > document.documentElement.clientWidth
  calendar = flatpickr(at.value, {
    inline: true,
    defaultDate: props.day || undefined,
    minDate: props.min,
    maxDate: props.max,
    locale: { firstDayOfWeek: 1 },
    onChange: ([date]) => date && emit('pick', dayOf(date)),
  })
  const { calendarContainer } = calendar
  calendarContainer.querySelector('.numInput.cur-year')?.setAttribute('aria-label', 'Year')
  const first = ['.selected', '.today:not(.flatpickr-disabled)', ':not(.flatpickr-disabled)']
    .map((which) => calendarContainer.querySelector<HTMLElement>(`.flatpickr-day${which}`))
    .find((day) => day !== null)
  first?.focus()
})
onBeforeUnmount(() => calendar?.destroy())
</script>

<template>
  <div
    class="day-calendar panel absolute top-full z-40 mt-1 p-1 shadow-md"
    :class="atRight ? 'right-0' : 'left-0'"
    role="group"
    aria-label="Calendar"
  >
    <input ref="at" class="hidden" tabindex="-1" aria-hidden="true" />
  </div>
</template>

<style>
/* the package's colours, in ours: neutral, and readable in the dark theme */
.day-calendar .flatpickr-calendar {
  box-shadow: none;
  background: var(--surface);
  color: var(--text);
  font-family: inherit;
}
.day-calendar :is(.flatpickr-month, .flatpickr-weekday, .flatpickr-day, .cur-year, .flatpickr-monthDropdown-months) {
  background: var(--surface);
  color: var(--text);
  fill: var(--text);
}
.day-calendar :is(.flatpickr-prev-month, .flatpickr-next-month) {
  fill: var(--text);
  color: var(--text);
}
.day-calendar .flatpickr-day {
  border-radius: 3px;
}
.day-calendar .flatpickr-day:is(.prevMonthDay, .nextMonthDay, .flatpickr-disabled) {
  color: var(--muted);
}
.day-calendar .flatpickr-day.flatpickr-disabled {
  opacity: 0.45;
}
.day-calendar .flatpickr-day:is(:hover, :focus) {
  background: var(--sunken);
  border-color: var(--edge);
}
.day-calendar .flatpickr-day.selected {
  background: var(--text);
  border-color: var(--text);
  color: var(--surface);
}
</style>
