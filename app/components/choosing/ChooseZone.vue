<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import type { Assessment } from '@juxtachrome/core/choosing'
import { computed, nextTick, ref } from 'vue'
import { useGuideCommands } from '~/commands/guides'
import type { Carry } from '~/composables/useCarry'

/** The left zone while choosing: the drawer as it is, or a guide through a way of choosing. */
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
type Panel = 'best' | 'reduce' | 'list' | 'master' | 'together' | 'few' | 'versions'
const panel = ref<Panel>()
const commands = useGuideCommands()
const zone = ref<HTMLElement>()
/** What the collection mixes is at hand, so that choices can be reckoned. */
const isReady = computed(() => Boolean(props.verdict?.gains))
/** The list of ways, although a guide is under way: it can be taken up again from there. */
const lists = ref(false)
async function show(what: Panel | 'ways' | 'guide') {
  panel.value = what === 'ways' || what === 'guide' ? undefined : what
  lists.value = what === 'ways'
  // the work goes on at the top of what comes
  await nextTick()
  zone.value?.querySelector<HTMLElement>('h2')?.focus()
}
</script>

<template>
  <div ref="zone" class="flex h-full min-h-0 flex-col">
    <div role="group" aria-label="Left zone" class="mb-2 flex gap-1">
      <button class="choice" :aria-pressed="mode === 'drawer'" @click="mode = 'drawer'">Drawer</button>
      <button class="choice" :aria-pressed="mode === 'guide'" @click="mode = 'guide'">
        {{ palette.guide ? `Guide: ${palette.guide.name}` : 'Choose by a way' }}
      </button>
    </div>
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
      <LazyBestFill
        v-if="panel === 'best'"
        :palette="palette"
        :is-ready="isReady"
        @look="emit('look', $event)"
        @leave="show('guide')"
      />
      <LazyReducePanel
        v-else-if="panel === 'reduce'"
        :palette="palette"
        :is-ready="isReady"
        @look="emit('look', $event)"
        @leave="show('guide')"
      />
      <LazyListPanel
        v-else-if="panel === 'list'"
        :palette="palette"
        @look="emit('look', $event)"
        @leave="show('guide')"
      />
      <LazyMasterSet
        v-else-if="panel === 'master'"
        :palette="palette"
        :gains="verdict?.gains"
        :room="room"
        @look="emit('look', $event)"
        @leave="show('guide')"
      />
      <LazyHeadToHead
        v-else-if="panel === 'together'"
        :palette="palette"
        :gains="verdict?.gains"
        :room="room"
        @look="emit('look', $event)"
        @leave="show('guide')"
      />
      <LazyLimitedFew
        v-else-if="panel === 'few'"
        :palette="palette"
        @look="emit('look', $event)"
        @leave="show('guide')"
      />
      <LazyVersionsPanel v-else-if="panel === 'versions'" :palette="palette" @leave="show('guide')" />
      <LazyGuidePanel
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
        <LazyWaysList :palette="palette" @pick="show" @begun="show('guide')" />
      </template>
    </div>
  </div>
</template>
