/**
 * A paint in a sentence that is put together from data: the words carry a token, and whoever draws the sentence turns it
 * into the paint's swatch and name. Private-use characters, which no name holds.
 */
const [OPEN, CLOSE] = ['\uE000', '\uE001']
export const paintToken = (id: string): string => `${OPEN}${id}${CLOSE}`

export type Piece = { text: string } | { paintId: string }

/** The sentence as text and paints, in order. */
export const piecesOf = (said: string): Piece[] =>
  said.split(OPEN).flatMap((piece, i): Piece[] => {
    if (i === 0) return piece ? [{ text: piece }] : []
    const [paintId = '', text = ''] = piece.split(CLOSE)
    return text ? [{ paintId }, { text }] : [{ paintId }]
  })

/** The same for an ear: names instead of tokens. */
export const spoken = (said: string, nameOf: (id: string) => string): string =>
  piecesOf(said)
    .map((p) => ('paintId' in p ? nameOf(p.paintId) : p.text))
    .join('')
