import { useCollection } from '~/stores/collection'
import type { Lens } from '../lens'

export const twice: Lens<unknown> = {
  id: 'twice',
  label: 'Owned twice',
  seen: (paint) => {
    const collection = useCollection()
    const double = collection.doubles.get(paint.id)
    if (!double) return { words: 'once', grey: 96 }
    const same = double.items > 1 ? `${double.items} of it` : ''
    const [other, ...more] = double.others.flatMap((id) => collection.paint(id) ?? [])
    const others = other && `also ${collection.called(other)}${more.length ? ` and ${more.length} more` : ''}`
    return { words: [same, others].filter(Boolean).join(', '), tag: same || 'same pigment' }
  },
}
