import 'fake-indexeddb/auto'
import { added, type Item, type Paint } from '@juxtachrome/core/documents'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { Database } from '~/storage/database'
import { CollectionStorage } from '~/storage/storage'
import { observationOf } from '@juxtachrome/core/mixing'
import { usePaintCommands } from '~/features/paints/commands'
import { useSwatchCommands } from '~/features/swatches/commands'
import { useRecipeCommands } from '~/features/mixing/commands'
import { opticsOf } from '~/shared/swatch/opticsOf'
import { useMixtures, waterInWords } from '~/shared/swatch/useMixtures'
import { useStripSamples } from '~/features/strip/useStripSamples'
import { filmSwatch, gradient, grainOf, screenSwatch } from '~/shared/swatch/useSwatch'
import { useBench } from './bench'
import { useCollection } from './collection'
import { useKeeper } from './keeper'
import { useStrip } from './strip'
import { useUndo } from './undo'

const paint = (id: string, ...pigments: string[]): Paint => ({
  id,
  v: 2,
  maker: 'Skerry',
  name: `Paint ${id}`,
  pigments,
})
const tube = (paintId: string): Item => ({
  id: `t-${paintId}`,
  v: 2,
  paintId,
  kind: 'tube',
  millilitres: 10,
  supply: 'open',
  remarks: [],
  price: { minor: 500, currency: 'EUR' },
})
const PAINTS = [
  paint('blue', 'PB29'),
  paint('brown', 'PBr7'),
  paint('yellow', 'PY3'),
  paint('rose', 'PV19'),
  paint('green', 'PG7'),
  paint('black', 'PBk9'),
  { ...paint('pearl', 'PW20'), effect: 'pearlescent' as const },
  paint('nameless'),
]

let count = 0
beforeEach(async () => {
  setActivePinia(createPinia())
  useKeeper().useStorage(new CollectionStorage(new Database(`optics-${(count += 1)}`)))
  await useKeeper().open()
  useUndo().commit('made a start', [...PAINTS.map((p) => added('paints', p)), added('items', tube('blue'))])
})

describe('the mixing bench', () => {
  it('takes five paints, no more, changes parts, and follows a palette’s paints', () => {
    const bench = useBench()
    for (const id of ['blue', 'brown', 'yellow', 'rose', 'green']) expect(bench.add(id)).toBe(true)
    expect(bench.add('blue')).toBe(true)
    expect(bench.add('black')).toBe(false)
    expect(bench.isFull).toBe(true)
    bench.setParts('brown', 3)
    bench.take('rose')
    expect(bench.parts.map((p) => [p.paintId, p.parts])).toEqual([
      ['blue', 1],
      ['brown', 3],
      ['yellow', 1],
      ['green', 1],
    ])
    bench.scope = 'no such palette'
    expect(bench.scope).toBe('')
    expect(bench.paints).toHaveLength(PAINTS.length)
  })

  it('lets go of a paint that leaves the collection', () => {
    const bench = useBench()
    bench.lay(
      [
        { paintId: 'blue', parts: 2 },
        { paintId: 'brown', parts: 1 },
      ],
      3,
    )
    usePaintCommands().removePaint(useCollection().paint('brown')!)
    expect(bench.parts).toEqual([{ paintId: 'blue', parts: 2 }])
    useUndo().undo()
    expect(bench.parts).toHaveLength(2)
    expect(bench.water).toBe(3)
  })
})

describe('predictions of the collection’s paints', () => {
  const parts = [
    { paintId: 'blue', parts: 3 },
    { paintId: 'brown', parts: 2 },
  ]

  it('name the paint that cannot be predicted', () => {
    const { predict, inWords } = useMixtures()
    expect(predict([...parts, { paintId: 'pearl', parts: 1 }], 0)).toMatchObject({
      ok: false,
      error: { code: 'outside-the-model', message: expect.stringContaining('Paint pearl:') as string },
    })
    expect(predict([...parts, { paintId: 'nameless', parts: 1 }], 0)).toMatchObject({
      ok: false,
      error: { code: 'nothing-known' },
    })
    expect(predict([...parts, { paintId: 'gone', parts: 1 }], 0)).toMatchObject({
      ok: false,
      error: { code: 'no-such-paint' },
    })
    expect(inWords(parts)).toBe('3 Paint blue + 2 Paint brown')
    expect(opticsOf(useCollection().paint('blue')!)).toBe(opticsOf(useCollection().paint('blue')!))
  })

  it('lean on notes of kept recipes until the note is taken back', () => {
    const { predict, observations } = useMixtures()
    const before = predict(parts, 0)
    const recipe = useRecipeCommands().keep('Wet granite', parts, 2)
    expect(observationOf(recipe)).toBeUndefined()
    useRecipeCommands().note(recipe, { masstone: { L: 40, a: 10, b: 10, source: 'typed' } })
    const after = predict(parts, 0)
    if (!before.ok || !after.ok) throw new Error('unpredicted')
    expect(observations.value).toHaveLength(1)
    expect(after.value.masstone.L - before.value.masstone.L).toBeGreaterThan(5)
    expect(after.value.correctedBy).toBe(1)
    useUndo().undo()
    const undone = predict(parts, 0)
    expect(undone.ok && undone.value.masstone).toEqual(before.value.masstone)
    useRecipeCommands().remove(useCollection().recipe(recipe.id)!)
    expect(useCollection().recipes).toEqual([])
    useUndo().undo()
    expect(useCollection().recipes.map((r) => r.name)).toEqual(['Wet granite'])
  })

  it('stay readable when a paint of a kept recipe leaves the collection', () => {
    useRecipeCommands().keep('Wet granite', parts, 2)
    usePaintCommands().removePaint(useCollection().paint('brown')!)
    expect(useCollection().paints.some((p) => p.id === 'brown')).toBe(false)
    expect(useMixtures().predict(parts, 0).ok).toBe(true)
  })

  it('say water in the words of the palette', () => {
    expect([0, 1, 3, 6, 15].map(waterInWords)).toEqual([
      'no water: masstone',
      '1 part paint to 1 water: creamy',
      '1 part paint to 3 water: milky',
      '1 part paint to 6 water: a wash',
      '1 part paint to 15 water: a pale wash',
    ])
  })
})

describe('recording swatches', () => {
  it('of many paints is one step, and undo takes all of them back', () => {
    const [collection, commands] = [useCollection(), useSwatchCommands()]
    commands.recordSwatches(
      [
        { paintId: 'blue', kind: 'masstone', swatch: { L: 27, a: 20, b: -55, source: 'photo', sd: 1.4 } },
        { paintId: 'blue', kind: 'wash', swatch: { L: 64, a: 2, b: -38, source: 'photo', sd: 1.4 } },
        { paintId: 'rose', kind: 'window', swatch: { L: 50, a: 40, b: 5, source: 'typed' } },
        { paintId: 'gone', kind: 'masstone', swatch: { L: 1, a: 0, b: 0, source: 'typed' } },
      ],
      'recorded 3 swatches',
    )
    expect(collection.paint('blue')).toMatchObject({ masstone: { L: 27 }, wash: { L: 64 } })
    expect(collection.paint('rose')!.window?.a).toBe(40)
    expect(collection.paint('gone')).toBeUndefined()
    expect(screenSwatch(collection.paint('blue')!).assumed).toBe(false)
    useUndo().undo()
    expect(collection.paint('blue')!.masstone).toBeUndefined()
    expect(collection.paint('rose')!.window).toBeUndefined()
    expect(screenSwatch(collection.paint('blue')!).assumed).toBe(true)
  })
})

describe('the strip', () => {
  it('holds paints, mixtures and colours, eight at most, the oldest makes room', async () => {
    const strip = useStrip()
    const { samples } = useStripSamples()
    strip.lay('blue')
    strip.lay('blue')
    strip.put({
      kind: 'mix',
      name: 'Granite',
      parts: [
        { paintId: 'blue', parts: 1 },
        { paintId: 'brown', parts: 1 },
      ],
      water: 0,
    })
    strip.put({ kind: 'colour', name: 'Lichen', L: 70, a: 5, b: 60 })
    await nextTick()
    expect(samples.value.map((s) => [s.name, s.predicted ?? false])).toEqual([
      ['Paint blue', false],
      ['Granite', true],
      ['Lichen', false],
    ])
    expect(samples.value[1]!.under).toBe('predicted: 1 Paint blue + 1 Paint brown')
    for (let i = 0; i < 8; i += 1) strip.put({ kind: 'colour', name: `c${i}`, L: 10 * i, a: 0, b: 0 })
    expect(strip.items).toHaveLength(8)
    expect(samples.value[0]!.name).toBe('c0')
  })

  it('compares two in words, and lets go of them', () => {
    const strip = useStrip()
    strip.lay('blue')
    strip.lay('black')
    const { comparison, samples } = useStripSamples()
    expect(samples.value.map((s) => s.assumed)).toEqual([true, true])
    expect(samples.value[0]!.pricePerMl).toEqual({ minor: 50, currency: 'EUR' })
    strip.choose('blue')
    expect(comparison.value).toBeUndefined()
    strip.choose('black')
    expect(comparison.value?.lines).toEqual(expect.arrayContaining(['no pigment in common']))
    expect(comparison.value?.missed).toContain('You would miss Paint blue')
    strip.choose('black')
    strip.take('blue')
    expect(strip.chosen).toEqual([])
    strip.clear()
    expect(samples.value).toEqual([])
  })
})

describe('swatches on the screen', () => {
  it('run from masstone to wash, are marked when a screen cannot show them, and have a grain', () => {
    const collection = useCollection()
    expect(filmSwatch(collection.paint('blue')!)).toHaveLength(7)
    expect(filmSwatch(collection.paint('pearl')!)).toEqual(screenSwatch(collection.paint('pearl')!).stops)
    expect(screenSwatch(collection.paint('pearl')!)).toMatchObject({
      marked: true,
      caution: 'pearlescent: a screen cannot show it',
    })
    expect(screenSwatch(collection.paint('nameless')!).stops).toEqual([])
    expect([gradient([]), gradient(['#111111']), gradient(['#111111', '#222222'], 'to bottom')]).toEqual([
      undefined,
      'linear-gradient(#111111, #111111)',
      'linear-gradient(to bottom, #111111, #222222)',
    ])
    expect([grainOf({}), grainOf({ granulation: 'strongly granulating' })]).toEqual([0, 0.42])
  })
})
