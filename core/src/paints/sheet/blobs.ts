import { LINEAR, type Pixels } from './readPatch'

/** A picture made smaller: linear light of its brightest and darkest channel, 0..1, a value for each block of pixels. */
export interface Grey {
  width: number
  height: number
  /** Pixels of the picture for one of these. */
  scale: number
  light: Float32Array
  /** The darkest channel: paint takes some channel away, whatever its colour. */
  least: Float32Array
}

/** The picture with its longer side at most so long, each value the mean of a block. */
export function madeSmaller({ width, height, data }: Pixels, longest: number): Grey {
  const scale = Math.max(1, Math.ceil(Math.max(width, height) / longest))
  const [w, h] = [Math.floor(width / scale), Math.floor(height / scale)]
  const [light, least] = [new Float32Array(w * h), new Float32Array(w * h)]
  const share = 1 / (scale * scale)
  for (let y = 0; y < h; y += 1)
    for (let x = 0; x < w; x += 1) {
      let [r, g, b] = [0, 0, 0]
      for (let dy = 0; dy < scale; dy += 1) {
        let i = ((y * scale + dy) * width + x * scale) * 4
        for (let dx = 0; dx < scale; dx += 1, i += 4) {
          r += LINEAR[data[i]!]!
          g += LINEAR[data[i + 1]!]!
          b += LINEAR[data[i + 2]!]!
        }
      }
      light[y * w + x] = (0.2126 * r + 0.7152 * g + 0.0722 * b) * share
      least[y * w + x] = Math.min(r, g, b) * share
    }
  return { width: w, height: h, scale, light, least }
}

const TILES = 24
const BRIGHT = 0.9

/** What bare paper gives around each point: the bright end of what is there, smoothed between tiles. */
export function paperAround(values: Float32Array, width: number, height: number): (x: number, y: number) => number {
  const size = Math.max(8, Math.ceil(Math.max(width, height) / TILES))
  const [across, down] = [Math.ceil(width / size), Math.ceil(height / size)]
  const own = new Float32Array(across * down)
  for (let ty = 0; ty < down; ty += 1)
    for (let tx = 0; tx < across; tx += 1) {
      const found: number[] = []
      for (let y = ty * size; y < Math.min(height, (ty + 1) * size); y += 2)
        for (let x = tx * size; x < Math.min(width, (tx + 1) * size); x += 2) found.push(values[y * width + x]!)
      found.sort((p, q) => p - q)
      own[ty * across + tx] = found[Math.floor(found.length * BRIGHT)] ?? 0
    }
  // a tile that is painted all over takes the paper of those around it
  const around = own.map((_, i) => {
    const [tx, ty] = [i % across, Math.floor(i / across)]
    let most = 0
    for (let y = Math.max(0, ty - 1); y <= Math.min(down - 1, ty + 1); y += 1)
      for (let x = Math.max(0, tx - 1); x <= Math.min(across - 1, tx + 1); x += 1)
        most = Math.max(most, own[y * across + x]!)
    return most
  })
  const at = (tx: number, ty: number) =>
    around[Math.max(0, Math.min(down - 1, ty)) * across + Math.max(0, Math.min(across - 1, tx))]!
  return (x, y) => {
    const [fx, fy] = [x / size - 0.5, y / size - 0.5]
    const [tx, ty] = [Math.floor(fx), Math.floor(fy)]
    const [sx, sy] = [fx - tx, fy - ty]
    const top = at(tx, ty) * (1 - sx) + at(tx + 1, ty) * sx
    return top * (1 - sy) + (at(tx, ty + 1) * (1 - sx) + at(tx + 1, ty + 1) * sx) * sy
  }
}

/** Points that hang together. */
export interface Blob {
  /** Indexes of its points, row by row of the picture. */
  points: number[]
  left: number
  top: number
  right: number
  bottom: number
}

/** All that hangs together, side by side or one above the other, of at least so many points. */
export function blobsIn(mask: Uint8Array, width: number, height: number, fewest: number): Blob[] {
  const left = mask.slice()
  const blobs: Blob[] = []
  for (let start = 0; start < left.length; start += 1) {
    if (!left[start]) continue
    const points = [start]
    left[start] = 0
    const take = (i: number) => {
      left[i] = 0
      points.push(i)
    }
    const blob: Blob = { points, left: width, top: height, right: 0, bottom: 0 }
    for (let n = 0; n < points.length; n += 1) {
      const i = points[n]!
      const [x, y] = [i % width, Math.floor(i / width)]
      blob.left = Math.min(blob.left, x)
      blob.right = Math.max(blob.right, x)
      blob.top = Math.min(blob.top, y)
      blob.bottom = Math.max(blob.bottom, y)
      // written out: this runs over every point of a picture
      if (x > 0 && left[i - 1]) take(i - 1)
      if (x < width - 1 && left[i + 1]) take(i + 1)
      if (y > 0 && left[i - width]) take(i - width)
      if (y < height - 1 && left[i + width]) take(i + width)
    }
    if (points.length >= fewest) blobs.push(blob)
  }
  return blobs
}

/** A shape by its moments: middle, spread, and how far out its points lie beside those of an ellipse. */
export interface Roundness {
  x: number
  y: number
  area: number
  /** Share of the shape that is a hole in it. */
  hole: number
  /** Farthest point in units of the spread: 2 on the rim of an ellipse, 2.45 at the corners of a rectangle. */
  farthest: number
  /** Longer against shorter axis. */
  stretch: number
}

export function roundnessOf(blob: Blob, width: number): Roundness {
  const [w, h] = [blob.right - blob.left + 3, blob.bottom - blob.top + 3]
  // 1 where it is; from outside everything else is reached but the holes
  const cells = new Uint8Array(w * h)
  for (const i of blob.points) cells[(Math.floor(i / width) - blob.top + 1) * w + (i % width) - blob.left + 1] = 1
  const outside = [0]
  cells[0] = 2
  for (let n = 0; n < outside.length; n += 1) {
    const i = outside[n]!
    const x = i % w
    for (const [next, isThere] of [
      [i - 1, x > 0],
      [i + 1, x < w - 1],
      [i - w, i >= w],
      [i + w, i < w * (h - 1)],
    ] as const)
      if (isThere && cells[next] === 0) {
        cells[next] = 2
        outside.push(next)
      }
  }
  let [area, sx, sy] = [0, 0, 0]
  cells.forEach((cell, i) => {
    if (cell === 2) return
    area += 1
    sx += i % w
    sy += Math.floor(i / w)
  })
  const [mx, my] = [sx / area, sy / area]
  let [xx, xy, yy] = [0, 0, 0]
  cells.forEach((cell, i) => {
    if (cell === 2) return
    const [dx, dy] = [(i % w) - mx, Math.floor(i / w) - my]
    xx += dx * dx
    xy += dx * dy
    yy += dy * dy
  })
  // a point is a square of side 1
  const [a, b, c] = [xx / area + 1 / 12, xy / area, yy / area + 1 / 12]
  const det = Math.max(1e-9, a * c - b * b)
  let farthest = 0
  cells.forEach((cell, i) => {
    if (cell === 2) return
    const [dx, dy] = [(i % w) - mx, Math.floor(i / w) - my]
    farthest = Math.max(farthest, (c * dx * dx - 2 * b * dx * dy + a * dy * dy) / det)
  })
  const root = Math.sqrt(Math.max(0, (a - c) ** 2 / 4 + b * b))
  const [long, short] = [(a + c) / 2 + root, Math.max(1e-9, (a + c) / 2 - root)]
  return {
    x: mx + blob.left - 1,
    y: my + blob.top - 1,
    area,
    hole: 1 - blob.points.length / area,
    farthest: Math.sqrt(farthest),
    stretch: Math.sqrt(long / short),
  }
}
