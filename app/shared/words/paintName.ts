import { useCollection } from '~/stores/collection'

/** What a paint is called, by its id, with its maker where another has the same name; of one that was removed, that it is gone. */
export function usePaintName(): (id: string) => string {
  const collection = useCollection()
  return (id) => {
    const paint = collection.paint(id)
    return paint ? collection.called(paint) : 'a paint that is gone'
  }
}
