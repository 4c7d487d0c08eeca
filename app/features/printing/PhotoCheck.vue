<script setup lang="ts">
import { becomes, type CheckedBox, type Printed } from '@juxtachrome/core/charts'
import { toScreen } from '@juxtachrome/core/colour'
import { counted } from '@juxtachrome/core/units'
import { computed, ref } from 'vue'
import { SheetCorners, useSwatchCommands } from '~/features/swatches'
import { useRecipeCommands } from '~/features/mixing'
import { checkInWords } from './checkWords'
import { saveColours } from '~/shared/files/saveSheets'
import { useSheetCheck } from './useSheetCheck'
import type { useSheets } from './useSheets'
import { sheetOf } from './sheets'
import { useNotices } from '~/stores/notices'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import FileButton from '~/shared/ui/FileButton.vue'
import PageDrawing from './PageDrawing.vue'
import PartnersRanked from './PartnersRanked.vue'
import { figure } from '~/shared/words/figures'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

/** A photograph of the painted sheet, held against what should be there; what is right can be taken over. Nothing is saved unasked. */
const props = defineProps<{ sheets: ReturnType<typeof useSheets>; printed: Printed; kind: string }>()
const notices = useNotices()
const swatchCommands = useSwatchCommands()
const recipeCommands = useRecipeCommands()
const { fonts, labsOf, title } = props.sheets
const number = ref('0')
const page = computed(() => props.printed.pages[Number(number.value)] ?? props.printed.pages[0]!)
const pages = computed(() => props.printed.pages.map((_, i) => ({ id: String(i), text: `sheet ${i + 1}` })))
const { photo, isMadeUp, checked, corners, trouble, progress, show, check, tryIt, cancel, isMaking } = useSheetCheck()
const choose = async (file: File) => (await show(file, file.name)) && check(page.value)
const said = computed(() => (checked.value ? checkInWords(checked.value) : []))
const middle = ({ read }: CheckedBox) => read.patches[read.patches.length >> 1]!
const hexOf = (b: CheckedBox) => (b.verdict === 'empty' ? 'none' : toScreen(middle(b).lab).hex)
const shouldBe = (b: CheckedBox) => {
  const labs = labsOf(b.box.filling)
  const lab = labs[labs.length >> 1]
  return lab ? toScreen(lab).hex : 'none'
}
/** What the boxes that are right become: swatches, or notes of real mixtures. */
const taken = computed(() => becomes(checked.value?.boxes ?? [], photo.value?.name, isMadeUp.value))
const swatches = computed(() => taken.value.swatches)
const washes = computed(() => taken.value.washes)
const mixtures = computed(() => taken.value.mixtures)
function takeSwatches() {
  swatchCommands.recordSwatches(
    swatches.value,
    `recorded ${counted(swatches.value.length, 'swatch', 'swatches')} from ${photo.value?.name ?? 'a photograph'}`,
  )
  notices.say(`Recorded ${counted(swatches.value.length, 'swatch', 'swatches')}.`)
}
function takeWashes() {
  const count = counted(washes.value.length, 'further wash', 'further washes')
  swatchCommands.recordFurther(washes.value, `recorded ${count} from ${photo.value?.name ?? 'a photograph'}`)
  notices.say(`Recorded ${count}.`)
}
function takeMixtures() {
  const count = counted(mixtures.value.length, 'mixture')
  recipeCommands.noteAll(mixtures.value, `noted what ${count} looked like`)
  notices.say(`Noted what ${count} looked like.`)
}
const colours = () =>
  (checked.value?.boxes ?? []).map((b) => {
    const predicted = labsOf(b.box.filling)[0]
    return {
      id: b.box.id,
      name: b.box.label,
      ...(predicted ? { predicted } : {}),
      ...(b.verdict === 'empty' ? {} : { read: middle(b).lab }),
    }
  })
</script>

<template>
  <div class="space-y-2">
    <p>Photograph the dry sheet in daylight, all four black discs in view, before it is cut. It may lie any way up.</p>
    <div class="flex flex-wrap items-end gap-2">
      <ChoiceField v-if="pages.length > 1" v-model="number" label="Which sheet" :choices="pages" />
      <FileButton label="Choose a photograph" primary accept="image/*" @choose="choose" />
      <button class="btn" :disabled="isMaking" @click="tryIt(page)">
        {{ isMaking ? 'Making it up …' : 'Try it with a made-up photograph' }}
      </button>
      <WorkingBar v-if="progress !== undefined" :done="progress" label="Reading the photograph" @cancel="cancel()" />
    </div>
    <Refusal v-if="trouble" :says="trouble" />
    <template v-if="checked">
      <section aria-label="What the photograph shows">
        <ul v-if="said.length">
          <li v-for="words in said" :key="words" class="border-l-4 border-trouble py-0.5 pl-2">{{ words }}</li>
        </ul>
        <p v-else>Everything is where it should be, as far as a photograph can tell.</p>
        <p v-for="c in checked.cautions" :key="c" class="doubt">{{ c }}</p>
        <p class="hint text-sm">
          Predictions are off by about 4; your eye has the last word.
          <template v-if="checked.toned">
            The camera’s tone curve was taken out by {{ checked.toned }} boxes of known colour.
          </template>
        </p>
      </section>
      <p v-if="isMadeUp" class="doubt">
        This photograph was made up. What you take over is marked “simulated” for good, and counts as no measurement.
      </p>
      <PartnersRanked v-if="sheetOf(kind).isRanked" :checked="checked.boxes" />
      <p class="flex flex-wrap gap-2">
        <button v-if="swatches.length" class="btn" @click="takeSwatches">
          Take {{ counted(swatches.length, 'swatch', 'swatches') }} over
        </button>
        <button v-if="washes.length" class="btn" @click="takeWashes">
          Take {{ counted(washes.length, 'further wash', 'further washes') }} over
        </button>
        <button v-if="mixtures.length" class="btn" @click="takeMixtures">
          Note {{ counted(mixtures.length, 'real mixture') }}
        </button>
        <button class="btn" @click="saveColours('csv', title, colours())">CSV</button>
        <button class="btn" @click="saveColours('gpl', title, colours())">GPL</button>
        <button class="btn" @click="saveColours('cgats', title, colours())">CGATS</button>
      </p>
      <p class="hint text-sm">
        Below, the left half of each box is as predicted, the right half as read; what looks wrong has a thick edge.
      </p>
      <PageDrawing
        close
        :page="page"
        :measure="fonts!.measure"
        :label="`${title}: predicted beside read`"
        class="mx-auto"
        :style="{ maxWidth: `${page.content.width * 7}px`, maxHeight: '76dvh' }"
      >
        <g v-for="b in checked.boxes" :key="b.box.id">
          <rect v-bind="b.box.box" :width="b.box.box.width / 2" :fill="shouldBe(b)" />
          <rect
            v-bind="b.box.box"
            :x="b.box.box.x + b.box.box.width / 2"
            :width="b.box.box.width / 2"
            :fill="hexOf(b)"
          />
          <rect
            v-bind="b.box.box"
            fill="none"
            stroke="#000"
            :stroke-width="b.verdict === 'right' || b.verdict === 'unknown' ? 0.2 : 1"
            :stroke-dasharray="b.verdict === 'empty' ? '1.5 1' : undefined"
          >
            <title>{{ b.box.label }}: {{ b.verdict }}{{ b.off === undefined ? '' : `, ${figure(b.off, 1)}` }}</title>
          </rect>
        </g>
      </PageDrawing>
    </template>
    <details v-if="photo && corners" class="text-sm" :open="!checked">
      <summary>The corners, by hand</summary>
      <p class="my-1">
        Lay corners 1 to 4 on
        {{
          page.corners ? 'the middles of the black discs, the one with the hole first' : 'the corners of what is drawn'
        }}.
        <button class="btn" @click="check(page, corners)">Check it with these corners</button>
      </p>
      <SheetCorners v-model="corners" :photo="photo" :rows="1" :columns="1" />
    </details>
  </div>
</template>
