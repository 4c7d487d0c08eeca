import { differenceInWords } from '@juxtachrome/core/colour'
import { viewOfPaint } from '@juxtachrome/core/paints'
import { pigmentByCode } from '@juxtachrome/core/pigments'
import { labD65, type LabD65 } from '@juxtachrome/core/units'
import { reactive, ref, shallowRef, type Ref } from 'vue'
import { paintToken } from '~/shared/said/paintTokens'
import { useCollection } from '~/stores/collection'
import { mixtureInWords } from '~/shared/words/lists'
import { useCore } from '~/shared/questions/useCore'
import { valueInWords } from '~/features/verdict'

/** A warm red as it is usually bought (common practice, no source). */
const WARM_RED = 'PR255'
/** As black as paint on paper gets (judgement). */
const BLACK = { kind: 'colour' as const, lab: labD65(14, 0, 0) }

/** Asks of a loser whether what is in could mix it; the answers in words, by paint. */
export function useMixable(paletteId: Readonly<Ref<string>>) {
  const core = useCore()
  const collection = useCollection()
  const words = reactive(new Map<string, string>())

  async function ask(paintId: string) {
    const paint = collection.paint(paintId)
    const { masstone, wash } = paint ? viewOfPaint(paint) : {}
    if (!masstone || !wash) return void words.set(paintId, 'Its colour is not known, so no mixture can be looked for.')
    const target = { kind: 'paint' as const, masstone, wash }
    const request = { target, paletteId: paletteId.value, without: paintId, count: 1 }
    const found = await core.ask('recipesFromPaints', request, { topic: `mixable ${paintId}` }).result
    const best = found.ok ? found.value.best[0] : undefined
    if (best)
      words.set(
        paintId,
        `From what is in: ${mixtureInWords(best.paints, paintToken)}; the difference is ${differenceInWords(best.difference)}.`,
      )
    else if (!found.ok && found.error.code === 'replaced') return
    else words.set(paintId, 'Nothing is in yet that could mix it.')
  }
  /** The blackest that what is in makes, in words; none until it is known. */
  const black = ref('')
  async function askForBlack() {
    const request = { target: BLACK, paletteId: paletteId.value, count: 1 }
    const found = await core.ask('recipesFromPaints', request, { topic: 'black' }).result
    const best = found.ok ? found.value.best[0] : undefined
    if (!best) return
    black.value = `Their black: ${mixtureInWords(best.paints, paintToken)}, ${valueInWords(best.lab.L)}.`
  }
  /** What a warm red would be made of, beside the colour that it gets; none until it is known. */
  const warmRed = shallowRef<{ words: string; lab: LabD65 }>()
  async function askForWarmRed() {
    const red = pigmentByCode(WARM_RED)!
    const target = { kind: 'paint' as const, masstone: red.masstone, wash: red.wash }
    const request = { target, paletteId: paletteId.value, count: 1 }
    const found = await core.ask('recipesFromPaints', request, { topic: 'warm red' }).result
    const best = found.ok ? found.value.best[0] : undefined
    if (!best) return
    const off = `the difference from ${red.names[0]}, ${red.code}, is ${differenceInWords(best.difference)}`
    warmRed.value = { words: `A warm red is ${mixtureInWords(best.paints, paintToken)}: ${off}.`, lab: best.lab }
  }
  return { words, ask, black, askForBlack, warmRed, askForWarmRed }
}
