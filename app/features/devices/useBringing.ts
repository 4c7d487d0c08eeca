import { comesWithout, questionsOf, type JoinedDocument, type Meeting, type Question } from '@juxtachrome/core/exchange'
import type { CollectionFile } from '@juxtachrome/core/formats'
import { computed, ref, shallowRef } from 'vue'
import { useExchange } from '~/stores/exchange'
import { useNotices } from '~/stores/notices'
import { comesInWords } from './words'

/** Two collections before they become one: what comes in, what has to be chosen, and the choice. */
export function useBringing() {
  const exchange = useExchange()
  const file = shallowRef<CollectionFile>()
  const meeting = shallowRef<Meeting>()
  const choices = ref(new Map<string, 'here' | 'there'>())
  const trouble = ref('')
  const isWorking = ref(false)

  /** What the other is called in a sentence. */
  const other = computed(() => file.value?.stamps?.device.name ?? 'the other device')
  const questions = computed(() => (meeting.value ? questionsOf(meeting.value) : []))
  /** Questions by the document that they are about. */
  const byDocument = computed(() => {
    const groups = new Map<JoinedDocument, Question[]>()
    for (const question of questions.value)
      groups.set(question.document, [...(groups.get(question.document) ?? []), question])
    return [...groups].map(([document, list]) => ({ document, questions: list }))
  })
  const left = computed(() => questions.value.filter(({ key }) => !choices.value.has(key)).length)
  const comes = computed(() =>
    meeting.value && file.value ? comesInWords(comesWithout(meeting.value, file.value.stamps)) : '',
  )

  async function look(at: CollectionFile): Promise<void> {
    file.value = at
    choices.value = new Map()
    await again()
  }

  /** What was chosen stays; what is new is asked. */
  async function again(): Promise<void> {
    trouble.value = ''
    const met = await exchange.meetFile(file.value!)
    meeting.value = met.ok ? met.value : undefined
    if (!met.ok) trouble.value = met.error.message
  }

  const choose = (key: string, side: 'here' | 'there') =>
    (choices.value = new Map([...choices.value, [key, side] as const]))
  const chooseAll = (side: 'here' | 'there') =>
    (choices.value = new Map(questions.value.map(({ key }) => [key, side] as const)))

  /** Answers whether the two are one now. */
  async function bring(): Promise<boolean> {
    const words = comes.value
    isWorking.value = true
    const done = await exchange.bring(`brought together with ${other.value}`, file.value!, choices.value)
    isWorking.value = false
    if (!done.ok) {
      if (done.error.code === 'more-to-choose') await again()
      trouble.value = done.error.message
      return false
    }
    useNotices().say(`Brought together with ${other.value}${words ? `: ${words}` : ''}.`)
    return true
  }

  return { meeting, other, byDocument, choices, left, comes, trouble, isWorking, look, choose, chooseAll, bring }
}
