import type { PhotoChecked } from '@juxtachrome/core/charts'
import { figure } from '~/shared/words/figures'

const list = (words: readonly string[]) =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`

/** What a photograph of a sheet shows, one finding a line, the gravest first. */
export function checkInWords({ boxes, exchanges, doubles, isOther }: PhotoChecked): string[] {
  if (isOther) return ['Most boxes are far from what they should be: is it another sheet, or another page of it?']
  const called = (b: { id: string; label: string }) => `${b.id} (${b.label})`
  const of = (verdict: string) => boxes.filter((b) => b.verdict === verdict)
  const far = of('far off').filter((b) => !doubles.some((d) => d.box.id === b.box.id))
  const empty = of('empty')
  const pale = boxes.filter((b) => b.isPale)
  return [
    ...exchanges.map(({ boxes: own, before, after }) =>
      own.length === 2
        ? `${list(own.map(called))} look exchanged: swapping them lowers the difference from ${figure(before)} to ${figure(after)}.`
        : `${list(own.map(called))} look moved round: each holds what belongs into the next; that lowers the difference from ${figure(before)} to ${figure(after)}.`,
    ),
    ...doubles.map(({ box, like }) => `${called(box)} looks like ${called(like)}: the same paint twice?`),
    ...(far.length
      ? [
          `Far from what was expected: ${list(far.map((b) => `${called(b.box)}, by ${figure(b.off!)}`))}. Another paint, or the prediction is wrong.`,
        ]
      : []),
    ...(empty.length ? [`Empty: ${list(empty.map((b) => called(b.box)))}.`] : []),
    ...(pale.length ? [`Painted, but pale: ${list(pale.map((b) => called(b.box)))}.`] : []),
  ]
}
