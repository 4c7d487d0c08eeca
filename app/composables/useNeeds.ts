import { byRankAndWeight, type Need, withAnswer } from '@juxtachrome/core/restocking'
import { watchDebounced } from '@vueuse/core'
import { computed, ref, shallowRef } from 'vue'
import type { ValueOf } from '~/workers/client'
import { useCollection } from '~/stores/collection'
import { useQuestion } from './useQuestion'
import { useToday } from './useToday'

type Gathered = ValueOf<'gatherNeeds'>

/** The needs as they are gathered where they are shown, and anew whenever what they rest on changes; gaps when asked. */
export function useNeeds(isShown: () => boolean) {
  const collection = useCollection()
  const today = useToday()
  const { ask, cancel, isWorking, trouble } = useQuestion('gatherNeeds')
  const needs = shallowRef<readonly Need[]>()
  const gaps = shallowRef<Gathered['gaps']>()
  const done = ref(0)

  /** Whether the verdicts were asked: what changes meanwhile asks anew, and for their gaps again. */
  const wantsGaps = ref(false)
  async function gather(withGaps = false): Promise<void> {
    wantsGaps.value ||= withGaps
    done.value = 0
    const known = gaps.value
    const answer = await ask(
      { today: today.value, withGaps: wantsGaps.value && !known, ...(known ? { gaps: known } : {}) },
      (p) => {
        done.value = p.done / p.of
        if (p.soFar) needs.value = p.soFar.needs
      },
    )
    if (!answer) return
    needs.value = answer.needs
    if (answer.gaps) gaps.value = answer.gaps
    wantsGaps.value = false
  }
  function stop(): void {
    wantsGaps.value = false
    cancel()
  }
  const gatherShown = () => void (isShown() && gather())
  gatherShown()
  watchDebounced(
    () => [isShown(), collection.needAnswers, collection.items, collection.palettes, collection.journalSize] as const,
    gatherShown,
    { debounce: 120 },
  )
  /** What was just said holds at once, before everything is gathered anew. */
  const answered = computed(() => {
    const answers = new Map(collection.needAnswers.map((a) => [a.key, a]))
    return (needs.value ?? []).map((n) => withAnswer(n, answers.get(n.key), today.value)).sort(byRankAndWeight)
  })
  const of = (said: Need['said']) => computed(() => answered.value.filter((n) => n.said === said))
  return {
    gather,
    cancel: stop,
    isWorking,
    /** The verdicts are being asked: worth a word and a way to stop, as gathering by itself is not. */
    isAsking: computed(() => wantsGaps.value && isWorking.value),
    trouble,
    done,
    hasGaps: computed(() => gaps.value !== undefined),
    accepted: of('accepted'),
    open: of(undefined),
    later: of('later'),
    refused: of('refused'),
  }
}
export type Needs = ReturnType<typeof useNeeds>
