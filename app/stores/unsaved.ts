import { defineStore } from 'pinia'
import { onScopeDispose, shallowReactive } from 'vue'

/** Forms in which something was typed that is not saved yet. */
export const useUnsaved = defineStore('unsaved', () => {
  const forms = shallowReactive(new Map<symbol, { what: string; isChanged: () => boolean }>())
  /** Names a form that is left open with something in it; forgotten with its component. */
  function watchOver(what: string, isChanged: () => boolean) {
    const key = Symbol(what)
    forms.set(key, { what, isChanged })
    onScopeDispose(() => forms.delete(key))
  }
  /** What is half typed, in words. */
  const changed = () => [...forms.values()].filter((f) => f.isChanged()).map((f) => f.what)
  /** Lets go of everything: the person said so. */
  const letGo = () => forms.clear()
  return { watchOver, changed, letGo }
})
