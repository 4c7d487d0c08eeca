import type { Paint } from '../documents/paint'

/**
 * What paints are called, told apart where two of a list have one name: by their makers, where these differ.
 * `Raw sienna` alone, `Raw sienna of Halvard & Roe` beside another raw sienna.
 */
export function toldApart(
  paints: Iterable<Pick<Paint, 'id' | 'name' | 'maker'>>,
): (paint: Pick<Paint, 'name' | 'maker'>) => string {
  const plain = (name: string) => name.trim().toLowerCase()
  const ids = new Map<string, Set<string>>()
  for (const { id, name } of paints) {
    const known = ids.get(plain(name))
    if (known) known.add(id)
    else ids.set(plain(name), new Set([id]))
  }
  return ({ name, maker }) => (maker && (ids.get(plain(name))?.size ?? 0) > 1 ? `${name} of ${maker}` : name)
}
