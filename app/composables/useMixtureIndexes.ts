import type { TargetChoice } from '@juxtachrome/core/documents'
import type { Asked } from '~/workers/client'
import { reactive } from 'vue'
import type { IndexPart as Part } from '@juxtachrome/core/reach'
import { forgetDerived, inTurn, keepDerived, newestDerived, readDerived } from '~/stores/derived'
import { usePreferences } from '~/stores/preferences'
import { useCore } from './useCore'

/** An index that is being worked out. */
interface Building {
  name: string
  /** 0 to 1. */
  done: number
  cancel(): void
}

/** Share of the work. */
const WORTH_DRAWING = 0.02

const building = reactive(new Map<string, Building>())
const promises = new Map<string, Promise<boolean>>()
/** Given up by the artist: not begun again of itself. */
const stopped = reactive(new Set<string>())
/** Wanted in so many words. */
const asked = new Set<string>()

interface Wanted {
  key: string
  choice: TargetChoice
  near: number
  name: string
  isWanted: () => boolean
}
const askers = new Map<string, (() => boolean)[]>()
/** Whoever is still there after so long did not only pass by, ms. */
const STAYS = 700

/** Gets the worker what it needs to know of the whole collection: from this device, or worked out by all workers together. */
export function useMixtureIndexes() {
  const core = useCore()
  const preferences = usePreferences()

  /**
   * True when the live worker has it in the end. What takes long is begun only for somebody who stays: `isWanted` is
   * asked a little later.
   */
  function provide({ key, isWanted, ...of }: Wanted): Promise<boolean> {
    askers.set(key, [...(askers.get(key) ?? []), isWanted])
    const known = promises.get(key)
    if (known) return known
    const promise = inTurn(key, () => bring(key, of)).finally(() => {
      promises.delete(key)
      building.delete(key)
      askers.delete(key)
    })
    promises.set(key, promise)
    return promise
  }

  async function bring(key: string, of: Pick<Wanted, 'choice' | 'near' | 'name'>): Promise<boolean> {
    const kept = await readDerived<Part>(key)
    if (kept) return hold(key, kept)
    await new Promise((resolve) => setTimeout(resolve, STAYS))
    if (preferences.reckon === 'when asked' && !asked.has(key)) stopped.add(key)
    if (stopped.has(key) || !askers.get(key)?.some((isWanted) => isWanted())) return false
    const older = await newestDerived(key.slice(0, key.lastIndexOf(' ') + 1))
    const previous = older ? await readDerived<Part>(older) : undefined
    const parts = await workOut(key, of, previous)
    if (!parts) return false
    // the copy that is kept is made before what was worked out goes over to the worker
    await keepDerived(key, parts)
    return hold(key, parts)
  }

  async function workOut(
    key: string,
    { choice, near, name }: Pick<Wanted, 'choice' | 'near' | 'name'>,
    previous: Part[] | undefined,
  ): Promise<Part[] | undefined> {
    const of = core.longWorkers
    const done = Array.from({ length: of }, () => 0)
    const questions: Asked<'indexPart'>[] = []
    const cancel = () => {
      stopped.add(key)
      for (const question of questions) question.cancel()
    }
    building.set(key, { name, done: 0, cancel })
    for (let number = 0; number < of; number += 1)
      questions.push(
        core.ask(
          'indexPart',
          { choice, near, part: { number, of }, ...(previous ? { previous } : {}) },
          {
            progress: (p) => {
              done[number] = p.done / p.of
              const now = building.get(key)
              const all = done.reduce((sum, d) => sum + d, 0) / of
              // a worker says it eighty times a second: what is drawn need not follow each
              if (now && all - now.done >= WORTH_DRAWING) now.done = all
            },
          },
        ),
      )
    const answers = await Promise.all(questions.map((q) => q.result))
    const parts = answers.flatMap((a) => (a.ok ? [a.value] : []))
    return parts.length === of ? parts : undefined
  }

  /** What was worked out while the collection changed is another index than was asked for: it is let go. */
  async function hold(key: string, parts: Part[]): Promise<boolean> {
    const buffers = parts.flatMap((p) =>
      ([1, 2, 3] as const).flatMap((s) => [p.sets[s].counts.buffer, p.sets[s].targets.buffer] as ArrayBuffer[]),
    )
    const held = await core.ask('holdIndex', { parts }, { transfer: buffers }).result
    const isAsked = held.ok && held.value === key
    if (!isAsked) await forgetDerived(key)
    return isAsked
  }

  function goOn(key: string) {
    asked.add(key)
    stopped.delete(key)
  }
  return { provide, building, stopped, goOn }
}
