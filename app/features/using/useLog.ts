import { mainPaintOf } from '@juxtachrome/core/ledger'
import { type Palette, planAt, type SittingEvent, type Used } from '@juxtachrome/core/documents'
import { paintOfWish } from '@juxtachrome/core/using'
import { computed, reactive, ref } from 'vue'
import { useFillCommands } from '~/features/filling'
import { useSittingCommands } from './commands'
import { useCollection } from '~/stores/collection'
import { useUnsaved } from '~/stores/unsaved'
import { smallPicture } from '~/shared/files/smallPicture'
import { useDayDone } from '~/shared/ui/useDayDone'
import { useToday } from '~/shared/ui/useToday'

export type Touch = 'some' | 'a lot'

/** A painting as it is being logged, or corrected: from the palette, place by place. */
export function useLog(palette: () => Palette) {
  const collection = useCollection()
  const today = useToday()
  const filling = useFillCommands(() => palette().id)
  const commands = useSittingCommands(() => palette().id)
  const words = ref('')
  const subject = ref('')
  const wish = ref('')
  const wished = ref<string[]>([])
  const image = ref('')
  const trouble = ref('')
  const touched = reactive(new Map<string, Touch>())
  const { typed: doneOn, day } = useDayDone(today)
  /** The entry that is being corrected. */
  const correcting = ref<string>()

  const isEmpty = () =>
    !words.value.trim() &&
    !subject.value.trim() &&
    !wish.value.trim() &&
    !wished.value.length &&
    touched.size === 0 &&
    !image.value
  useUnsaved().watchOver('the painting that is being logged', () => !isEmpty())

  /** What lies in a place, or is planned there: with that one painted. */
  function paintAt(placeId: string): string | undefined {
    const content = collection.ledger.places(palette().id).get(placeId)?.content
    return content ? mainPaintOf(content) : planAt(palette(), placeId)?.paintId
  }
  /** Some, a lot, none: each tap goes on to the next. */
  function tap(placeId: string): void {
    trouble.value = ''
    if (!paintAt(placeId)) return void (trouble.value = `Nothing lies in ${placeId}.`)
    const now = touched.get(placeId)
    if (!now) touched.set(placeId, 'some')
    else if (now === 'some') touched.set(placeId, 'a lot')
    else touched.delete(placeId)
  }
  function addWish(): void {
    const text = wish.value.trim().slice(0, 120)
    if (text && !wished.value.includes(text) && wished.value.length < 12) wished.value.push(text)
    wish.value = ''
  }
  async function choosePicture(file: File): Promise<void> {
    const small = await smallPicture(file)
    if (small.ok) image.value = small.value
    else trouble.value = small.error.message
  }
  function clear(): void {
    words.value = subject.value = wish.value = image.value = trouble.value = ''
    wished.value = []
    touched.clear()
    doneOn.value = today.value
    correcting.value = undefined
  }

  /** The painting that is being corrected, as it stands. */
  function corrected(): SittingEvent | undefined {
    const event =
      correcting.value === undefined ? undefined : collection.ledger.whole.journal.get(correcting.value)?.event
    return event?.kind === 'sitting' ? event : undefined
  }
  function usedNow(): Used[] {
    const kept = corrected()
    return [...touched].flatMap(([placeId, how]): Used[] => {
      const place = { paletteId: palette().id, placeId }
      // what was used long ago stays the paint and the vessel it was
      const before = kept?.used.find((u) => placeOf(u) === placeId)
      const paintId = before?.paintId ?? paintAt(placeId)
      if (!paintId) return []
      const vessel = before?.vessel ?? filling.vesselIn(place)
      return [{ vessel, paintId, ...(how === 'a lot' ? { much: true } : {}) }]
    })
  }
  const placeOf = ({ vessel }: Used): string | undefined => {
    if ('placeId' in vessel) return vessel.placeId as string
    return [...collection.ledger.places(palette().id)].find(([, s]) => s.vesselId === vessel.vesselId)?.[0]
  }

  function refuse(why: string): false {
    trouble.value = why
    return false
  }
  /** Keeps it; false where something is missing, which is said. */
  function save(): boolean {
    addWish()
    const used = usedNow()
    if (used.length === 0 && wished.value.length === 0)
      return refuse('Tap what was used on the tray, or say what was wished for.')
    if (doneOn.value !== day.value || day.value > today.value)
      return refuse('A day such as 2026-05-14, today or before.')
    const event: SittingEvent = {
      kind: 'sitting',
      day: day.value,
      paletteId: palette().id,
      words: words.value.trim().slice(0, 160),
      ...(subject.value.trim() ? { subject: subject.value.trim().slice(0, 60) } : {}),
      used,
      ...(wished.value.length ? { wished: wished.value.map(wishOf) } : {}),
    }
    const id = correcting.value
    const pictureId = corrected()?.pictureId
    const problem = id
      ? commands.correct(id, { ...event, ...(pictureId ? { pictureId } : {}) })
      : commands.log(event, image.value || undefined)
    if (problem) trouble.value = problem.message
    else clear()
    return !problem
  }
  function wishOf(text: string) {
    const paint = paintOfWish(text, collection.paints)
    return { words: text, ...(paint ? { paintId: paint.id } : {}) }
  }

  /** Takes up one that was logged, to be corrected. */
  function takeUp(entryId: string): void {
    clear()
    correcting.value = entryId
    const event = corrected()
    if (!event) return clear()
    words.value = event.words
    subject.value = event.subject ?? ''
    wished.value = (event.wished ?? []).map((w) => w.words)
    doneOn.value = event.day
    for (const used of event.used) {
      const placeId = placeOf(used)
      if (placeId) touched.set(placeId, used.much ? 'a lot' : 'some')
    }
  }
  const subjects = computed(() => {
    const all = collection.ledger.sittingsOf(palette().id).flatMap((s) => s.event.subject ?? [])
    return [...new Set(all.reverse())].slice(0, 12)
  })
  return {
    words,
    subject,
    wish,
    wished,
    image,
    trouble,
    touched,
    doneOn,
    correcting,
    today,
    subjects,
    isEmpty,
    tap,
    addWish,
    choosePicture,
    clear,
    save,
    takeUp,
    paintAt,
  }
}
export type Logging = ReturnType<typeof useLog>
