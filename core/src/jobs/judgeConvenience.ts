import { NEAR_ENOUGH } from '../reach/choices'
import { fail, ok, type Result } from '../result'
import { type Convenience, convenienceOf } from '../standins/convenience'
import { retold } from '../steps'
import { job } from './job'
import { standInContextOf } from './standInContext'

/** For every mixed paint of a palette: mix it, or keep it. */
export const judgeConvenienceJob = job<{ paletteId: string }, { soFar: Convenience[] }, Convenience[]>({
  lane: 'long',
  *run({ paletteId }, reading): Generator<{ soFar: Convenience[] }, Result<Convenience[]>> {
    const palette = reading.get('palettes', paletteId)
    if (!palette) return fail('no-palette', 'That palette is gone.')
    const soFar: Convenience[] = []
    const going = convenienceOf({
      context: standInContextOf(reading, palette),
      near: palette.brief?.near ?? NEAR_ENOUGH,
      ...(palette.brief?.most ? { most: palette.brief.most } : {}),
    })
    const all = yield* retold(going, (one) => {
      if (one) soFar.push(one)
      return { soFar: [...soFar] }
    })
    return ok(all)
  },
  news: ({ soFar }) => (soFar.length ? soFar : undefined),
})
