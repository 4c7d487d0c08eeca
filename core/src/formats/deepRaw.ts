/** Deeper than anything a person records; deeper values overflow the copies that cross to a worker or a disk. */
const DEEPEST = 100

/**
 * A value of a file as it can be kept: itself, or its JSON as text when it is nested more than a hundred deep.
 * Works without recursion, so that no depth is too deep.
 */
export function keepable(raw: unknown): unknown {
  return isDeep(raw) ? jsonOf(raw) : raw
}

function isDeep(raw: unknown): boolean {
  const open: { value: unknown; depth: number }[] = [{ value: raw, depth: 0 }]
  for (let next = open.pop(); next; next = open.pop()) {
    const { value, depth } = next
    if (typeof value !== 'object' || value === null) continue
    if (depth > DEEPEST) return true
    for (const inner of Object.values(value)) open.push({ value: inner, depth: depth + 1 })
  }
  return false
}

/** Pieces of text and values still to be written, the next one last. */
type Piece = { text: string } | { value: unknown }

function jsonOf(raw: unknown): string {
  const written: string[] = []
  const open: Piece[] = [{ value: raw }]
  for (let next = open.pop(); next; next = open.pop()) {
    if ('text' in next) written.push(next.text)
    else if (typeof next.value !== 'object' || next.value === null) written.push(JSON.stringify(next.value))
    else open.push(...piecesOf(next.value).reverse())
  }
  return written.join('')
}

function piecesOf(value: object): Piece[] {
  const isList = Array.isArray(value)
  const inner = Object.entries(value).flatMap(([key, one], i): Piece[] => [
    { text: `${i ? ',' : ''}${isList ? '' : `${JSON.stringify(key)}:`}` },
    { value: one },
  ])
  return [{ text: isList ? '[' : '{' }, ...inner, { text: isList ? ']' : '}' }]
}
