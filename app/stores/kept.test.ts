import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import * as z from 'zod/mini'
import { held, heldStorage } from './heldStorage.fixture'
import { kept, unreadableKept } from './kept'

beforeEach(() => {
  held.clear()
  unreadableKept.clear()
  vi.stubGlobal('localStorage', heldStorage())
})
afterEach(() => vi.unstubAllGlobals())

const Numbers = z.array(z.number())

describe('what is kept on this device', () => {
  it('is read as it was left, and written as it is set', () => {
    held.set('k', '[1,2]')
    const list = kept('k', Numbers, [])
    expect(list.value).toEqual([1, 2])
    list.value = [3]
    expect([list.value, held.get('k')]).toEqual([[3], '[3]'])
    held.set('word', 'dark')
    expect(kept('word', z.enum(['light', 'dark']), 'light').value).toBe('dark')
  })

  it.each(['{', '{"from":"a newer version"}', 'null', '"text"', '["a"]', ''])(
    'falls back on a damaged value: %s',
    (text) => {
      held.set('k', text)
      expect(kept('k', Numbers, [7]).value).toEqual([7])
      expect([...unreadableKept]).toEqual(['k'])
    },
  )

  it('lasts as long as the window where there is no local store, or no room in it', () => {
    const refused = () => {
      throw new Error('denied')
    }
    for (const extra of [{ getItem: refused, setItem: refused }, { setItem: refused }]) {
      vi.stubGlobal('localStorage', heldStorage(extra))
      const list = kept('k', Numbers, [7])
      expect(list.value).toEqual([7])
      list.value = [1]
      expect(list.value).toEqual([1])
    }
    Object.defineProperty(globalThis, 'localStorage', { configurable: true, get: refused })
    expect(kept('k', Numbers, [7]).value).toEqual([7])
  })
})
