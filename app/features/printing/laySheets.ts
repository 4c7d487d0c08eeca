import {
  layBook,
  layBoxLabels,
  layCards,
  layChart,
  layDilutions,
  layFadeTest,
  layKey,
  layPartners,
  layTriangle,
  layUndersides,
  layValues,
  layWheel,
  type Laid,
  type Measure,
  type Room,
  type Tones,
} from '@juxtachrome/core/charts'
import type { Paint, Palette } from '@juxtachrome/core/documents'
import { fail, ok, type Result } from '@juxtachrome/core/result'
import type { PrintOptions } from './printOptions'

export interface SheetSubject {
  options: PrintOptions
  palette?: Palette
  paints: readonly Paint[]
  partners: readonly Paint[]
  today: string
  also?: (placeId: string) => string | undefined
}

const one = (laid: Result<Laid>): Result<Laid[]> => (laid.ok ? ok([laid.value]) : laid)

/** The drawings of what is asked for, for the room of a sheet. */
export function laySheets(subject: SheetSubject, room: Room, measure: Measure, tones: Tones): Result<Laid[]> {
  const { options, palette, paints, partners, today, also } = subject
  const { colouring, box, water } = options
  const common = { measure, tones, colouring, paints }
  const label = { measure, paints, width: options.labelWidth, height: options.labelHeight }
  switch (options.kind) {
    case 'key': {
      if (!palette) return fail('no-palette', 'A key belongs to a palette. Choose one.')
      const lid = options.inLid ? { lid: { width: options.lidWidth, height: options.lidHeight } } : {}
      const byId = new Map(paints.map((p) => [p.id, p]))
      return one(
        layKey({ palette, paints: byId, measure, tones, look: { ...options, ...lid }, ...(also ? { also } : {}) }),
      )
    }
    case 'chart':
      return layChart({ ...common, box, water, tintWater: options.tintWater }, room)
    case 'partners':
      return layPartners({ subjects: paints, partners, measure, tones, colouring, box, water }, room)
    case 'cards':
      return layCards(
        {
          ...common,
          width: options.cardWidth,
          height: options.cardHeight,
          punch: options.punch ? 5 : 0,
          window: options.window,
        },
        room,
      )
    case 'book':
      return layBook({ ...common, box }, room)
    case 'wheel':
      return one(layWheel({ ...common, size: Math.min(options.across, room.width), water, steps: options.steps }))
    case 'triangle':
      return one(layTriangle({ ...common, size: Math.min(options.across, room.width), water }))
    case 'dilutions':
      return layDilutions({ ...common, box }, room)
    case 'values':
      return layValues({ ...common, box }, room)
    case 'fade':
      return layFadeTest({ ...common, box, begin: today }, room)
    case 'undersides':
      return layUndersides(label, room)
    case 'boxes':
      return layBoxLabels(label, room)
  }
}
