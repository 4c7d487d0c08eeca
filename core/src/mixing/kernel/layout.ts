import type { Optics } from '../../film/optics'
import { BANDS } from '../../colour/bands'
import { X_WEIGHTS, Y_WEIGHTS, Z_WEIGHTS } from '../../colour/observer.generated'
import { WHITE_D65 } from '../../colour/tristimulus'
import { atNodes, NODE_COUNT, NODE_WEIGHTS } from '../recipes/nodes'
import { groundAtNodes, sheetOfAll } from '../recipes/nodeSheet'
import { ratioGroups } from './ratios'
import type { TargetGrid } from './targetGrid'

/** Loads at which every mixture is looked at: masstone, and eleven times thinner by the square root of two. */
export const KERNEL_LOADS = Array.from({ length: 12 }, (_, i) => 2 ** (-i / 2))
export const LOAD_COUNT = KERNEL_LOADS.length
/** Mixtures worked out side by side. */
export const LANES = 4
/** Bytes of scratch memory: reflectance at every node and load, then three channels at every load, four lanes each. */
export const SCRATCH_LABS = NODE_COUNT * LOAD_COUNT * LANES * 4
const SCRATCH = SCRATCH_LABS + LOAD_COUNT * 3 * LANES * 4
/** What the kernel computes with, written into one block of memory; offsets in bytes. */
export interface Layout {
  memory: ArrayBufferLike
  bytes: number
  head: number
  served1: number
  served2: number
  best: number
  choice: number
  /** Where the colours of the mixtures last worked out lie. */
  scratchLabs: number
  counts: number
  out: number
  /** Where the colours lie by which the targets in `out` are met, L*, a*, b* each. */
  met: number
  /** Words of 32 targets. */
  words: number
}

/** How the memory is laid out for so many paints and a grid of targets; `fill` writes it once it is there. */
export function layOut(optics: readonly Optics[], grid: TargetGrid) {
  const n = optics.length
  const words = Math.ceil(grid.count / 32)
  let at = 0
  const take = (bytes: number) => {
    const here = at
    at += Math.ceil(bytes / 16) * 16
    return here
  }
  const head = take(100)
  const grounds = take(NODE_COUNT * 4)
  const paints = take(n * NODE_COUNT * 2 * 4)
  const perPart = take(n * 4)
  const body = take(n * 4)
  const weights = take(NODE_COUNT * 3 * 4)
  const wholes = take(n * BANDS * 2 * 4)
  const wholeGround = take(BANDS * 4)
  const wholeWeights = take(BANDS * 3 * 4)
  const ratios = take(RATIOS.length * 4)
  const cells = take(grid.starts.byteLength)
  const listed = take(grid.listed.byteLength)
  const targets = take(grid.forms.byteLength)
  const served1 = take(n * words * 4)
  const served2 = take(((n * (n - 1)) / 2) * words * 4)
  const mask = take(words * 4)
  const best = take(grid.count * 4)
  const choice = take(grid.count * 2)
  const scratch = take(SCRATCH)
  const counts = take(n * 2)
  // a row of triples may serve every target by each of them
  const out = take((n + 1) * Math.max(2, grid.count) * 2)
  const met = take((n + 1) * grid.count * 12)
  const fill = (memory: ArrayBufferLike) => {
    const floats = new Float32Array(memory)
    const ints = new Int32Array(memory)
    optics.forEach((paint, i) => {
      const nodes = atNodes(paint)
      floats.set(nodes.K, paints / 4 + i * NODE_COUNT * 2)
      floats.set(nodes.S, paints / 4 + i * NODE_COUNT * 2 + NODE_COUNT)
      const { body: thick = 1 } = paint
      floats.set(
        paint.K.map((k) => k / thick),
        wholes / 4 + i * BANDS * 2,
      )
      floats.set(
        paint.S.map((s) => s / thick),
        wholes / 4 + i * BANDS * 2 + BANDS,
      )
      floats[perPart / 4 + i] = paint.perPart ?? 1
      floats[body / 4 + i] = paint.body ?? 1
    })
    const { x, y, z } = NODE_WEIGHTS
    const sheet = sheetOfAll(optics)
    const { ground, surface, through } = groundAtNodes(sheet)
    floats.set(ground, grounds / 4)
    for (let i = 0; i < NODE_COUNT; i += 1)
      floats.set([x[i]! * through, y[i]! * through, z[i]! * through], weights / 4 + i * 3)
    floats.set(sheet.ground, wholeGround / 4)
    const all = [X_WEIGHTS.map((w) => w / WHITE_D65.X), Y_WEIGHTS.map((w) => w / WHITE_D65.Y)]
    floats.set(
      [...all, Z_WEIGHTS.map((w) => w / WHITE_D65.Z)].flat().map((w) => w * through),
      wholeWeights / 4,
    )
    floats.set(RATIOS, ratios / 4)
    ints.set(grid.starts, cells / 4)
    new Uint16Array(memory).set(grid.listed, listed / 2)
    floats.set(grid.forms, targets / 4)
    floats.fill(grid.limit, best / 4, best / 4 + grid.count)
    ints.set(
      [
        paints,
        perPart,
        body,
        weights,
        ratios,
        cells,
        listed,
        targets,
        grid.count,
        words,
        served1,
        served2,
        mask,
        best,
      ].concat([choice, scratch]),
      head / 4,
    )
    ints[head / 4 + 16] = grounds
    floats[head / 4 + 17] = surface
    floats[head / 4 + 18] = 1 / grid.cell
    ints[head / 4 + 19] = grid.across
    floats[head / 4 + 20] = grid.limit
    floats[head / 4 + 21] = sheet.k2
    ints.set([wholes, wholeGround, wholeWeights], head / 4 + 22)
  }
  return {
    bytes: at,
    head,
    served1,
    served2,
    best,
    choice,
    scratchLabs: scratch + SCRATCH_LABS,
    counts,
    out,
    met,
    words,
    fill,
  }
}

const RATIOS = ratioGroups().lanes
