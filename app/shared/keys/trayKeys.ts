/** What the keys do on the tray and in the drawer, with their words for the list of shortcuts. */
export const TRAY_KEYS = [
  { act: 'carry', keys: [' '], shown: 'Space', words: 'Pick up a paint or what is planned in a place; drop it' },
  { act: 'left', keys: ['ArrowLeft'], shown: 'Arrows', words: 'Go from place to place' },
  { act: 'right', keys: ['ArrowRight'] },
  { act: 'up', keys: ['ArrowUp'] },
  { act: 'down', keys: ['ArrowDown'] },
  { act: 'open', keys: ['Enter'], shown: 'Enter', words: 'Open a place' },
  { act: 'putBack', keys: ['Escape'], shown: 'Escape', words: 'Put back what you carry' },
  { act: 'clear', keys: ['Delete', 'Backspace'], shown: 'Delete', words: 'Take the paint out of the plan' },
  { act: 'lock', keys: ['l', 'L'], shown: 'L', words: 'Lock or unlock a place' },
] as const
export type TrayAct = (typeof TRAY_KEYS)[number]['act']

export const actOnTray = (key: string): TrayAct | undefined =>
  TRAY_KEYS.find(({ keys }) => (keys as readonly string[]).includes(key))?.act
