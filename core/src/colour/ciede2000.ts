const RAD = Math.PI / 180
const POW_25_7 = 25 ** 7

/**
 * CIEDE2000 of two colours given as six numbers, for hot loops; kL = kC = kH = 1. The caller answers
 * for both lying under one white. Sharma, Wu, Dalal 2005, Color Res. Appl. 30, 21-30, eq. 2-22.
 */
export function ciede2000(L1: number, a1: number, b1: number, L2: number, a2: number, b2: number): number {
  const c7 = seventh((Math.sqrt(a1 * a1 + b1 * b1) + Math.sqrt(a2 * a2 + b2 * b2)) / 2)
  const g = 1.5 - 0.5 * Math.sqrt(c7 / (c7 + POW_25_7))
  const [A1, A2] = [a1 * g, a2 * g]
  const [C1, C2] = [Math.sqrt(A1 * A1 + b1 * b1), Math.sqrt(A2 * A2 + b2 * b2)]
  const [h1, h2] = [hue(A1, b1), hue(A2, b2)]
  const grey = C1 * C2 === 0
  let dh = grey ? 0 : h2 - h1
  if (dh > 180) dh -= 360
  else if (dh < -180) dh += 360
  const dL = L2 - L1
  const dC = C2 - C1
  const dH = 2 * Math.sqrt(C1 * C2) * Math.sin((dh / 2) * RAD)
  const h = meanHue(h1, h2, grey)
  const C = (C1 + C2) / 2
  const l50 = ((L1 + L2) / 2 - 50) ** 2
  const T =
    1 -
    0.17 * Math.cos((h - 30) * RAD) +
    0.24 * Math.cos(2 * h * RAD) +
    0.32 * Math.cos((3 * h + 6) * RAD) -
    0.2 * Math.cos((4 * h - 63) * RAD)
  const C7 = seventh(C)
  const RT = -2 * Math.sqrt(C7 / (C7 + POW_25_7)) * Math.sin(60 * Math.exp(-(((h - 275) / 25) ** 2)) * RAD)
  const l = dL / (1 + (0.015 * l50) / Math.sqrt(20 + l50))
  const c = dC / (1 + 0.045 * C)
  const hh = dH / (1 + 0.015 * C * T)
  return Math.sqrt(l * l + c * c + hh * hh + RT * c * hh)
}

/** x^7, ten times faster than the general power. */
function seventh(x: number): number {
  const cube = x * x * x
  return cube * cube * x
}

function hue(a: number, b: number): number {
  if (a === 0 && b === 0) return 0
  const h = Math.atan2(b, a) / RAD
  return h < 0 ? h + 360 : h
}

function meanHue(h1: number, h2: number, grey: boolean): number {
  if (grey) return h1 + h2
  if (Math.abs(h1 - h2) <= 180) return (h1 + h2) / 2
  return h1 + h2 < 360 ? (h1 + h2 + 360) / 2 : (h1 + h2 - 360) / 2
}

/**
 * CIEDE2000 near one colour as a quadratic form q with difference^2 = d' q d for small d = (dL, da, db).
 * Six numbers: LL, aa, bb, 2 ab, 2 La, 2 Lb; found by finite steps, so it holds the rotation term too.
 */
export function localMetric(L: number, a: number, b: number, step = 0.5): Float64Array {
  const square = (dL: number, da: number, db: number) => {
    const plus = ciede2000(L, a, b, L + dL * step, a + da * step, b + db * step)
    const minus = ciede2000(L, a, b, L - dL * step, a - da * step, b - db * step)
    return ((plus + minus) / 2 / step) ** 2
  }
  const [ll, aa, bb] = [square(1, 0, 0), square(0, 1, 0), square(0, 0, 1)]
  return Float64Array.of(ll, aa, bb, square(0, 1, 1) - aa - bb, square(1, 1, 0) - ll - aa, square(1, 0, 1) - ll - bb)
}
