<script setup lang="ts">
import { toScreen } from '@juxtachrome/core/colour'
import { problemOfSwatchPair } from '@juxtachrome/core/film'
import { planAt } from '@juxtachrome/core/documents'
import { viewOfPaint, type Corners, type SheetReading } from '@juxtachrome/core/paints'
import { computed, onUnmounted, ref, shallowRef, watch } from 'vue'
import { useSwatchCommands } from './commands'
import { counted } from '@juxtachrome/core/units'
import { cornersToLay, decodePhoto, usePhoto } from '~/shared/files/usePhoto'
import { readSheet } from './useSheet'
import { useFoundGrid } from './useFoundGrid'
import { madeUpSheet } from './madeUpSheet'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useCore } from '~/shared/questions/useCore'
import FileButton from '~/shared/ui/FileButton.vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import SheetCorners from './SheetCorners.vue'
import { figure } from '~/shared/words/figures'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

const collection = useCollection()
const core = useCore()
const notices = useNotices()
const commands = useSwatchCommands()
const { photo, put } = usePhoto()
const { said: gridSaid, find } = useFoundGrid()
const rows = ref(6)
const columns = ref(8)
const gap = ref(20)
const TYPED = 'a typed list'
const source = ref('')
const list = ref('')
const kind = ref<'masstone' | 'wash' | 'in turn'>('masstone')
const corners = ref<Corners>(cornersToLay({ width: 1, height: 1 }))
const trouble = ref('')
const progress = ref<number>()
const reading = shallowRef<SheetReading>()
const named = ref<string[]>([])
const taken = ref<boolean[]>([])
/** The cell whose paint is being chosen: only it lists the whole collection. */
const choosing = ref<number>()
let asked: { cancel(): void } | undefined
onUnmounted(() => {
  asked?.cancel()
  put(undefined)
})

const asItLies = () => JSON.stringify([rows.value, columns.value, gap.value, corners.value])
/** The sheet was made up: nothing of it is a measurement, and nothing is ticked beforehand. */
const isMadeUp = ref(false)
async function show(file: Blob, name: string, madeUp = false) {
  const read = await decodePhoto(file, name)
  trouble.value = read.ok ? '' : read.error.message
  reading.value = undefined
  if (!read.ok) return
  isMadeUp.value = madeUp
  put(read.value)
  corners.value = cornersToLay(read.value)
  const before = asItLies()
  const grid = await find(read.value)
  // what was set by hand meanwhile stays
  if (!grid || photo.value !== read.value || asItLies() !== before) return
  corners.value = grid.corners
  ;[rows.value, columns.value, gap.value] = [grid.rows, grid.columns, Math.round(grid.gap * 100)]
}
/** A made-up photograph of the paints at hand, tilted and unevenly lit, to try this out. */
async function tryIt() {
  const colours = order.value.slice(0, 24).map((p) => p && viewOfPaint(p).masstone)
  const sheet = await madeUpSheet(core, colours)
  if (!sheet.ok) {
    if (sheet.error.code !== 'replaced') trouble.value = sheet.error.message
    return
  }
  await show(sheet.value, 'made-up sheet', true)
  kind.value = 'masstone'
}
/** The paints in the order in which they name the cells: a palette's own order, or the collection by name. */
const order = computed(() => {
  if (source.value === TYPED)
    return list.value
      .split('\n')
      .map((l) => l.trim())
      .filter(Boolean)
      .map((l) => collection.paint(collection.find(l)?.[0]))
  const palette = source.value ? collection.palette(source.value) : undefined
  if (!palette) return [...collection.paints].sort((p, q) => p.name.localeCompare(q.name))
  return palette.holder.places.flatMap(({ id }) => collection.paint(planAt(palette, id)?.paintId) ?? [])
})
const kindOf = (cell: number): 'masstone' | 'wash' =>
  kind.value === 'in turn' ? (cell % 2 ? 'wash' : 'masstone') : kind.value
function name() {
  const cells = reading.value?.cells ?? []
  let next = 0
  named.value = cells.map((cell, i) => {
    if (cell.empty && kind.value !== 'in turn') return ''
    const paint = order.value[kind.value === 'in turn' ? Math.floor(i / 2) : next]
    next += 1
    return paint?.id ?? ''
  })
  taken.value = cells.map(
    (cell, i) => !isMadeUp.value && Boolean(named.value[i]) && !cell.empty && cell.confidence !== 'poor',
  )
}
watch([source, kind, list], name)

async function read() {
  if (!photo.value) return
  trouble.value = ''
  progress.value = 0
  const job = readSheet(
    core,
    photo.value,
    { corners: corners.value, rows: rows.value, columns: columns.value, gap: gap.value / 100 },
    (share) => {
      progress.value = share
    },
  )
  asked = job
  const result = await job.result
  progress.value = undefined
  if (!result.ok) {
    if (result.error.code !== 'cancelled') trouble.value = result.error.message
    return
  }
  reading.value = result.value
  name()
}
const paints = computed(() => [...collection.paints].sort((p, q) => p.name.localeCompare(q.name)))
const cells = computed(() =>
  (reading.value?.cells ?? []).map((cell, i) => {
    const [own, known] = [kindOf(i), collection.paint(named.value[i])]
    const beside =
      kind.value === 'in turn'
        ? reading.value!.cells[own === 'masstone' ? i + 1 : i - 1]?.lab
        : known?.[own === 'masstone' ? 'wash' : 'masstone']
    const problem = own === 'masstone' ? problemOfSwatchPair(cell.lab, beside) : problemOfSwatchPair(beside, cell.lab)
    return { cell, i, hex: toScreen(cell.lab).hex, kind: own, known, problem: known ? problem : undefined }
  }),
)
const saved = computed(() => cells.value.filter(({ i, problem }) => taken.value[i] && named.value[i] && !problem))
const count = computed(() => saved.value.length)
function save() {
  const swatches = saved.value.map(({ cell, i, kind: k }) => ({
    paintId: named.value[i]!,
    kind: k,
    lab: cell.lab,
    sd: cell.sd,
  }))
  commands.recordSwatches(
    swatches.map(({ paintId, kind: k, lab, sd }) => ({
      paintId,
      kind: k,
      swatch: {
        L: lab.L,
        a: lab.a,
        b: lab.b,
        source: 'photo',
        sd,
        note: photo.value?.name.slice(0, 200),
        ...(isMadeUp.value ? { simulated: true } : {}),
      },
    })),
    `recorded ${counted(swatches.length, 'swatch', 'swatches')} from ${photo.value?.name ?? 'a photograph'}`,
  )
  notices.say(`Recorded ${counted(swatches.length, 'swatch', 'swatches')}.`)
  reading.value = undefined
}
</script>

<template>
  <section aria-label="Read a photographed sheet" class="space-y-3">
    <p>
      Photograph or scan a whole sheet in daylight, with bare paper between and around the swatches. White and light are
      taken from that paper; nothing is saved before you have seen it.
    </p>
    <div class="flex flex-wrap gap-2">
      <FileButton
        label="Choose a photograph"
        primary
        accept="image/*"
        @choose="(file: File) => show(file, file.name)"
      />
      <button v-if="collection.paints.length" class="btn" @click="tryIt">Try it with a made-up sheet</button>
    </div>
    <Refusal v-if="trouble" :says="trouble" />
    <p v-if="isMadeUp && photo" class="doubt">
      This sheet was made up. What you tick and record is marked “simulated” for good, and counts as no measurement.
    </p>
    <template v-if="photo">
      <div class="grid grid-cols-1 gap-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <SheetCorners v-model="corners" :photo="photo" :rows="rows" :columns="columns" />
        <div class="space-y-2">
          <p v-if="gridSaid" role="status" class="text-sm font-medium">{{ gridSaid }}</p>
          <p class="text-sm">
            Lay corners 1 to 4 on the outer edges of the grid, in reading order. Drag them, or move them with the arrow
            keys.
          </p>
          <div class="grid grid-cols-3 gap-2">
            <label class="text-sm"
              >Rows<input v-model.number="rows" class="input" type="number" min="1" max="40" /></label
            ><label class="text-sm"
              >Columns<input v-model.number="columns" class="input" type="number" min="1" max="40" /></label
            ><label class="text-sm"
              >Gap, %<input v-model.number="gap" class="input" type="number" min="5" max="60"
            /></label>
          </div>
          <label class="block text-sm"
            >Cells hold<select v-model="kind" class="input">
              <option value="masstone">masstones</option>
              <option value="wash">washes</option>
              <option value="in turn">masstone and wash in turn</option>
            </select></label
          >
          <label class="block text-sm"
            >Named in the order of<select v-model="source" class="input">
              <option value="">the collection, by name</option>
              <option :value="TYPED">a list that I type</option>
              <option v-for="p in collection.palettes" :key="p.id" :value="p.id">{{ p.name }}</option>
            </select></label
          >
          <label v-if="source === TYPED" class="block text-sm"
            >One paint a line, name or code<textarea v-model="list" class="input" rows="5" maxlength="8000" />
          </label>
          <button class="btn btn-primary" :disabled="progress !== undefined" @click="read">Read the sheet</button>
          <WorkingBar
            v-if="progress !== undefined"
            class="mt-2"
            :done="progress"
            label="Reading the sheet"
            @cancel="asked?.cancel()"
          />
        </div>
      </div>
    </template>
    <template v-if="reading">
      <h2>What was read</h2>
      <p v-for="c in reading.cautions" :key="c" class="doubt">{{ c }}</p>
      <div class="panel overflow-x-auto p-2" tabindex="0" role="region" aria-label="Cells read">
        <table class="plain">
          <thead>
            <tr>
              <th>Save</th>
              <th>Cell</th>
              <th>Read</th>
              <th>Before</th>
              <th>Paint</th>
              <th>Kind</th>
              <th>L* a* b*</th>
              <th>Confidence</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="{ cell, i, hex, kind: k, known, problem } in cells" :key="i">
              <td>
                <input
                  v-model="taken[i]"
                  type="checkbox"
                  class="size-5"
                  :disabled="!named[i] || Boolean(problem)"
                  :aria-label="`Save row ${cell.row + 1}, column ${cell.column + 1}`"
                />
              </td>
              <td>{{ cell.row + 1 }}, {{ cell.column + 1 }}</td>
              <td><span class="block h-7 w-14" :style="{ background: hex }" /></td>
              <td><PaintSwatch v-if="known" :paint="known" class="h-7 w-14" /></td>
              <td>
                <select
                  v-model="named[i]"
                  class="input min-w-44"
                  @focus="choosing = i"
                  @pointerdown="choosing = i"
                  :aria-label="`Paint of row ${cell.row + 1}, column ${cell.column + 1}`"
                >
                  <option value="">none</option>
                  <option v-for="p in choosing === i ? paints : known ? [known] : []" :key="p.id" :value="p.id">
                    {{ p.name }}, {{ p.maker }}
                  </option>
                </select>
              </td>
              <td>{{ k }}</td>
              <td class="whitespace-nowrap">
                {{ figure(cell.lab.L) }} {{ figure(cell.lab.a) }} {{ figure(cell.lab.b) }}
              </td>
              <td>
                {{ cell.empty ? 'bare paper' : `${cell.confidence}, ± ${figure(cell.sd, 1)}`
                }}<span v-if="cell.remarks.length" class="hint block">{{ cell.remarks.join('; ') }}</span
                ><span v-if="problem" class="block refusal">{{ problem }}</span>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <div class="flex gap-2">
        <button class="btn btn-primary" :disabled="count === 0" @click="save">Save {{ count }} swatches</button
        ><button class="btn" @click="reading = undefined">Save none</button>
      </div>
    </template>
  </section>
</template>
