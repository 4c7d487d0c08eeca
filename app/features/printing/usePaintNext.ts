import { computed, ref, watch } from 'vue'
import * as z from 'zod/mini'
import { useQuestion } from '~/shared/questions/useQuestion'
import { kept } from '~/stores/kept'

const Box = z.object({
  kind: z.enum(['masstone', 'wash', 'tint', 'mixture']),
  parts: z.array(z.object({ paintId: z.string(), parts: z.number() })),
  water: z.number(),
})
/** A card that was worked out stays as it was printed until it is asked for anew: its photograph is read against it. */
const Card = z.object({ of: z.string(), boxes: z.array(Box), now: z.number(), leaves: z.number() })

/** What to paint out next of some paints. */
export function usePaintNext(paintIds: () => readonly string[], isWanted: () => boolean) {
  const question = useQuestion('paintNext')
  const card = kept('jx-paint-next', Card, { of: '', boxes: [], now: 0, leaves: 0 })
  const done = ref<number>()
  const key = computed(() => [...paintIds()].sort().join())
  const mine = computed(() => (card.value.of === key.value ? card.value : undefined))
  const isEmpty = computed(() => paintIds().length === 0)

  async function ask() {
    const of = key.value
    if (!of) return
    done.value = 0
    const answer = await question.ask({ paintIds: paintIds() }, (p) => (done.value = p.done / p.of))
    done.value = undefined
    if (!answer) return
    const boxes = answer.boxes.map(({ kind, parts, water }) => ({ kind, parts, water }))
    card.value = { of, boxes, now: answer.now, leaves: answer.boxes.at(-1)?.leaves ?? answer.now }
  }
  watch(
    () => [isWanted(), key.value] as const,
    ([wanted]) => void (wanted && !mine.value && ask()),
    { immediate: true },
  )
  return { card: mine, ask, done, isEmpty, cancel: question.cancel, trouble: question.trouble }
}
