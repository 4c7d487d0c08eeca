<script setup lang="ts">
import { paintInWords, type PaintView } from '@juxtachrome/core/paints'
import { Plus } from '@lucide/vue'
import type { Carry } from '~/composables/useCarry'
import { usePaintList } from '~/composables/usePaintList'

const props = defineProps<{ carry: Carry; planned: Set<string>; room: boolean }>()
const emit = defineEmits<{ carrying: []; next: [paintId: string] }>()
const { filter, shown, isFiltered, clear, total } = usePaintList()
const what = (view: PaintView) => ({ kind: 'paint' as const, id: view.paint.id, name: view.paint.name })

function pick(view: PaintView) {
  if (props.carry.endsDrag()) return
  props.carry.pickUp(what(view))
}
function putNext(view: PaintView) {
  props.carry.putBack()
  emit('next', view.paint.id)
}
function key(event: KeyboardEvent, view: PaintView) {
  if (event.key === ' ') {
    event.preventDefault()
    props.carry.pickUp(what(view))
    emit('carrying')
  } else if (event.key === 'Escape' && props.carry.carried.value) props.carry.putBack()
}
</script>

<template>
  <section class="flex min-h-0 flex-col" aria-label="Drawer: your collection" data-drawer>
    <EmptyCollection v-if="total === 0" />
    <template v-else>
      <SearchBox v-model="filter" :shown="shown.length" :total="total" :is-filtered="isFiltered" @clear="clear" />
      <VirtualList
        v-slot="{ row, bind }"
        :rows="shown"
        :row-height="48"
        :key-of="(v) => v.paint.id"
        label="Paints by hue"
        class="panel mt-1 h-80 lg:h-[calc(100dvh-15.5rem-var(--strip))]"
      >
        <div class="flex h-full border-b border-line" :class="planned.has(row.paint.id) ? 'bg-sunken' : ''">
          <button
            v-bind="bind"
            class="min-w-0 grow cursor-grab px-1"
            :aria-label="`${paintInWords(row.paint)}${planned.has(row.paint.id) ? ', planned in this palette' : ''}. Space to pick up`"
            @click="pick(row)"
            @dblclick="putNext(row)"
            @keydown="key($event, row)"
            @pointerdown="carry.press($event, what(row))"
            @contextmenu="carry.carried.value && $event.preventDefault()"
          >
            <PaintRow :view="row" />
          </button>
          <button
            class="btn btn-quiet btn-icon shrink-0 self-center"
            tabindex="-1"
            :disabled="!room"
            :aria-label="`Put ${row.paint.name} in the next free place`"
            title="Put it in the next free place"
            @click="emit('next', row.paint.id)"
          >
            <Plus :size="16" />
          </button>
        </div>
      </VirtualList>
      <p v-if="shown.length === 0" class="hint mt-2">Nothing like that. Show all, or add the paint first.</p>
    </template>
  </section>
</template>
