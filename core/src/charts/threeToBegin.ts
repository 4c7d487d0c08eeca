import type { Paint } from '../documents/paint'
import { hueStep, toLch } from '../colour/lch'
import { viewOfPaint, type PaintView } from '../paints/view'

/** Where a yellow, a red and a blue lie round the wheel, degrees of h in CIE L*a*b* (common practice, no source). */
const THREE = [
  { family: 'yellow', hue: 95 },
  { family: 'red', hue: 20 },
  { family: 'blue', hue: 275 },
] as const

/**
 * A yellow, a red and a blue to begin a wheel or a triangle with, each the first of its family in the list, a single
 * pigment before a mixture; where a family is not there, what lies nearest to it. Fewer than three where the list has no
 * more.
 */
export function threeToBegin(paints: readonly Paint[]): Paint[] {
  const views = paints.map((p) => viewOfPaint(p))
  const taken = new Set<PaintView>()
  const chosen = THREE.map(({ family, hue }) => {
    const free = views.filter((v) => !taken.has(v))
    const own = free.filter((v) => v.family === family)
    const single = own.find((v) => v.paint.pigments.length === 1)
    const away = ({ wash, masstone }: PaintView) => {
      const lab = wash ?? masstone
      return lab ? Math.abs(hueStep(toLch(lab).h, hue)) : 360
    }
    const nearest = [...free].sort((p, q) => away(p) - away(q))[0]
    const view = single ?? own[0] ?? nearest
    if (view) taken.add(view)
    return view
  })
  return chosen.flatMap((v) => (v ? [v.paint] : []))
}
