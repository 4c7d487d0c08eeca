<script setup lang="ts" generic="T">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, nextTick, ref, watch } from 'vue'

/**
 * A long list of which only what is in sight is in the page. Up and Down move the focus through all of it. `rowHeight` is
 * px at the usual size of letters; where somebody reads larger ones, rows grow with them.
 */
const props = defineProps<{ rows: T[]; rowHeight: number; label: string; keyOf: (row: T) => string }>()
const scroller = ref<HTMLElement>()
const USUAL_LETTERS = 16
const larger = Number.parseFloat(getComputedStyle(document.documentElement).fontSize) / USUAL_LETTERS || 1
const virtualizer = useVirtualizer(
  computed(() => ({
    count: props.rows.length,
    getScrollElement: () => scroller.value ?? null,
    estimateSize: () => props.rowHeight * larger,
    overscan: 8,
    getItemKey: (i: number) => props.keyOf(props.rows[i]!),
  })),
)
const active = ref(0)
watch(
  () => props.rows.length,
  (length) => {
    active.value = Math.min(active.value, Math.max(0, length - 1))
  },
)

async function step(event: KeyboardEvent, by: number) {
  const next = Math.max(0, Math.min(props.rows.length - 1, active.value + by))
  event.preventDefault()
  active.value = next
  virtualizer.value.scrollToIndex(next)
  await nextTick()
  requestAnimationFrame(() => scroller.value?.querySelector<HTMLElement>(`[data-row="${next}"]`)?.focus())
}
function focusRow(id: string) {
  const i = props.rows.findIndex((row) => props.keyOf(row) === id)
  if (i < 0) return
  active.value = i
  virtualizer.value.scrollToIndex(i)
  requestAnimationFrame(() => scroller.value?.querySelector<HTMLElement>(`[data-row="${i}"]`)?.focus())
}
defineExpose({ focusRow })
</script>

<template>
  <div ref="scroller" class="overflow-y-auto" tabindex="-1">
    <ul
      :aria-label="label"
      class="relative"
      :style="{ height: `${virtualizer.getTotalSize()}px` }"
      @keydown.down="step($event, 1)"
      @keydown.up="step($event, -1)"
      @keydown.page-down="step($event, 10)"
      @keydown.page-up="step($event, -10)"
      @keydown.home="step($event, -rows.length)"
      @keydown.end="step($event, rows.length)"
    >
      <li
        v-for="row in virtualizer.getVirtualItems()"
        :key="String(row.key)"
        class="absolute inset-x-0 top-0"
        :aria-setsize="rows.length"
        :aria-posinset="row.index + 1"
        :style="{ height: `${row.size}px`, transform: `translateY(${row.start}px)` }"
      >
        <slot
          :row="rows[row.index]!"
          :bind="{
            'data-row': row.index,
            tabindex: row.index === active ? 0 : -1,
            onFocus: () => {
              active = row.index
            },
          }"
        />
      </li>
    </ul>
  </div>
</template>
