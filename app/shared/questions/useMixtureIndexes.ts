import { computed, shallowRef, triggerRef } from 'vue'
import { usePreferences } from '~/stores/preferences'
import { useCore } from './useCore'

const told = shallowRef({})

/** What is being worked out of what the collection mixes, for whoever waits for it. */
export function useMixtureIndexes() {
  const { indexes } = useCore()
  const preferences = usePreferences()
  indexes.begins = () => preferences.reckon === 'by itself'
  indexes.changed = () => triggerRef(told)

  /** The indexes by their keys: what is worked out, and what was stopped. */
  const waitingFor = (keys: () => readonly string[]) =>
    computed(() => {
      void told.value
      return keys().map((key) => {
        const building = indexes.building.get(key)
        return { key, ...(building ? { building: { ...building } } : {}), stopped: indexes.stopped.has(key) }
      })
    })
  return { waitingFor, stop: (key: string) => indexes.stop(key), goOn: (key: string) => indexes.goOn(key) }
}
