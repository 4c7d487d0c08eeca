import { FIRST_NM, STEP_NM } from '../../colour/bands'
import { X_WEIGHTS, Y_WEIGHTS, Z_WEIGHTS } from '../../colour/observer.generated'
import { WHITE_D65 } from '../../colour/tristimulus'
import type { Optics } from '../../film/optics'

/** Twelve of the 36 bands, for ranking many mixtures; whatever is shown is worked out with all 36. */
export const NODES = [400, 430, 450, 470, 500, 530, 555, 580, 600, 620, 645, 690].map((nm) =>
  Math.round((nm - FIRST_NM) / STEP_NM),
)
export const NODE_COUNT = NODES.length

/** Weights of the nodes: each band's weight shared between the nodes around it, by a cubic through the four nearest. */
function nodeWeights(weights: readonly number[], white: number): Float64Array {
  const own = new Float64Array(NODE_COUNT)
  weights.forEach((w, band) => {
    for (const [node, share] of shares(band)) own[node]! += w * share
  })
  return own.map((w) => w / white)
}

function shares(band: number): [number, number][] {
  if (band <= NODES[0]!) return [[0, 1]]
  if (band >= NODES.at(-1)!) return [[NODE_COUNT - 1, 1]]
  const right = NODES.findIndex((n) => n >= band)
  const first = Math.max(0, Math.min(NODE_COUNT - 4, right - 2))
  const around = [0, 1, 2, 3].map((k) => first + k)
  return around.map((i) => [
    i,
    around.reduce((p, j) => (j === i ? p : (p * (band - NODES[j]!)) / (NODES[i]! - NODES[j]!)), 1),
  ])
}

const WX = nodeWeights(X_WEIGHTS, WHITE_D65.X)
const WY = nodeWeights(Y_WEIGHTS, WHITE_D65.Y)
const WZ = nodeWeights(Z_WEIGHTS, WHITE_D65.Z)
/** What each node counts for in X, Y, Z, each adding up to 1. */
export const NODE_WEIGHTS = { x: WX, y: WY, z: WZ }
/** A paint at the nodes, per thickness of a watercolour: what has body is laid thicker again once it is mixed. */
export const atNodes = ({ K, S, body = 1 }: Pick<Optics, 'K' | 'S' | 'body'>) => ({
  K: Float64Array.from(NODES, (n) => K[n]! / body),
  S: Float64Array.from(NODES, (n) => S[n]! / body),
})
