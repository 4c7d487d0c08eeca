<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import type { Assessment } from '@juxtachrome/core/choosing'
import { computed, defineAsyncComponent, nextTick, ref, type Component } from 'vue'
import { useGuideCommands } from './commands'
import type { ChoosePanel } from './choosePanels'
import type { Carry } from '~/shared/tray/useCarry'
import { LazyPaintDrawer } from '~/features/paints'
import { LazyVersionsPanel } from '~/features/palettes'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

const LazyMethodCalls = defineAsyncComponent(() => import('./MethodCalls.vue'))
const LazyMethodsList = defineAsyncComponent(() => import('./MethodsList.vue'))

/** The left zone while choosing: the drawer as it is, or a method, call by call. */
const props = defineProps<{
  palette: Palette
  planned: Set<string>
  carry: Carry
  verdict?: Assessment
  room: boolean
}>()
const byBrings = defineModel<boolean>('byBrings', { default: false })
const mode = defineModel<'drawer' | 'guide'>('mode', { default: 'drawer' })
const emit = defineEmits<{ carrying: []; next: [paintId: string]; look: [paintId: string] }>()
const panel = ref<ChoosePanel>()
const commands = useGuideCommands()
const zone = ref<HTMLElement>()
/** What the collection mixes is at hand, so that choices can be reckoned. */
const isReady = computed(() => Boolean(props.verdict?.gains))
const reckoned = () => ({ isReady: isReady.value })
const measured = () => ({ gains: props.verdict?.gains, room: props.room })
const alone = () => ({})
/** Each panel, fetched when it is first shown, with what it needs besides the palette. */
const PANELS: Record<ChoosePanel, { is: Component; given: () => Record<string, unknown> }> = {
  best: { is: defineAsyncComponent(() => import('./BestFill.vue')), given: reckoned },
  reduce: { is: defineAsyncComponent(() => import('./ReducePanel.vue')), given: reckoned },
  list: { is: defineAsyncComponent(() => import('./ListPanel.vue')), given: alone },
  master: { is: defineAsyncComponent(() => import('./LargerPalette.vue')), given: measured },
  together: { is: defineAsyncComponent(() => import('./HeadToHead.vue')), given: measured },
  few: { is: defineAsyncComponent(() => import('./LimitedFew.vue')), given: alone },
  versions: { is: LazyVersionsPanel, given: alone },
}
/** The list of methods, although one is under way: it can be taken up again from there. */
const lists = ref(false)
async function show(what: ChoosePanel | 'ways' | 'guide') {
  panel.value = what === 'ways' || what === 'guide' ? undefined : what
  lists.value = what === 'ways'
  // the work goes on at the top of what comes
  await nextTick()
  zone.value?.querySelector<HTMLElement>('h2')?.focus()
}
</script>

<template>
  <div ref="zone" class="flex h-full min-h-0 flex-col">
    <ChoiceGroup label="Left zone" class="mb-2 flex gap-1">
      <button class="choice" :aria-pressed="mode === 'drawer'" @click="mode = 'drawer'">Drawer</button>
      <button class="choice" :aria-pressed="mode === 'guide'" @click="mode = 'guide'">
        {{ palette.guide ? `Method: ${palette.guide.name}` : 'Choose with a method' }}
      </button>
    </ChoiceGroup>
    <LazyPaintDrawer
      v-if="mode === 'drawer'"
      v-model:by-brings="byBrings"
      class="min-h-0 grow"
      :carry="carry"
      :palette="palette"
      :planned="planned"
      :gains="verdict?.gains"
      :room="room"
      @carrying="emit('carrying')"
      @next="emit('next', $event)"
      @look="emit('look', $event)"
    />
    <div v-else class="min-h-0 grow overflow-y-auto pr-1">
      <component
        :is="PANELS[panel].is"
        v-if="panel"
        :palette="palette"
        v-bind="PANELS[panel].given()"
        @look="emit('look', $event)"
        @leave="show('guide')"
      />
      <LazyMethodCalls
        v-else-if="palette.guide && !lists"
        :palette="palette"
        :verdict="verdict"
        :room="room"
        @look="emit('look', $event)"
        @ways="show('ways')"
        @leave="commands.leave(palette)"
      />
      <template v-else>
        <button v-if="palette.guide" class="btn mb-2" @click="show('guide')">Back to {{ palette.guide.name }}</button>
        <LazyMethodsList :palette="palette" @pick="show" @begun="show('guide')" />
      </template>
    </div>
  </div>
</template>
