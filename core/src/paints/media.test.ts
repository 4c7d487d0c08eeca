import { describe, expect, it } from 'vitest'
import { tin } from '../documents/documents.fixture'
import { MEDIA, type Paint } from '../documents/paint'
import { dryingDays } from '../filling/drying'
import { traitsOfMedium } from './media'
import { propertiesOf } from './properties'

const paint = (more: Partial<Paint>): Paint => ({
  id: 'p',
  v: 2,
  maker: '',
  name: 'Viridian',
  pigments: ['PG18'],
  ...more,
})

describe('what follows from the medium', () => {
  it('watercolour needs no word; every other says what comes of it in a pan', () => {
    expect(traitsOfMedium({})).toEqual({})
    for (const medium of MEDIA.filter((m) => m !== 'watercolour'))
      expect(traitsOfMedium({ medium }).inPan, medium).toBeDefined()
  })
  it('gouache and casein cover where nobody says otherwise', () => {
    expect(propertiesOf(paint({})).transparency?.value).toBe('transparent')
    expect(propertiesOf(paint({ medium: 'gouache' })).transparency).toEqual({ value: 'opaque', from: 'assumed' })
    expect(propertiesOf(paint({ medium: 'gouache', transparency: 'semi-opaque' })).transparency?.value).toBe(
      'semi-opaque',
    )
  })
})

it('with honey a filling dries slower; gum arabic and an unknown binder as forecast', () => {
  const [place] = tin.holder.places
  const days = (binder?: Paint['binder']) => dryingDays(place!, 1.5, binder ? { binder } : {})
  expect(days('gum arabic')).toBe(days())
  expect(days('with honey')).toBeGreaterThan(1.4 * days())
})
