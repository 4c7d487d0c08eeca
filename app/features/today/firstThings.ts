import { listed } from '~/shared/words/figures'

export interface FirstThing {
  key: string
  /** A sentence, its paints as tokens. */
  text: string
  act: string
  to: string
}
interface Given {
  /** Places whose paint should be dry by now. */
  look: readonly { paletteId: string; palette: string; placeId: string }[]
  /** Paints that are away and at hand again. */
  back: readonly { paletteId: string; palette: string; placeId: string; words: string }[]
  /** Places that are planned and empty, palette by palette. */
  toFill: readonly { paletteId: string; palette: string; places: readonly string[] }[]
  /** Planned paints of which none is at hand. */
  out: readonly string[]
  paintToken: (id: string) => string
}
/** Not more at once: the rest stands below. */
const MOST = 2
const NAMED = 4

/** What is to be done first, in the order in which it spoils: what dries, what is back, what is empty, what ran out. */
export function firstThings({ look, back, toFill, out, paintToken }: Given): FirstThing[] {
  const [wet] = look
  const [away] = back
  const [fill] = toFill
  const things: (FirstThing | undefined)[] = [
    wet && {
      key: 'look',
      text: `${wet.placeId} of ${wet.palette} should be dry by now. See whether it is.`,
      act: 'Look at it',
      to: `/palettes/${wet.paletteId}/fill?place=${wet.placeId}`,
    },
    away && {
      key: 'back',
      text: `${away.words} is at hand again and can go back to ${away.placeId} of ${away.palette}.`,
      act: 'See what stands in',
      to: `/palettes/${away.paletteId}/stand-in?place=${away.placeId}`,
    },
    fill && {
      key: 'fill',
      text:
        fill.places.length > NAMED
          ? `${fill.palette} is planned and waits to be filled.`
          : `${listed([...fill.places])} of ${fill.palette} ${fill.places.length === 1 ? 'waits' : 'wait'} to be filled.`,
      act: 'Fill',
      to: `/palettes/${fill.paletteId}/fill`,
    },
    out.length
      ? {
          key: 'out',
          text: `None of ${listed(out.slice(0, NAMED).map(paintToken))} is left.`,
          act: 'See what is worth buying',
          to: '/restock',
        }
      : undefined,
  ]
  return things.filter((t) => t !== undefined).slice(0, MOST)
}
