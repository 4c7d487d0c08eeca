import type { Documents, Paint } from '@juxtachrome/core/documents'

/** What the painter of the demo noted beside the label: marks, and where tubes lie. Paints by their id. */
const MARKS: Record<string, string[]> = {
  'demo-t-rose-madder-genuine': ['for the garden', 'fades'],
  'demo-s-french-ultramarine': ['boat bag'],
  'demo-s-phthalo-blue-green-shade': ['boat bag'],
  'demo-f-indian-red': ['boat bag', 'loved'],
}
const PLACES: Record<string, string> = {
  'demo-h-naples-yellow': 'blue drawer',
  'demo-f-alizarin-crimson': 'blue drawer',
  'demo-s-french-ultramarine': 'boat bag',
  'demo-f-indian-red': 'boat bag',
}
const WITH_HONEY = new Set(['demo-b-kelp-brown', 'demo-b-lichen-yellow', 'demo-b-storm-grey'])

/** Adds them to paints and to what is owned of them. */
export function noted({ paints, items }: Pick<Documents, 'paints' | 'items'>): Pick<Documents, 'paints' | 'items'> {
  return {
    paints: paints.map((paint): Paint => {
      const marks = MARKS[paint.id]
      return {
        ...paint,
        ...(marks ? { marks } : {}),
        ...(WITH_HONEY.has(paint.id) ? { binder: 'with honey' as const } : {}),
      }
    }),
    items: items.map((item) => {
      const place = PLACES[item.paintId]
      return place ? { ...item, place } : item
    }),
  }
}
