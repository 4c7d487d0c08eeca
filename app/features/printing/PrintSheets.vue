<script setup lang="ts">
import { useSwatchCommands } from '~/features/swatches'
import { useNotices } from '~/stores/notices'
import { FADE_LOOKS, type Printed } from '@juxtachrome/core/charts'
import type { Paint } from '@juxtachrome/core/documents'
import { daysAfter } from '@juxtachrome/core/units'
import { ref } from 'vue'
import { saveCalendar } from '~/shared/files/calendarFile'
import { savePdf, savePng, saveSvg } from '~/shared/files/saveSheets'
import type { useSheets } from './useSheets'
import { sheetOf } from './sheets'
import PageDrawing from './PageDrawing.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** The sheets as they will be printed, and what they are saved as. */
const props = defineProps<{
  sheets: ReturnType<typeof useSheets>
  printed: Printed
  kind: string
  paints: readonly Paint[]
  today: string
}>()
const { fonts, title } = props.sheets
const busy = ref('')
const trouble = ref('')
async function save(how: 'PDF' | 'PNG' | 'SVG') {
  const typefaces = fonts.value
  if (!typefaces || busy.value) return
  trouble.value = ''
  busy.value = 'Writing …'
  try {
    const { pages } = props.printed
    if (how === 'PDF')
      await savePdf(pages, title.value, typefaces, (done, of) => (busy.value = `Writing: sheet ${done} of ${of}`))
    else if (how === 'PNG') await savePng(pages, title.value, typefaces)
    else saveSvg(pages, title.value, typefaces)
  } catch (error) {
    trouble.value = `It could not be written: ${error instanceof Error ? error.message : String(error)}`
  } finally {
    busy.value = ''
  }
}
const swatches = useSwatchCommands()
const notices = useNotices()
/** The days on which the halves of a fade test are compared. */
function calendar() {
  const names = props.paints.map((p) => p.name).join(', ')
  const looks = FADE_LOOKS.map((days) => {
    const day = daysAfter(props.today, days)
    return { id: `fade-${props.today}-${days}`, day, title: `Fade test: compare after ${days} days`, text: names }
  })
  const begun = { id: `fade-${props.today}`, day: props.today, title: 'Fade test begun', text: names }
  void saveCalendar('juxtachrome-fade-test.ics', 'Fade test', [begun, ...looks])
}
/** From then on Today says when its halves are to be compared. */
function begin() {
  if (
    swatches.beginFadeTest(
      props.paints.map((p) => p.id),
      props.today,
    )
  )
    notices.say('Today says when its halves are to be compared.')
}
const label = (i: number) =>
  props.printed.pages.length > 1 ? `${title.value}, sheet ${i + 1} of ${props.printed.pages.length}` : title.value
</script>

<template>
  <div>
    <div class="flex flex-wrap items-center gap-2">
      <button class="btn btn-primary" :disabled="Boolean(busy)" @click="save('PDF')">
        {{ busy || 'Save as PDF' }}
      </button>
      <button class="btn" :disabled="Boolean(busy)" @click="save('PNG')">PNG</button>
      <button class="btn" :disabled="Boolean(busy)" @click="save('SVG')">SVG</button>
      <template v-if="sheetOf(kind).hasDays">
        <button class="btn" @click="calendar">Save the days for a calendar</button>
        <button class="btn" @click="begin">It is in the window since today</button>
      </template>
      <p class="hint min-w-60 grow basis-0 text-sm">
        Print at 100 %, without fitting to the page; the ruler at the foot is 50 mm long.
      </p>
    </div>
    <Refusal v-if="trouble" class="mt-1" :says="trouble" />
    <p class="mt-2" role="status">
      {{ printed.pages.length === 1 ? 'One sheet' : `${printed.pages.length} sheets` }},
      {{ Math.round(printed.pages[0]?.width ?? 0) }} × {{ Math.round(printed.pages[0]?.height ?? 0) }} mm.
      {{ printed.said.join(' ') }}
    </p>
    <div class="mt-2 grid gap-3" :class="printed.pages.length > 1 ? 'xl:grid-cols-2' : ''">
      <PageDrawing
        v-for="(page, i) in printed.pages"
        :key="i"
        :page="page"
        :measure="fonts!.measure"
        :label="label(i)"
        class="mx-auto"
        :style="{ maxWidth: `${page.width * 4.2}px`, maxHeight: printed.pages.length > 1 ? undefined : '80dvh' }"
      />
    </div>
  </div>
</template>
