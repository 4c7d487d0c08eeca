import type { Offer, Paint } from '@juxtachrome/core/documents'
import { paintOfOffered } from '@juxtachrome/core/restocking'
import { paintOfCodes } from '@juxtachrome/core/standins'

/** What an offer holds, as paints to be seen, each of its code's colours the one that its name says; at most `most` of them. */
export const coloursOf = ({ holds }: Pick<Offer, 'holds'>, most = Infinity): Paint[] =>
  holds.flatMap((held) => (paintOfCodes(held.pigments) ? [paintOfOffered(held)] : [])).slice(0, most)
