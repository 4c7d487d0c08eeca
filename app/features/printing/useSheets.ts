import { onPaper, type Filling, type Printed, type PrintChoice, type Tones } from '@juxtachrome/core/charts'
import { toScreen } from '@juxtachrome/core/colour'
import type { Result } from '@juxtachrome/core/result'
import type { LabD65 } from '@juxtachrome/core/units'
import { computed, ref, shallowRef, watch } from 'vue'
import type { PrintFonts } from '~/print/fonts'
import { sheetOf, type SheetSubject } from './sheets'
import { useQuestion } from '~/shared/questions/useQuestion'

/** Waters at which a box without one of its own is looked at: masstone, middle and wash. */
const RUN = [0, 2, 6]
const NOTHING: Tones = () => []

/** What goes into a box, as one word: the same mixture at the same water is asked for once. */
export const fillingKey = ({ parts, water }: Filling): string =>
  `${[...parts]
    .sort((p, q) => (p.paintId < q.paintId ? -1 : 1))
    .map((p) => `${p.paintId}*${p.parts}`)
    .join('+')}@${water ?? 'run'}`

/** Sheets as they will be printed, and the colours that are predicted for their boxes. */
export function useSheets(subject: () => SheetSubject) {
  const fonts = shallowRef<PrintFonts>()
  const trouble = ref('')
  const fontsLoaded = import('~/print/fonts')
    .then((m) => m.printFonts())
    .then(
      (f) => void (fonts.value = f),
      () => void (trouble.value = 'The typeface for print could not be loaded. Reload and try again.'),
    )
  const title = computed(() => {
    const { options, palette } = subject()
    return [sheetOf(options.kind).label, palette?.name].filter(Boolean).join(': ')
  })

  const isColoured = () => sheetOf(subject().options.kind).isColoured === true
  function pages(tones: Tones, colouring = subject().options.colouring): Result<Printed> | undefined {
    if (!fonts.value) return undefined
    const { measure } = fonts.value
    const { options } = subject()
    const choice: PrintChoice = {
      paper: { name: options.paper, width: options.paperWidth, height: options.paperHeight, turn: options.turn },
      photoMarks: options.photoMarks && !sheetOf(options.kind).isLabel,
    }
    const asked = { ...subject(), options: { ...options, colouring } }
    return onPaper((room) => sheetOf(options.kind).lay(asked, { room, measure, tones }), title.value, choice, measure)
  }
  /** Without colours: where everything lies. */
  const plain = computed(() => pages(NOTHING))
  const fillings = computed(() => {
    const byKey = new Map<string, Filling>()
    if (plain.value?.ok)
      for (const { filling } of plain.value.value.pages.flatMap((p) => p.boxes)) byKey.set(fillingKey(filling), filling)
    return byKey
  })

  const question = useQuestion('predictFillings')
  const predicted = shallowRef<ReadonlyMap<string, readonly LabD65[]>>(new Map())
  watch(
    () => [...fillings.value.keys()].join('|'),
    async () => {
      const asked = [...fillings.value]
      if (asked.length === 0) return
      const answer = await question.ask({
        fillings: asked.map(([, { parts, water }]) => ({
          parts: [...parts],
          waters: water === undefined ? RUN : [water],
        })),
      })
      if (answer) predicted.value = new Map(asked.map(([key], i) => [key, answer[i]!]))
    },
    { immediate: true },
  )
  const labsOf = (filling: Filling) => predicted.value.get(fillingKey(filling)) ?? []
  const tones: Tones = (filling) => labsOf(filling).map((lab) => toScreen(lab).hex)

  const printed = computed(() => (subject().options.colouring === 'none' && !isColoured() ? plain.value : pages(tones)))
  const asPredicted = computed(() => pages(tones, 'full'))
  return { fonts, fontsLoaded, trouble, title, printed, asPredicted, labsOf }
}
