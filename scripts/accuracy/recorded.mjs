// What somebody records of a paint whose truth is known.

/** A swatch of a colour, read with some noise: so many units of CIEDE2000 as the root of the mean square, a third of it each way. */
export function swatch(lab, sd, gauss, source, on) {
  const C = Math.hypot(lab.a, lab.b)
  const l50 = (lab.L - 50) ** 2
  const axis = sd / Math.sqrt(3)
  const [dL, dC, dh] = [
    gauss() * axis * (1 + (0.015 * l50) / Math.sqrt(20 + l50)),
    gauss() * axis * (1 + 0.045 * C),
    gauss() * axis * (1 + 0.015 * C),
  ]
  const [ca, cb] = C < 1 ? [1, 0] : [lab.a / C, lab.b / C]
  return {
    L: Math.max(0, Math.min(100, lab.L + dL)),
    a: lab.a + dC * ca - dh * cb,
    b: lab.b + dC * cb + dh * ca,
    source,
    ...(on ? { on } : {}),
  }
}

/** A paint of one pigment of the reference, its variant named. */
export const named = ({ code, variant }) => ({
  pigments: [code],
  ...(variant ? { variants: { [code]: variant } } : {}),
})
