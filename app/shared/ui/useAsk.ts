import { shallowRef } from 'vue'

export interface Question {
  title: string
  text: string
  /** The word on the button that goes ahead. */
  yes: string
  /** The word on the other; `Cancel` without it. */
  no?: string
  /** Must be typed before going ahead, for what cannot be undone. */
  type?: string
}

const asked = shallowRef<{ question: Question; answer: (yes: boolean) => void }>()

/** Asks before something that loses or hides things; answered in the one dialog of the shell. */
export function useAsk() {
  return {
    asked,
    ask: (question: Question) =>
      new Promise<boolean>((resolve) => {
        asked.value?.answer(false)
        asked.value = {
          question,
          answer: (yes) => {
            asked.value = undefined
            resolve(yes)
          },
        }
      }),
  }
}
