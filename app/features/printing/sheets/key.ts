import { layCode, layKey, withCode } from '@juxtachrome/core/charts'
import { fail, ok } from '@juxtachrome/core/result'
import { one, sheet } from './sheet'

export const key = sheet({
  id: 'key',
  of: 'palette',
  label: 'Key for the lid',
  says: 'Every place in the palette’s own order, blanks kept.',
  // in the palette's own geometry its boxes are as large as its places
  numbers: ({ form }) => (form === 'as the palette lies' ? [] : ['box']),
  ticks: ['blackLine', 'lift', 'laminate', 'inLid', 'code'],
  asks: ['form'],
  lay({ options, palette, paints, also, code }, { measure, tones, room }) {
    if (!palette) return fail('no-palette', 'A key belongs to a palette. Choose one.')
    const lid = options.inLid ? { lid: { width: options.lidWidth, height: options.lidHeight } } : {}
    const byId = new Map(paints.map((p) => [p.id, p]))
    const laid = layKey({
      palette,
      paints: byId,
      measure,
      tones,
      look: { ...options, ...lid, sheet: room },
      ...(also ? { also } : {}),
    })
    if (!laid.ok || !code) return one(laid)
    return ok(withCode(laid.value, layCode(code, palette.name, measure), room))
  },
})
