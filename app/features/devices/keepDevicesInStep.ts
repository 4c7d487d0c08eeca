import { readCollectionFile } from '~/shared/files/readCollectionFile'
import { useSharedFolder } from '~/stores/sharedFolder'

/** Begins to keep this device in step with those that share its folder, when the collection is open. */
export const keepDevicesInStep = (): Promise<void> => useSharedFolder().begin((file) => readCollectionFile(file).result)
