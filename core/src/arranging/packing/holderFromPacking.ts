import type { Holder, Place } from '../../documents/palette'
import type { Box } from '../geometry'
import { HALF_PAN, rowName, tenth } from '../holderShapes'
import type { PackedPan, Packing } from './packTin'

/** A packing as a box of its own: pans named row by row from the upper left, what is kept free as a mixing surface. */
export function holderFromPacking(
  id: string,
  name: string,
  tin: { width: number; height: number; keepFree?: Box },
  { pans }: Packing,
): Holder {
  const rows: PackedPan[][] = []
  const sorted = [...pans].sort((p, q) => p.y + p.height / 2 - q.y - q.height / 2)
  for (const pan of sorted) {
    const row = rows.at(-1)
    // a row goes on as long as middles are within half a pan of its first
    if (row && pan.y + pan.height / 2 - row[0]!.y - row[0]!.height / 2 < 8) row.push(pan)
    else rows.push([pan])
  }
  const places = rows.flatMap((row, r) =>
    row
      .sort((p, q) => p.x - q.x)
      .map(({ size, x, y, width, height }, c): Place => ({
        id: `${r < 26 ? rowName(r) : `A${rowName(r - 26)}`}${c + 1}`,
        container: size,
        depth: HALF_PAN.depth,
        shape: { kind: 'rect', x, y, width, height, corner: 1 },
      })),
  )
  const free = tin.keepFree
  const parts: Holder['parts'] =
    free && free.width > 0 && free.height > 0
      ? [
          {
            kind: 'mixing',
            shape: { kind: 'rect', x: free.x, y: free.y, width: free.width, height: free.height, corner: 2 },
          },
        ]
      : []
  return { id, name, outline: 'box', width: tenth(tin.width), height: tenth(tin.height), places, parts }
}
