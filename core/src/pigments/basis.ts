/** What stands behind a figure of the reference. */
export interface Basis {
  kind: 'published' | 'common practice' | 'from memory'
  /** The publication, or why there is none. */
  source: string
}

export type ReferenceFigure =
  | 'code'
  | 'constitution'
  | 'chemistry'
  | 'names'
  | 'family'
  | 'masstone'
  | 'wash'
  | 'shape'
  | 'transparency'
  | 'staining'
  | 'granulation'
  | 'astm'
  | 'expected'
  | 'strength'
  | 'inPan'
  | 'cautions'

const PRACTICE: Basis = {
  kind: 'common practice',
  source: 'as painters and handbooks of the trade say it; no single source',
}
const COLOUR: Basis = { kind: 'from memory', source: 'typical colour, not measured' }

const BASIS: Record<ReferenceFigure, Basis> = {
  code: { kind: 'from memory', source: 'Colour Index International, generic names' },
  constitution: { kind: 'from memory', source: 'Colour Index International, constitution numbers' },
  chemistry: { kind: 'from memory', source: 'handbooks of pigment chemistry' },
  names: PRACTICE,
  family: PRACTICE,
  masstone: COLOUR,
  wash: COLOUR,
  shape: { kind: 'from memory', source: 'judgement from known absorption spectra, not measured' },
  transparency: PRACTICE,
  staining: PRACTICE,
  granulation: PRACTICE,
  strength: PRACTICE,
  inPan: PRACTICE,
  astm: { kind: 'from memory', source: 'categories of ASTM D5067; check the present standard and the label' },
  expected: { kind: 'common practice', source: 'what painters expect of it; no category of a standard' },
  cautions: {
    kind: 'common practice',
    source: 'usual cautions; the label, the safety data sheet and local rules come first',
  },
}

/** Whether a figure of the reference is published, common practice or from memory. */
export const basisOf = (figure: ReferenceFigure): Basis => BASIS[figure]
