/** The steps of a palette, in the order of the work. A new step is a line here and a component in pages/palettes/[id]. */
export const PALETTE_STEPS = [
  { id: 'choose', label: 'Choose' },
  { id: 'stand-in', label: 'Stand in' },
  { id: 'arrange', label: 'Arrange' },
  { id: 'fill', label: 'Fill' },
  { id: 'key', label: 'Key' },
  { id: 'use', label: 'Use' },
] as const

/** The step of that name; the first when there is none. */
export const stepOf = (name: unknown): (typeof PALETTE_STEPS)[number] =>
  PALETTE_STEPS.find((s) => s.id === name) ?? PALETTE_STEPS[0]
