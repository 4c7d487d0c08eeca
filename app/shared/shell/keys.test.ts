import { describe, expect, it } from 'vitest'
import { appCommands, type CommandContext } from './commands'
import { keySequences, written, type Pressed } from '~/shared/keys/keys'
import { actOnTray, TRAY_KEYS } from '~/shared/keys/trayKeys'

const press = (key: string, held: Partial<Pressed> = {}): Pressed => ({
  key,
  ctrlKey: false,
  metaKey: false,
  shiftKey: false,
  altKey: false,
  ...held,
})
const nothing = () => undefined
const context = (extra: Partial<CommandContext> = {}): CommandContext => ({
  go: nothing,
  undo: nothing,
  redo: nothing,
  exportAll: nothing,
  focusSearch: nothing,
  findAnything: nothing,
  showAbout: nothing,
  showShortcuts: nothing,
  preferences: { dark: false, theme: 'light', ground: 'paper', mirrored: false, reckon: 'by itself' as const },
  palettes: [],
  ...extra,
})

describe('shortcuts', () => {
  it('are written one way', () => {
    expect(written(press('z', { ctrlKey: true }))).toBe('Ctrl Z')
    expect(written(press('Z', { metaKey: true, shiftKey: true }))).toBe('Ctrl Shift Z')
    expect(written(press('y', { ctrlKey: true }))).toBe('Ctrl Shift Z')
    expect(written(press('a'))).toBe('A')
    expect(written(press('?', { shiftKey: true }))).toBe('?')
    expect(written(press('a', { altKey: true }))).toBeUndefined()
  })

  it('two keys count as one shortcut only when the second follows soon', () => {
    let now = 0
    const follow = keySequences(() => now)
    const shortcuts = ['G T', 'G P', 'A', '/']
    expect(follow(press('g'), shortcuts)).toBeUndefined()
    now += 500
    expect(follow(press('t'), shortcuts)).toBe('G T')
    expect(follow(press('t'), shortcuts)).toBeUndefined()
    expect(follow(press('g'), shortcuts)).toBeUndefined()
    now += 5000
    expect(follow(press('p'), shortcuts)).toBeUndefined()
    expect(follow(press('g'), shortcuts)).toBeUndefined()
    expect(follow(press('a'), shortcuts)).toBe('A')
  })

  it('each stands for one command, and is no beginning of another', () => {
    const keys = appCommands(context({ undoLabel: 'u', redoLabel: 'r' })).flatMap((c) => c.keys ?? [])
    expect(new Set(keys).size).toBe(keys.length)
    for (const one of keys) expect(keys.filter((k) => k.startsWith(`${one} `))).toEqual([])
  })

  it('names of commands are told apart; undo is there only when there is something to undo', () => {
    const names = appCommands(context()).map((c) => c.name)
    expect(new Set(names).size).toBe(names.length)
    expect(names.some((n) => n.startsWith('Undo'))).toBe(false)
  })
})

it('every key of the tray does something, and no two do different things', () => {
  for (const { keys, act } of TRAY_KEYS) for (const key of keys) expect(actOnTray(key)).toBe(act)
  expect(actOnTray('x')).toBeUndefined()
})
