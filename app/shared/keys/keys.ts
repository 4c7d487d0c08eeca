/** The part of a key event that tells which key it was. */
export interface Pressed {
  key: string
  ctrlKey: boolean
  metaKey: boolean
  shiftKey: boolean
  altKey: boolean
}

/** How long the first key of two is remembered, ms. */
const PATIENCE = 1200
const LETTER = /^[a-z]$/

/** A key as shortcuts are written: `Ctrl Shift Z`, `A`, `?`. Ctrl and Cmd are one; Ctrl Y is another way to redo. */
export function written({ key, ctrlKey, metaKey, shiftKey, altKey }: Pressed): string | undefined {
  if (altKey) return undefined
  const letter = key.toLowerCase()
  if (!ctrlKey && !metaKey) return LETTER.test(letter) ? letter.toUpperCase() : key
  if (letter === 'y') return 'Ctrl Shift Z'
  return ['Ctrl', ...(shiftKey ? ['Shift'] : []), letter.toUpperCase()].join(' ')
}

/** Follows the keys that are pressed and says which shortcut they complete. */
export function keySequences(now: () => number = Date.now) {
  let first: { keys: string; at: number } | undefined
  return (pressed: Pressed, shortcuts: readonly string[]): string | undefined => {
    const key = written(pressed)
    if (key === undefined) return undefined
    const pair = first && now() - first.at < PATIENCE ? `${first.keys} ${key}` : undefined
    first = undefined
    if (pair !== undefined && shortcuts.includes(pair)) return pair
    if (shortcuts.includes(key)) return key
    if (shortcuts.some((s) => s.startsWith(`${key} `) && !s.startsWith('Ctrl'))) first = { keys: key, at: now() }
    return undefined
  }
}
