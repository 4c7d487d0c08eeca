import { HOLDERS } from '@juxtachrome/core/arranging'
import type { Palette } from '@juxtachrome/core/documents'
import type { Need } from '@juxtachrome/core/restocking'
import { useBlendCommands } from '~/features/arranging/commands'
import { useBoxCommands } from '~/features/boxes/commands'
import { useGuideCommands } from '~/features/choosing/commands'
import { useRankingCommands } from '~/features/choosing/rankings'
import { useRecipeCommands } from '~/features/mixing/commands'
import { usePaletteCommands } from '~/features/palettes/commands'
import { useSharing } from '~/features/palettes/sharing'
import { useVersionCommands } from '~/features/palettes/versions'
import { useRestockCommands } from '~/features/restock/commands'
import { useStandInCommands } from '~/features/standins/commands'
import { useSwatchCommands } from '~/features/swatches/commands'
import { useSwapCommands } from '~/features/using/swaps'
import { buildDemo } from '../../server/demo/build'
import { useCollection } from './collection'
import { useSettings } from './settings'

export const TODAY = '2026-09-14'
export const demo = buildDemo(TODAY)
export const TIN = 'landing-tin'
export const [BLUE, SIENNA, ROSE] = ['demo-h-french-ultramarine', 'demo-g-burnt-sienna', 'demo-h-quinacridone-rose']

const tin = (): Palette => useCollection().palette(TIN)!
const plan = (placeId: string) => tin().plan[placeId]
const need = (more: Partial<Need> = {}): Need => ({
  key: `paint:${BLUE}`,
  paintId: BLUE,
  name: 'French ultramarine',
  pigments: ['PB29'],
  reasons: [],
  weight: 50,
  onOrder: 0,
  anyMaker: false,
  ...more,
})
const standIn = (paintId: string) =>
  ({ kind: 'other pigments', paintId, alone: { difference: 3 }, trial: undefined }) as never
/** All documents as they are, in an order of their own. */
export const documentsNow = () => {
  const { journal: _journal, ...documents } = useCollection().contents().documents
  const byId = (p: { id: string }, q: { id: string }) => (p.id < q.id ? -1 : 1)
  return Object.fromEntries(Object.entries(documents).map(([kind, list]) => [kind, [...list].sort(byId)]))
}

/** What a person does, what it is called in the list of undo, and what is so afterwards. */
export type Act = [name: string, act: () => unknown, label: RegExp, holds: () => unknown]
export const ACTS: Act[] = [
  [
    'place',
    () => usePaletteCommands().place(TIN, 'B3', BLUE),
    /^placed French ultramarine in B3$/,
    () => plan('B3')?.paintId === BLUE,
  ],
  [
    'move',
    () => usePaletteCommands().move(TIN, 'A1', 'B3'),
    /^moved .* to B3$/,
    () => plan('B3')?.paintId === 'demo-h-lemon-yellow',
  ],
  ['clear', () => usePaletteCommands().clear(TIN, 'A1'), /^took .* out of A1$/, () => plan('A1') === undefined],
  [
    'reserve',
    () => usePaletteCommands().reserve(TIN, 'B3', 'a teal'),
    /^kept B3 free for a teal$/,
    () => plan('B3')?.reserved === 'a teal',
  ],
  ['lock', () => usePaletteCommands().lock(TIN, 'A1', true), /^locked A1$/, () => plan('A1')?.locked],
  [
    'keep apart',
    () => usePaletteCommands().keepApart(TIN, BLUE!, SIENNA!, true),
    /^keeps .* apart$/,
    () => tin().apart?.length,
  ],
  [
    'brief',
    () => usePaletteCommands().setBrief(TIN, { near: 8 }, 'roughly'),
    /^brief: roughly$/,
    () => tin().brief?.near === 8,
  ],
  [
    'copy',
    () => usePaletteCommands().copy(tin()),
    /^copied the palette/,
    () => useCollection().palettes.some((p) => p.name.endsWith(', copy')),
  ],
  [
    'remove a palette with a history',
    () => usePaletteCommands().remove(tin(), true),
    /^removed the palette/,
    () => tin().removed,
  ],
  [
    'keep a version',
    () => useVersionCommands().keep(tin(), { name: 'spring', day: TODAY }),
    /^kept the version spring/,
    () => useCollection().versions.some((v) => v.name === 'spring'),
  ],
  [
    'go back to a version',
    () =>
      useVersionCommands().goBack(
        tin(),
        { ...useCollection().versions.find((v) => v.paletteId === TIN)! },
        TODAY,
        false,
      ),
    /^went back to/,
    () => useCollection().versions.some((v) => v.name.startsWith('before going back')),
  ],
  [
    'branch',
    () => useVersionCommands().branchWith(tin(), 'Blues only', (id) => id === BLUE),
    /^branched Blues only$/,
    () =>
      Object.values(useCollection().palettes.find((p) => p.name === 'Blues only')!.plan).every(
        (p) => !p.paintId || p.paintId === BLUE,
      ),
  ],
  [
    'keep a recipe',
    () =>
      useRecipeCommands().keep(
        'Basalt',
        [
          { paintId: BLUE!, parts: 2 },
          { paintId: SIENNA!, parts: 1 },
        ],
        3,
      ),
    /^kept the recipe Basalt$/,
    () => useCollection().recipes.some((r) => r.name === 'Basalt' && r.water === 3),
  ],
  [
    'keep a ranking',
    () => useRankingCommands().keep(' Blues ', [{ paintId: BLUE! }, { paintId: ROSE! }], TODAY),
    /^kept the ranking Blues$/,
    () => useCollection().rankings.some((r) => r.name === 'Blues'),
  ],
  [
    'keep a way of arranging',
    () => useBlendCommands().keep('Mine', { wheel: 1 }),
    /^kept Mine/,
    () => useCollection().blends.some((b) => b.name === 'Mine' && b.blend.wheel === 1),
  ],
  [
    'draw a box',
    () => useBoxCommands().draw(HOLDERS[0]!),
    /^drew the box/,
    () => useCollection().holders.length === demo.holders.length + 1,
  ],
  [
    'a method of one’s own',
    () => useGuideCommands().save('Three', []),
    /^kept the method Three$/,
    () => useCollection().guides.some((g) => g.name === 'Three'),
  ],
  [
    'take out several',
    () => useGuideCommands().takeOut(TIN, [BLUE!, SIENNA!], 'took two out'),
    /^took two out$/,
    () => plan('A5')?.paintId === BLUE && plan('B2') === undefined,
  ],
  [
    'exchange',
    () => useGuideCommands().exchange(TIN, [SIENNA!], ['demo-h-cobalt-blue'], 'exchanged one'),
    /^exchanged one$/,
    () => Object.values(tin().plan).some((p) => p.paintId === 'demo-h-cobalt-blue'),
  ],
  [
    'stand in',
    () => useStandInCommands().take(TIN, 'A4', standIn(SIENNA!), 'Burnt sienna'),
    /^planned Burnt sienna in A4$/,
    () => plan('A4')?.paintId === SIENNA && plan('A4')?.standsFor?.paintId === ROSE,
  ],
  [
    'a note on a stand-in',
    () =>
      useStandInCommands().note(
        { kind: 'paint', paintId: BLUE! },
        standIn(ROSE!),
        { held: 'badly' },
        TODAY,
        'noted it',
      ),
    /^noted it$/,
    () => useCollection().trials.some((t) => t.held === 'badly' && t.day === TODAY),
  ],
  [
    'accept a need',
    () => useRestockCommands().answer(need(), 'accepted', TODAY),
    /^accepted the need/,
    () => useCollection().needs.find((n) => n.key === need().key)?.said === 'accepted',
  ],
  [
    'put off a need',
    () => useRestockCommands().answer(need(), 'later', TODAY, '2026-10-26'),
    /^put off the need/,
    () => useCollection().needs.find((n) => n.key === need().key)?.until === '2026-10-26',
  ],
  [
    'refuse a need',
    () => useRestockCommands().answer(need(), 'refused', TODAY),
    /^refused the need/,
    () => useCollection().needs.find((n) => n.key === need().key)?.said === 'refused',
  ],
  [
    'write a need down',
    () => useRestockCommands().addOwn('PB60', TODAY),
    /^wrote down the need of PB60$/,
    () => useCollection().needs.some((n) => n.key === 'code:PB60' && n.own),
  ],
  [
    'terms of a shop',
    () => useRestockCommands().termsOf(useCollection().shops[0]!, { delivery: 490 }),
    /^changed the terms/,
    () => useCollection().shops[0]!.delivery === 490,
  ],
  [
    'remove a shop',
    () => useRestockCommands().removeShop(useCollection().shops[0]!),
    /^removed the prices/,
    () => useCollection().shops.length === demo.shops.length - 1,
  ],
  [
    'swatches',
    () =>
      useSwatchCommands().recordSwatches(
        [{ paintId: BLUE!, kind: 'window', swatch: { L: 40, a: 0, b: -30, source: 'typed' } }],
        'recorded one',
      ),
    /^recorded one$/,
    () => useCollection().paint(BLUE)!.window?.L === 40,
  ],
  [
    'which colour of the code',
    () => useSwatchCommands().chooseVariant(useCollection().paint(ROSE)!, 'PV19', 'violet'),
    /^changed /,
    () => useCollection().paint(ROSE)!.variants?.PV19 === 'violet',
  ],
  [
    'refuse a proposal',
    () => useSwapCommands().refuse(TIN, 'swap', 'a swap'),
    /^refused a swap$/,
    () => tin().answered?.some((a) => a.key === 'swap' && a.said === 'refused'),
  ],
  [
    'put off a proposal',
    () => useSwapCommands().later(TIN, 'swap', 'a swap', '2026-11-01'),
    /^put off a swap$/,
    () => tin().answered?.some((a) => a.key === 'swap' && a.until === '2026-11-01'),
  ],
  [
    'the currency',
    () => (useSettings().currency = 'GBP'),
    /^set the currency to GBP$/,
    () => useSettings().money.currency === 'GBP',
  ],
  [
    'a heading',
    () => useSettings().learnHeading('tub', 'price'),
    /^remembered what “tub” means/,
    () => useSettings().headings.tub === 'price',
  ],
  [
    'take in a palette',
    () => useSharing().takeIn(useSharing().asText(tin(), false)),
    /^took in the palette/,
    () => useCollection().palettes.length === demo.palettes.length + 1,
  ],
]
