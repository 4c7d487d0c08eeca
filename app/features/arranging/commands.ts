import { added, type KeptBlend, removed, updated } from '@juxtachrome/core/documents'
import { nanoid } from 'nanoid'
import { useCollection } from '~/stores/collection'
import { useUndo } from '~/stores/undo'

/** What a person does with ways of arranging of their own. */
export function useBlendCommands() {
  const collection = useCollection()
  const undo = useUndo()
  return {
    /** Under a name that is there already it takes the other's place. */
    keep(name: string, blend: KeptBlend['blend']) {
      const before = collection.blends.find((b) => b.name === name)
      const change = before
        ? updated('blends', before, { ...before, blend: { ...blend } })
        : added('blends', { id: nanoid(12), v: 1, name, blend: { ...blend } })
      undo.commit(`kept ${name} as an order`, [change])
    },
    forget: (blend: KeptBlend) => undo.commit(`forgot ${blend.name} as an order`, [removed('blends', blend)]),
  }
}
