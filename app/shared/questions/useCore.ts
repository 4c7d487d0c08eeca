import { useCollection } from '~/stores/collection'
import { keptResults } from '~/stores/derived'
import { coreClient } from '~/workers/client'

/** Asks the workers, whose mirrors follow the collection of this window. */
export const useCore = () => coreClient(useCollection().core, keptResults)
