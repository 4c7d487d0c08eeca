/** A term of an absorption shape: an edge absorbs below `nm`; a band is a Gaussian; a floor is everywhere. */
export type ShapeTerm =
  readonly ['edge' | 'band', nm: number, width: number, height: number] | readonly ['floor', height: number]
type Triple = readonly [L: number, a: number, b: number]

/** A row as the generated table holds it; the meaning of each column is in data/pigments/SOURCE.md. */
export type PigmentRow = readonly [
  code: string,
  variant: string,
  names: readonly string[],
  ci: string,
  chemistry: string,
  family: string,
  masstone: Triple,
  wash: Triple,
  shape: readonly ShapeTerm[],
  transparency: number,
  staining: number,
  granulation: number,
  astm: string,
  expected: string,
  strength: number,
  pan: number,
  cautions: readonly string[],
  kind: string,
]
