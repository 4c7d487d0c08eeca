import { useCollection } from '~/stores/collection'

/** What a paint is called, by its id; of one that was removed meanwhile, that it is gone. */
export function usePaintName(): (id: string) => string {
  const collection = useCollection()
  return (id) => collection.paint(id)?.name ?? 'a paint that is gone'
}
