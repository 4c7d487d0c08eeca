import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { decimalsOf, readMoney, readPrice, writePrice } from './price'

const read = (text: string, habits = {}) => {
  const money = readMoney(text, habits)
  return money.ok ? `${writePrice(money.value.price)}${money.value.doubt ? ' ?' : ''}` : money.error.code
}

describe('amounts of money', () => {
  it.each([
    ['€ 8.90', '8.90 EUR'],
    ['8,9 EUR', '8.90 EUR'],
    ['£12', '12.00 GBP'],
    ['12 NOK', '12.00 NOK'],
    ['1.234,50 EUR', '1234.50 EUR'],
    ['1,234.50 USD', '1234.50 USD'],
    ["1'234.50 CHF", '1234.50 CHF'],
    ['1 234,50 kr', '1234.50 SEK ?'],
    ['1.234 EUR', 'which-mark'],
    ['1,500 JPY', '1500 JPY'],
    ['¥1500', '1500 JPY ?'],
    ['450p', '4.50 GBP'],
    ['12 quid', '12.00 GBP'],
    ['Rs. 450', '450.00 INR'],
    ['two', 'no-amount'],
    ['3 for 10 EUR', 'two-amounts'],
    ['-3.00', 'negative'],
    ['9999999', 'too-much'],
    ['8.90', '8.90 EUR'],
  ])('%s', (text, expected) => expect(read(text)).toBe(expected))

  it('a shared sign is the person’s own currency where it can be', () => {
    expect(read('120 kr', { currency: 'NOK' })).toBe('120.00 NOK')
    expect(read('$12', { currency: 'CAD' })).toBe('12.00 CAD')
    expect(read('¥30', { currency: 'CNY' })).toBe('30.00 CNY')
    expect(read('8.90', { currency: 'GBP' })).toBe('8.90 GBP')
  })
  it('the person’s own mark settles thousands', () => {
    expect(read('1.234 EUR', { decimal: ',' })).toBe('1234.00 EUR')
    expect(read('1.234 EUR', { decimal: '.' })).toBe('which-mark')
  })
  it('what is written is read again, in any currency that is written with two digits or none', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 90_000_00 }),
        fc.constantFrom('EUR', 'GBP', 'USD', 'JPY', 'SEK', 'CHF', 'KRW'),
        (hundredths, currency) => {
          const minor = decimalsOf(currency) ? hundredths : Math.round(hundredths / 100) * 100
          expect(readPrice(writePrice({ minor, currency }))).toEqual({ minor, currency })
        },
      ),
    )
  })
})
