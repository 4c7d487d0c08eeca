import { paletteAt, type Assessment } from '@juxtachrome/core/choosing'
import { DEFAULT_TARGETS, targetsOf } from '@juxtachrome/core/reach'
import { computed, onScopeDispose, shallowRef, watch, type Ref } from 'vue'
import { useCollection } from '~/stores/collection'
import { targetInWords } from './briefWords'
import { useCore } from './useCore'
import { useMixtureIndexes } from './useMixtureIndexes'

/** The verdict of a palette as it follows every change, with what is still being worked out for it; none where none is wanted. */
export function useVerdict(paletteId: Readonly<Ref<string>>, isWanted = true) {
  const core = useCore()
  const collection = useCollection()
  const indexes = useMixtureIndexes()
  const verdict = shallowRef<Assessment>()
  const trouble = shallowRef('')
  let session: { close(): void } | undefined
  const bringing = new Set<string>()

  function open() {
    session?.close()
    session = core.open(
      'assessPalette',
      { paletteId: paletteId.value },
      {
        progress: ({ soFar }) => {
          if (!soFar) return
          if (soFar.needs.length && soFar.tables.length === 0) void provideFor(soFar)
          // what is not worked out anew yet is better read as it was than not at all
          if (soFar.reach || !verdict.value) verdict.value = { ...verdict.value, ...soFar }
        },
        answer: (answer) => {
          trouble.value = answer.ok ? '' : answer.error.message
          if (!answer.ok) return
          verdict.value = answer.value
          void provideFor(answer.value)
        },
      },
    )
  }

  async function provideFor({ needs }: Assessment) {
    const asked = paletteId.value
    const palette = paletteAt(collection.core, asked)
    const keys = `${asked} ${needs.map((n) => n.key).join()}`
    // every change meanwhile names the same needs again: they are brought once, and the verdict is asked for once
    if (!palette || needs.length === 0 || bringing.has(keys)) return
    bringing.add(keys)
    const choices = targetsOf(palette.brief)
    const got = await Promise.all(
      needs.map(({ key, choice, near }) => {
        // the map shows everything, whatever is to be mixed
        const own = choices[choice] ?? DEFAULT_TARGETS[0]
        const isWanted = () => session !== undefined && paletteId.value === asked
        return own ? indexes.provide({ key, choice: own, near, name: targetInWords(own), isWanted }) : false
      }),
    ).finally(() => bringing.delete(keys))
    if (got.some(Boolean) && session && paletteId.value === asked) open()
  }

  if (isWanted)
    watch(
      paletteId,
      () => {
        verdict.value = undefined
        open()
      },
      { immediate: true },
    )
  onScopeDispose(() => {
    session?.close()
    session = undefined
  })

  /** What of the verdict's needs is being worked out, or was stopped. */
  const waiting = computed(() =>
    (verdict.value?.needs ?? []).map(({ key }) => ({
      key,
      building: indexes.building.get(key),
      stopped: indexes.stopped.has(key),
    })),
  )
  function goOn(key: string) {
    indexes.goOn(key)
    if (verdict.value) void provideFor(verdict.value)
  }
  return { verdict, trouble, waiting, goOn }
}
