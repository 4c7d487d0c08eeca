import type { Offer, Paint } from '@juxtachrome/core/documents'
import { paintOfCodes } from '@juxtachrome/core/standins'

/** What an offer holds, as paints of its codes, to be seen; at most `most` of them. */
export const coloursOf = ({ holds }: Pick<Offer, 'holds'>, most = Infinity): Paint[] =>
  holds.flatMap(({ pigments }) => paintOfCodes(pigments) ?? []).slice(0, most)
