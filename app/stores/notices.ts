import { defineStore } from 'pinia'
import { ref } from 'vue'

export interface Notice {
  id: number
  tone: 'done' | 'trouble'
  text: string
}

/** Short messages about what was just done or went wrong; also read out by screen readers. */
export const useNotices = defineStore('notices', () => {
  const list = ref<Notice[]>([])
  let next = 1

  function dismiss(id: number) {
    list.value = list.value.filter((n) => n.id !== id)
  }

  function say(text: string, tone: Notice['tone'] = 'done') {
    const id = next++
    // what was done last stands in the place of what was done before it; trouble waits until it was read
    list.value = [...list.value.filter((n) => n.tone === 'trouble').slice(-2), { id, tone, text }]
    // trouble stays long enough to be read twice; what must not be missed has its own banner
    setTimeout(() => dismiss(id), tone === 'done' ? 5000 : 15_000)
  }

  return { list, say, trouble: (text: string) => say(text, 'trouble'), dismiss }
})
