import 'fake-indexeddb/auto'
import { same, type Purchase } from '@juxtachrome/core/documents'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { useBoxCommands } from '~/features/boxes/commands'
import { useFillCommands } from '~/features/filling/commands'
import { usePaintCommands } from '~/features/paints/commands'
import { usePaletteCommands } from '~/features/palettes/commands'
import { useSharing } from '~/features/palettes/sharing'
import { useRestockCommands } from '~/features/restock/commands'
import { useSittingCommands } from '~/features/using/commands'
import { Database } from '~/storage/database'
import { CollectionStorage } from '~/storage/storage'
import { useCollection } from './collection'
import { collectionBlob } from './collectionBlob'
import { ACTS, BLUE, demo, documentsNow, TIN, TODAY } from './commands.fixture'
import { PAINT_ACTS } from './paintActs.fixture'
import { useKeeper } from './keeper'
import { useNotices } from './notices'
import { useUndo } from './undo'

beforeEach(() => {
  setActivePinia(createPinia())
  useKeeper().useStorage(new CollectionStorage(new Database(`commands-${Math.random()}`)))
  useCollection().core.replace({ documents: structuredClone(demo), unreadable: [] })
})

// what earlier tests left unwritten speaks up later, and would make its store the present one
afterEach(() => useKeeper().flush())

describe('what a person does', () => {
  it.each([...ACTS, ...PAINT_ACTS])(
    '%s: is so, is said, and undo and redo take it back and forth',
    (_name, act, label, holds) => {
      const [before, undo] = [documentsNow(), useUndo()]
      act()
      expect(useNotices().list.filter((n) => n.tone === 'trouble')).toEqual([])
      expect(undo.undoLabel).toMatch(label)
      expect(Boolean(holds())).toBe(true)
      const after = documentsNow()
      expect(same(before, after)).toBe(false)
      undo.undo()
      expect(same(documentsNow(), before)).toBe(true)
      undo.redo()
      expect(same(documentsNow(), after)).toBe(true)
    },
  )

  it('a photograph of a paint is kept once, undone, done again, and taken away', () => {
    const image = 'data:image/jpeg;base64,AAAA'
    const blue = () => useCollection().paint(BLUE)!
    expect(usePaintCommands().keepPhoto(blue(), image).ok).toBe(true)
    const id = blue().pictureId!
    expect(useCollection().core.get('pictures', id)).toMatchObject({ id })
    useUndo().undo()
    // the picture itself stays, so that doing it again finds it
    expect(blue().pictureId).toBeUndefined()
    useUndo().redo()
    expect(blue().pictureId).toBe(id)
    usePaintCommands().keepPhoto(blue(), image)
    usePaintCommands().removePhoto(blue())
    expect(blue().pictureId).toBeUndefined()
    const tin = () => useCollection().palette(TIN)!
    usePaletteCommands().keepPhoto(tin(), image)
    expect(tin().pictureId).toBe(id)
    usePaletteCommands().removePhoto(tin())
    expect(tin().pictureId).toBeUndefined()
  })

  it('a painting with its picture is one step; the picture is kept once, whole on the disk, and not in memory', async () => {
    await useKeeper().open()
    useCollection().core.replace({ documents: demo, unreadable: [] })
    const event = { kind: 'sitting' as const, day: TODAY, paletteId: TIN, words: 'Stacks', used: [], wished: [] }
    const image = 'data:image/jpeg;base64,AAAA'
    const pictures = useCollection().pictures.length
    const log = () => useSittingCommands(() => TIN).log(event as never, image)
    const stacks = () =>
      useCollection()
        .ledger.sittingsOf(TIN)
        .map((s) => s.event as { words?: string; pictureId?: string })
        .filter((e) => e.words === 'Stacks')
    expect(log()).toBeUndefined()
    const id = stacks()[0]!.pictureId!
    expect(useCollection().core.get('pictures', id)).toMatchObject({ image: '' })
    // also before it is on the disk
    expect(await useKeeper().apart('pictures', [id])).toMatchObject([{ id, image }])
    await useKeeper().flush()
    expect(await useKeeper().apart('pictures', [id, 'gone'])).toMatchObject([{ id, image }])
    expect(log()).toBeUndefined()
    expect(stacks().map((e) => e.pictureId)).toEqual([id, id])
    expect(useCollection().pictures).toHaveLength(pictures + 1)
    useUndo().undo()
    useUndo().undo()
    expect(stacks()).toEqual([])
    useUndo().redo()
    expect(stacks().map((e) => e.pictureId)).toEqual([id])
    const file = await collectionBlob(useCollection().contents(), new Date(), { apart: useKeeper().apart })
    expect(await file!.text()).toContain(image)
  })

  it('a day that is still to come is refused in words, whatever is done on it; nothing is made today instead', async () => {
    const before = documentsNow()
    const filling = useFillCommands(() => TIN)
    const place = { paletteId: TIN, placeId: 'A1' }
    expect(filling.record({ kind: 'clean', day: '2999-01-01', vessel: place })).toMatchObject({ code: 'still-to-come' })
    expect(filling.movePan(place, { paletteId: TIN, placeId: 'A2' }, '2999-01-01')).toMatchObject({ where: 'day' })
    const purchase = useCollection().purchases[0]!
    expect(await useRestockCommands().settle(purchase, 0, 'returned', '2999-01-01')).toBe(false)
    expect(same(documentsNow(), before)).toBe(true)
    expect(useNotices().list.at(-1)!.text).toContain('is still to come')
  })

  it('what is no longer there is refused in words, and nothing changes', () => {
    const before = documentsNow()
    usePaletteCommands().place('gone', 'A1', BLUE!)
    usePaletteCommands().place(TIN, 'Z9', BLUE!)
    useBoxCommands().redraw('gone')('turned', (holder) => ({ ok: true, value: { holder, keys: [] } }))
    expect(useSharing().takeIn('{}').ok).toBe(false)
    expect(useNotices().list.filter((n) => n.tone === 'trouble').length).toBe(2)
    expect(same(documentsNow(), before)).toBe(true)
    expect(useUndo().undoLabel).toBeUndefined()
  })

  it('a line of an order changes its state by what became of it', async () => {
    const purchase = useCollection().purchases.find((p: Purchase) => p.lines.some((l) => l.state === 'ordered'))
    if (!purchase) throw new Error('The demo has nothing on order.')
    const index = purchase.lines.findIndex((l) => l.state === 'ordered')
    expect(await useRestockCommands().settle(purchase, index, 'delivered', TODAY)).toBe(true)
    const [id] = purchase.lines[index]!.itemIds
    expect(useCollection().item(id)!.supply).toBe('sealed')
    useUndo().undo()
    expect(useCollection().item(id)!.supply).toBe('on order')
  })
})
