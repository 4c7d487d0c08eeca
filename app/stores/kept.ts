import { tryOnScopeDispose, useEventListener } from '@vueuse/core'
import { customRef, shallowReactive, type Ref } from 'vue'
import type * as z from 'zod/mini'

/** Who else in this window shows a kept thing; they hear of it at once, other windows by the browser. */
const sharers = new Map<string, Set<(value: unknown) => void>>()

/** Keys whose value could not be read since this window was opened; said once, where there is room to say it. */
export const unreadableKept = shallowReactive(new Set<string>())

/**
 * A small thing kept on this device, not in the collection: checked by its schema when it is read, so that a
 * value that was damaged, or that a newer version wrote, falls back and harms nothing. Without a local store
 * it lasts as long as the window.
 */
export function kept<T>(key: string, schema: z.ZodMiniType<T>, fallback: T): Ref<T> {
  let value = read()

  function read(): T {
    const text = stored(key)
    if (text === null) return fallback
    const checked = schema.safeParse(parsed(text))
    if (checked.success) return checked.data
    unreadableKept.add(key)
    return fallback
  }

  return customRef<T>((track, trigger) => {
    const hearOtherTabs = (event: StorageEvent) => {
      if (event.key !== key) return
      value = read()
      trigger()
    }
    if (typeof window !== 'undefined') useEventListener(window, 'storage', hearOtherTabs)
    const hear = (next: unknown) => {
      value = next as T
      trigger()
    }
    const here = sharers.get(key) ?? new Set()
    sharers.set(key, here.add(hear))
    tryOnScopeDispose(() => here.delete(hear))
    return {
      get() {
        track()
        return value
      },
      set(next) {
        store(key, next)
        hear(next)
        for (const other of here) if (other !== hear) other(next)
      },
    }
  })
}

function stored(key: string): string | null {
  try {
    return localStorage.getItem(key)
  } catch {
    return null
  }
}

function store(key: string, value: unknown): void {
  try {
    localStorage.setItem(key, typeof value === 'string' ? value : JSON.stringify(value))
  } catch {
    // no local store, or no room in it: it lasts as long as this window
  }
}

/** Words are kept as they are, everything else as JSON. */
function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return text
  }
}
