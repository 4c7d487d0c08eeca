<script setup lang="ts">
import { planAt, type Palette } from '@juxtachrome/core/documents'
import { portionsOf } from '@juxtachrome/core/ledger'
import { boxOf } from '@juxtachrome/core/arranging'
import { keyOf, SHEETS, spreadOver, type KeyDrawing, type SheetName } from '@juxtachrome/core/charts'
import { useNaming } from '~/commands/naming'
import { computed, nextTick, ref, shallowRef, watchEffect } from 'vue'
import { saveFile } from '~/composables/useExport'
import type { PrintFonts } from '~/print/fonts'
import * as z from 'zod/mini'
import { useCollection } from '~/stores/collection'
import { kept } from '~/stores/kept'

const props = defineProps<{ palette: Palette }>()
const collection = useCollection()
const name = useNaming()
const sheet = kept('jx-sheet', z.enum(Object.keys(SHEETS) as [SheetName]), 'A4')
const fonts = shallowRef<PrintFonts>()
const drawing = shallowRef<KeyDrawing>()
const trouble = ref('')
const busy = ref(false)
const fontsLoaded = import('~/print/fonts')
  .then((m) => m.printFonts())
  .then(
    (f) => {
      fonts.value = f
    },
    () => {
      trouble.value = 'The typeface for print could not be loaded. Reload and try again.'
    },
  )
/** Other paints than the planned one that lie in a place, and what the planned one stands in for. */
function also(placeId: string): string | undefined {
  const content = collection.ledger.places(props.palette.id).get(placeId)?.content
  const planned = planAt(props.palette, placeId)?.paintId
  const lying = content ? portionsOf(content) : []
  const others = lying.filter((p) => p.paintId !== planned).map((p) => name.paint(p.paintId))
  const standsFor = planAt(props.palette, placeId)?.standsFor?.words
  const said = [
    ...(others.length ? [`${lying.length > 1 ? 'with' : 'holds'} ${others.join(', ')}`] : []),
    ...(standsFor ? [`for ${standsFor}`] : []),
  ]
  return said.length ? said.join('; ') : undefined
}
watchEffect(() => {
  drawing.value = fonts.value && keyOf(props.palette, { get: collection.paint }, fonts.value.measure, also)
})
const plan = computed(() => spreadOver(props.palette.holder.width, props.palette.holder.height, sheet.value))
const about = computed(() => {
  const { tiles, landscape } = plan.value
  const blanks = drawing.value?.cells.filter((c) => c.kind !== 'paint').length ?? 0
  const { width, height } = props.palette.holder
  const sheets =
    tiles.length === 1 ? `one sheet ${sheet.value}` : `${tiles.length} sheets ${sheet.value}, to be taped together`
  const kept = blanks === 1 ? 'One place stays blank.' : blanks ? `${blanks} places stay blank.` : ''
  return `${width} × ${height} mm on ${sheets}, ${landscape ? 'across' : 'upright'}. ${kept}`
})

async function save() {
  busy.value = true
  // who asks before the typeface is here waits for it
  await fontsLoaded
  await nextTick()
  if (!drawing.value || !fonts.value) {
    busy.value = false
    return
  }
  trouble.value = ''
  try {
    const { writeKeyPdf } = await import('~/print/keyPdf')
    const bytes = await writeKeyPdf(drawing.value, plan.value, props.palette.name, fonts.value)
    saveFile(
      `key-${props.palette.name.toLowerCase().replace(/[^\p{L}\d]+/gu, '-')}.pdf`,
      bytes as Uint8Array<ArrayBuffer>,
      'application/pdf',
    )
  } catch (error) {
    trouble.value = `The key could not be written: ${error instanceof Error ? error.message : String(error)}`
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="grid grow gap-4 p-3 lg:grid-cols-[minmax(0,1fr)_20rem]">
    <div class="min-w-0 overflow-auto bg-white p-3 text-black" tabindex="0" aria-label="Preview of the key">
      <svg
        v-if="drawing"
        :viewBox="`-6 -6 ${drawing.width + 12} ${drawing.height + 12}`"
        class="mx-auto w-full"
        :style="{ maxWidth: `${drawing.width * 6}px`, maxHeight: 'calc(100dvh - 9.5rem)' }"
        role="img"
        :aria-label="`Key of ${palette.name}`"
        fill="none"
        stroke="#000"
        stroke-width="0.2"
      >
        <circle
          v-if="drawing.outline === 'ring'"
          :cx="drawing.width / 2"
          :cy="drawing.height / 2"
          :r="drawing.width / 2"
        />
        <rect v-else :width="drawing.width" :height="drawing.height" />
        <template v-for="(part, i) in drawing.parts" :key="i">
          <circle
            v-if="part.shape.kind === 'circle'"
            :cx="part.shape.x"
            :cy="part.shape.y"
            :r="part.shape.radius"
            stroke="#777"
          />
          <rect v-else v-bind="boxOf(part.shape)" stroke="#777" />
        </template>
        <g v-for="cell in drawing.cells" :key="cell.placeId">
          <circle v-if="cell.shape.kind === 'circle'" :cx="cell.shape.x" :cy="cell.shape.y" :r="cell.shape.radius" />
          <rect v-else v-bind="boxOf(cell.shape)" :stroke-dasharray="cell.kind === 'reserved' ? '1 0.7' : undefined" />
          <rect v-if="cell.kind === 'paint'" v-bind="cell.swatch" />
          <text
            v-for="(t, i) in cell.texts"
            :key="i"
            :x="t.x"
            :y="t.y"
            :font-size="t.size"
            :font-weight="t.bold ? 600 : 400"
            :textLength="fonts!.measure(t.text, t.size, t.bold)"
            lengthAdjust="spacingAndGlyphs"
            fill="#000"
            stroke="none"
          >
            {{ t.text }}
          </text>
        </g>
        <text
          v-if="drawing.title"
          :x="drawing.title.x"
          :y="drawing.title.y"
          :font-size="drawing.title.size"
          font-weight="600"
          :textLength="fonts!.measure(drawing.title.text, drawing.title.size, true)"
          lengthAdjust="spacingAndGlyphs"
          fill="#000"
          stroke="none"
        >
          {{ drawing.title.text }}
        </text>
      </svg>
      <p v-else-if="!trouble">Laying out the key …</p>
    </div>
    <section aria-label="Printing the key" class="space-y-3">
      <h2>Key for the lid</h2>
      <p>{{ about }}</p>
      <label class="block text-sm"
        >Paper<select v-model="sheet" class="input">
          <option v-for="(_, s) in SHEETS" :key="s" :value="s">{{ s }}</option>
        </select></label
      >
      <button class="btn btn-primary" :disabled="busy" @click="save">
        {{ busy ? 'Writing …' : 'Save as PDF' }}
      </button>
      <p v-if="trouble" role="alert" class="text-trouble">{{ trouble }}</p>
      <p class="hint">
        Print at 100 %, without fitting to the page; the line at the foot of the sheet is 50 mm long. Paint each box
        from the pan it names, one at a time, with the key lying as the open palette lies.
      </p>
    </section>
  </div>
</template>
