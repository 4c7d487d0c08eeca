import type { StudentLine } from '@juxtachrome/core/formats'
import { keyOfCodes, pricePerMillilitre } from '@juxtachrome/core/paints'
import { leastPrices, sumsOfClass, type ClassTube } from '@juxtachrome/core/restocking'
import { computed, ref, type Ref } from 'vue'
import type { ValueOf } from '~/workers/client'
import { useCollection } from '~/stores/collection'
import { useSettings } from '~/stores/settings'

export type StandInLine = ValueOf<'substitutePalette'>['lines'][number]

/** Sizes in which tubes are sold, ml (common practice, no source). */
export const TUBE_SIZES = [5, 10, 15] as const

/** What a list comes to for one student and for all of them, as written and with what stands in at each level of price. */
export function useClassSums(lines: Ref<StudentLine[]>, levels: Ref<readonly (StandInLine | undefined)[][]>) {
  const collection = useCollection()
  const settings = useSettings()
  /** As typed, and as a number of people. */
  const typed = ref<number | ''>(10)
  const students = computed(() => Math.min(500, Math.max(1, Math.round(Number(typed.value)) || 1)))
  const millilitres = ref<number>(TUBE_SIZES[0])
  const listed = computed(() => leastPrices(collection.shops, settings.currency))
  /** Of a shop's list where one sells it, else what was paid for one's own. */
  function priceOf(pigments: readonly string[], paintId?: string): ClassTube['perMl'] {
    const own = paintId ? pricePerMillilitre(collection.itemsOf(paintId)) : undefined
    return listed.value(pigments) ?? (own?.currency === settings.currency ? own : undefined)
  }
  function tube(pigments: readonly string[], tubes: number, paintId?: string): ClassTube {
    const perMl = priceOf(pigments, paintId)
    return { tubes, millilitres: millilitres.value, ...(perMl ? { perMl } : {}) }
  }
  const asWritten = (line: StudentLine) => tube(line.pigments, line.tubes ?? 1)
  /** A level of price: a mixture's paints are bought each, once, and not where they are on the list anyway. */
  function atLevel(level: readonly (StandInLine | undefined)[]): ClassTube[] {
    const there = new Set(lines.value.flatMap((line, i) => (level[i]?.best ? [] : [keyOfCodes(line.pigments)])))
    return lines.value.flatMap((line, i): ClassTube[] => {
      const best = level[i]?.best
      if (!best) return [asWritten(line)]
      const tubes = line.tubes ?? 1
      if (best.pigment) return [tube([best.pigment.split(' ')[0]!], tubes)]
      if (best.paintId) return [tube(collection.paint(best.paintId)?.pigments ?? [], tubes, best.paintId)]
      return (best.mixture?.paints ?? []).flatMap(({ id }) => {
        const pigments = collection.paint(id)?.pigments ?? []
        if (there.has(keyOfCodes(pigments))) return []
        there.add(keyOfCodes(pigments))
        return [tube(pigments, tubes, id)]
      })
    })
  }
  const written = computed(() => sumsOfClass(lines.value.map(asWritten), students.value))
  const instead = computed(() => levels.value.map((level) => sumsOfClass(atLevel(level), students.value)))
  return { typed, students, millilitres, written, instead }
}
