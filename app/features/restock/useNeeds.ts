import { byRankAndWeight, type Need, withAnswer } from '@juxtachrome/core/restocking'
import { computed, ref, shallowRef } from 'vue'
import type { ValueOf } from '~/workers/client'
import { useCollection } from '~/stores/collection'
import { useSession } from '~/shared/questions/useSession'
import { useToday } from '~/shared/ui/useToday'

type Gathered = ValueOf<'gatherNeeds'>

/** The needs as they are gathered where they are shown, and anew whenever what they rest on changes; gaps when asked. */
export function useNeeds(isShown: () => boolean) {
  const collection = useCollection()
  const today = useToday()
  const needs = shallowRef<readonly Need[]>()
  const gaps = shallowRef<Gathered['gaps']>()
  const done = ref(0)
  /** Whether the verdicts are asked for gaps. */
  const wantsGaps = ref(false)
  const { isWorking, trouble } = useSession(
    'gatherNeeds',
    () =>
      isShown()
        ? { today: today.value, withGaps: wantsGaps.value && !gaps.value, ...(gaps.value ? { gaps: gaps.value } : {}) }
        : undefined,
    {
      begins: () => (done.value = 0),
      progress: (p) => {
        done.value = p.done / p.of
        if (p.soFar) needs.value = p.soFar.needs
      },
      answer: (answer) => {
        needs.value = answer.needs
        if (wantsGaps.value) gaps.value = answer.gaps
        wantsGaps.value = false
      },
    },
  )
  function askForGaps(): void {
    gaps.value = undefined
    wantsGaps.value = true
  }
  /** What was just said holds at once, before everything is gathered anew. */
  const answered = computed(() => {
    const answers = new Map(collection.needs.map((a) => [a.key, a]))
    return (needs.value ?? []).map((n) => withAnswer(n, answers.get(n.key), today.value)).sort(byRankAndWeight)
  })
  const of = (said: Need['said']) => computed(() => answered.value.filter((n) => n.said === said))
  return {
    askForGaps,
    cancel: () => (wantsGaps.value = false),
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
