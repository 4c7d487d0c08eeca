/** A number as it is typed, with a point or a comma; NaN when it is none. */
export function numberIn(text: string): number {
  const trimmed = text.trim().replace(',', '.')
  return /^\d+(\.\d+)?$/.test(trimmed) ? Number(trimmed) : Number.NaN
}
