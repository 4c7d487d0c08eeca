// What somebody records of a paint whose truth is known.

/** A swatch of a colour, read with some noise. */
export const swatch = (lab, sd, gauss, source) => ({
  L: Math.max(0, Math.min(100, lab.L + gauss() * sd)),
  a: lab.a + gauss() * sd,
  b: lab.b + gauss() * sd,
  source,
})

/** A paint of one pigment of the reference, its variant named. */
export const named = ({ code, variant }) => ({
  pigments: [code],
  ...(variant ? { variants: { [code]: variant } } : {}),
})
