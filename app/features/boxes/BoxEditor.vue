<script setup lang="ts">
import type { Holder } from '@juxtachrome/core/documents'
import { holderProblems } from '@juxtachrome/core/drawing'
import { computed, ref } from 'vue'
import type { Redraw } from './commands'
import { useBoxDrawing } from './useBoxDrawing'
import BoxAdd from './BoxAdd.vue'
import BoxCanvas from './BoxCanvas.vue'
import BoxInUse from './BoxInUse.vue'
import BoxThing from './BoxThing.vue'
import BoxWhole from './BoxWhole.vue'
import PaletteZones from '~/shared/tray/PaletteZones.vue'

/** A box is drawn: what can be added on the left, the drawing to scale, what is chosen and the whole on the right. */
const props = defineProps<{ holder: Holder; redraw: Redraw; used: ReadonlySet<string>; isNamed?: boolean }>()
const side = ref<'left' | 'right'>('right')
const drawing = useBoxDrawing(
  () => props.holder,
  (label, how) => props.redraw(label, how),
)
const { chosen, several, isSnapping, things, choose } = drawing
const problems = computed(() => holderProblems(props.holder))
</script>

<template>
  <PaletteZones v-model:side="side" :labels="['Add', 'What is chosen']">
    <template #left><BoxAdd :holder="holder" :drawing="drawing" /></template>
    <template #tray>
      <div class="mb-2 flex flex-wrap items-center gap-2">
        <button class="btn" @click="choose(things.map((t) => t.key))">Choose all</button>
        <button class="btn" :disabled="chosen.length === 0" @click="choose([])">Choose nothing</button>
        <button class="btn" :aria-pressed="several" @click="several = !several">Choose several</button>
        <button class="btn" :aria-pressed="isSnapping" @click="isSnapping = !isSnapping">Snap</button>
        <span class="hint text-sm" role="status">{{
          problems.length ? problems[0]!.words : 'Nothing overlaps, nothing stands out.'
        }}</span>
      </div>
      <BoxCanvas :holder="holder" :drawing="drawing" :problems="problems" :used="used" />
      <p class="hint mt-2 text-sm">
        {{ holder.width }} × {{ holder.height }} mm, seen from above with the lid away from you. Drag, or move with the
        arrow keys.{{ used.size ? ' Darker places hold paint, or have a history: they keep their names.' : '' }}
      </p>
      <BoxInUse :holder="holder" />
    </template>
    <template #right>
      <BoxThing :holder="holder" :drawing="drawing" :redraw="redraw" />
      <BoxWhole
        :holder="holder"
        :redraw="redraw"
        :problems="problems"
        :is-named="isNamed"
        class="mt-5"
        @show="choose"
      />
    </template>
  </PaletteZones>
</template>
