<script setup lang="ts">
import { paintingSteps, type Printed } from '@juxtachrome/core/charts'
import * as z from 'zod/mini'
import { computed, ref } from 'vue'
import { useAtTheTable } from '~/shared/ui/useAtTheTable'
import type { useSheets } from './useSheets'
import { toScreen } from '@juxtachrome/core/colour'
import { kept } from '~/stores/kept'
import { useCollection } from '~/stores/collection'
import PageDrawing from './PageDrawing.vue'

/** A sheet painted box by box, in the order in which the pans lie, so that no two names change places; ticked, left and gone on with. */
const props = defineProps<{ sheets: ReturnType<typeof useSheets>; printed: Printed; sheetId: string }>()
const collection = useCollection()
const { fonts, labsOf } = props.sheets
/** Boxes ticked by sheet; the last sheets are kept. */
const MOST_SHEETS = 20
const painted = kept('jx-painted', z.record(z.string(), z.array(z.string())), {})
const done = computed(() => new Set(painted.value[props.sheetId]))
const steps = computed(() => paintingSteps(props.printed.pages))
const left = computed(() => steps.value.filter((s) => !done.value.has(s.box.id)))
const picked = ref<string>()
const step = computed(() => steps.value.find((s) => s.box.id === picked.value) ?? left.value[0])
const page = computed(() => props.printed.pages[step.value?.page ?? 0])
const tick = (ids: readonly string[]) => {
  const others = Object.entries(painted.value).filter(([id]) => id !== props.sheetId)
  painted.value = Object.fromEntries([...others.slice(1 - MOST_SHEETS), [props.sheetId, [...ids]]])
}
function next() {
  if (!step.value) return
  tick([...done.value, step.value.box.id])
  picked.value = undefined
}
function back() {
  tick([...done.value].slice(0, -1))
  picked.value = undefined
}
const paintsOf = computed(() =>
  (step.value?.box.filling.parts ?? []).flatMap(({ paintId, parts }) => {
    const paint = collection.paint(paintId)
    return paint ? [{ paint, parts }] : []
  }),
)
const colours = computed(() => (step.value ? labsOf(step.value.box.filling).map((lab) => toScreen(lab).hex) : []))
const water = computed(() => step.value?.box.filling.water)
const how = computed(() => {
  const parts = step.value?.box.filling.parts.length ?? 0
  const mixed = parts > 1 ? 'Mix them well before it goes on the paper. ' : ''
  if (water.value === undefined) return `${mixed}From full strength on one side to a thin wash on the other.`
  if (water.value === 0) return `${mixed}At full strength, with hardly any water.`
  return `${mixed}${water.value} ${water.value === 1 ? 'part' : 'parts'} of water to one of paint, counted in drops.`
})
const { main } = useAtTheTable(step, { ArrowRight: next, ArrowLeft: back })
</script>

<template>
  <div>
    <p class="flex flex-wrap items-center gap-3">
      <span class="hint grow" role="status">{{ done.size }} painted, {{ left.length }} to go</span>
      <button v-if="done.size" class="btn min-h-15" @click="back">Back one</button>
      <button v-if="done.size" class="btn min-h-15" @click="tick([])">Begin anew</button>
    </p>
    <div v-if="step && page && left.length" class="mt-2 grid gap-4 xl:grid-cols-2">
      <div>
        <p class="hint text-lg">
          Now {{ step.box.id }}<template v-if="printed.pages.length > 1">, on sheet {{ step.page + 1 }}</template>
        </p>
        <p class="text-4xl leading-tight">{{ step.box.label }}</p>
        <p class="mt-1 text-xl">{{ step.where === 'the first' ? 'It is the first.' : `It lies ${step.where}.` }}</p>
        <ul v-if="paintsOf.length > 1" class="mt-2 text-xl">
          <li v-for="{ paint, parts } in paintsOf" :key="paint.id">{{ parts }} of {{ paint.name }}</li>
        </ul>
        <p v-else-if="paintsOf[0]" class="hint mt-1 text-lg">
          {{ [paintsOf[0].paint.maker, paintsOf[0].paint.pigments.join(' ')].filter(Boolean).join(' · ') }}
        </p>
        <p class="mt-2 text-lg">{{ how }}</p>
        <div v-if="colours.length" class="mt-2 flex h-14 w-64 max-w-full border border-line" aria-hidden="true">
          <span v-for="(c, i) in colours" :key="i" class="grow" :style="{ background: c }" />
        </div>
        <p v-if="colours.length" class="hint text-sm">About so, as predicted. Rinse the brush in clean water first.</p>
        <button ref="main" class="btn btn-primary mt-4 min-h-16 w-full text-2xl" @click="next">Painted, next</button>
        <p class="hint mt-1">Enter or → : painted, next. ← : back one. Any box on the sheet can be chosen.</p>
      </div>
      <PageDrawing
        close
        :page="page"
        :measure="fonts!.measure"
        :label="`Where it goes: ${step.box.id}`"
        class="mx-auto"
        :style="{ maxHeight: '70dvh' }"
      >
        <template v-for="b in page.boxes" :key="b.id">
          <rect
            v-bind="b.box"
            :fill="done.has(b.id) ? '#00000033' : 'transparent'"
            :stroke="b.id === step.box.id ? '#000' : 'none'"
            stroke-width="1.2"
            class="cursor-pointer"
            @click="picked = b.id"
          />
        </template>
      </PageDrawing>
    </div>
    <p v-else class="mt-3 text-2xl">
      All of it is painted. Let it dry, then photograph it in daylight and have the photograph checked, before it is
      cut.
    </p>
  </div>
</template>
