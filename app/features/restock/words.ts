import type { Need, NeedReason, PurchasePlan } from '@juxtachrome/core/restocking'
import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { inMl, percent } from '~/shared/words/figures'

/** Why something is needed, in words. */
export function reasonInWords(reason: NeedReason, paletteName: (id: string) => string): string {
  switch (reason.kind) {
    case 'empty':
      return reason.times ? `empty, used in ${counted(reason.times, 'painting')}` : 'empty'
    case 'low': {
      const used = reason.times ? `, used in ${counted(reason.times, 'painting')}` : ''
      const end = reason.usedUpOn ? `, used up about ${dayInWords(reason.usedUpOn)}` : ''
      return `${inMl(reason.millilitres)} left${used}${end}`
    }
    case 'reserved':
      return `${reason.placeId} of ${paletteName(reason.paletteId)} is kept free for it`
    case 'gap':
      return `${paletteName(reason.paletteId)} has no ${reason.gap}, and nothing owned closes that`
    case 'stand-in':
      return `stood in for in ${reason.placeId} of ${paletteName(reason.paletteId)}`
    case 'wished':
      return `wished for ${reason.times === 1 ? 'once' : `${reason.times} times`} while painting, last ${dayInWords(reason.last)}`
    case 'own':
      return 'written down by you'
  }
}

export const needInWords = (need: Need): string =>
  [need.name, need.maker, need.pigments.filter((c) => !need.name.includes(c)).join(' ')].filter(Boolean).join(', ')

/** How sure a plan is. */
export function sureInWords({ state, bound, figures }: PurchasePlan, isDone: boolean): string {
  if (state === 'in order')
    return 'Strictly in your order: the next need is bought, or saved for, before any behind it.'
  if (!isDone) return 'A good plan; a better one is looked for.'
  if (state === 'proven') return 'Proven: no plan serves more sooner, and none as good costs less.'
  if (bound === undefined || bound <= 0) return 'A good plan; how far from the best is not known.'
  const gap = 1 - figures.value / bound
  return gap < 0.0005
    ? 'Proven: no plan serves more sooner. Whether one as good costs less is not proven.'
    : `No plan serves more than ${percent(gap)} better than this one; it may well be the best.`
}
