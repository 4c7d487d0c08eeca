import type { Holder } from '../documents/palette'
import { rect } from './holderShapes'
import { ringOfSixteen, rings } from './ringsOfWells'
import { panTin, tin, mixedTin, slimCase, tinWithLid } from './tins'
import { foldingTray, twentyWells, thirtySixWells, rowsTray, rimTray, foldingWithThumb, stripBesideSlab } from './trays'

/** Holders of one kind together, each drawn to scale. */
export const HOLDER_GROUPS: readonly { label: string; holders: readonly Holder[] }[] = [
  {
    label: 'Tins of pans',
    holders: [
      panTin(
        { id: 'tin-12-half', name: 'Tin, 12 half pans', width: 113, height: 64 },
        'half pan',
        [6, 39],
        rect(6, 27, 101, 10),
      ),
      panTin(
        { id: 'tin-24-half', name: 'Tin, 24 half pans', width: 113, height: 103 },
        'half pan',
        [6, 26, 58, 78],
        rect(6, 47, 101, 9),
      ),
      panTin(
        { id: 'tin-12-full', name: 'Tin, 12 full pans', width: 131, height: 84 },
        'full pan',
        [6, 48],
        rect(6, 38, 119, 8),
      ),
      tin('tin-6-half', 'Tin, 6 half pans', 'half pan', 1, 6),
      tin('tin-8-half', 'Tin, 8 half pans', 'half pan', 2, 4),
      tin('tin-18-half', 'Tin, 18 half pans', 'half pan', 3, 6),
      tin('tin-36-half', 'Tin, 36 half pans', 'half pan', 4, 9),
      tin('tin-48-half', 'Tin, 48 half pans', 'half pan', 4, 12),
      tin('tin-6-full', 'Tin, 6 full pans', 'full pan', 1, 6),
      tin('tin-24-full', 'Tin, 24 full pans', 'full pan', 4, 6),
      mixedTin(),
      tinWithLid(),
      slimCase('slim-8', 'Slim case, 8 half pans', 1, 8),
      slimCase('slim-16', 'Slim case, 16 half pans', 2, 8),
    ],
  },
  {
    label: 'Trays of wells',
    holders: [
      foldingTray(),
      foldingWithThumb('folding-20-thumb', 'Folding tray with a thumb hole, 20 wells', 10),
      foldingWithThumb('folding-24-thumb', 'Folding tray with a thumb hole, 24 wells', 12),
      rowsTray('tray-12', 'Tray, 12 wells', 2, 6),
      rowsTray('tray-16', 'Tray, 16 wells', 2, 8),
      rowsTray('tray-18', 'Tray, 18 wells', 2, 9),
      twentyWells(),
      rimTray('tray-24', 'Studio tray, 24 wells', 8, 4),
      rimTray('tray-28', 'Studio tray, 28 wells', 9, 5),
      rimTray('tray-32', 'Studio tray, 32 wells', 10, 6),
      thirtySixWells(),
      rimTray('tray-40', 'Studio tray, 40 wells', 13, 7),
      rimTray('tray-48', 'Studio tray, 48 wells', 15, 9, { width: 22, height: 20 }),
      rowsTray('tray-64', 'Studio tray, 64 wells', 4, 16, { width: 20, height: 20 }),
      stripBesideSlab(),
    ],
  },
  {
    label: 'Rings and plates',
    holders: [
      rings('ring-8', 'Ring of 8', [8], 14, 30),
      rings('ring-12', 'Ring of 12', [12], 14, 46),
      ringOfSixteen(),
      rings('ring-24', 'Ring of 24', [24], 12, 88),
      rings('ring-32', 'Two rings, 32', [20, 12], 12, 42),
      rings('ring-64', 'Two rings, 64', [36, 28], 10, 94),
      rings('plate-16', 'Dinner plate, 16 dabs round the rim', [16], 16, 92),
    ],
  },
]

const USUAL = ['tin-12-half', 'tin-24-half', 'tin-12-full', 'folding-18', 'tray-20', 'ring-16', 'tray-36']
const place = ({ id }: Holder) => (USUAL.includes(id) ? USUAL.indexOf(id) : USUAL.length)

/** All holders offered for a new palette, the usual ones first. A palette keeps a copy of its own. */
export const HOLDERS: readonly Holder[] = HOLDER_GROUPS.flatMap((g) => g.holders).sort((p, q) => place(p) - place(q))
