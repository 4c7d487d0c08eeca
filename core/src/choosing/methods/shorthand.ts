import { ANY_FAMILIES, PAINT_FAMILIES, SECTORS, type AnyFamily, type WheelFamily } from '../../colour/wheel'
import type { CallWants, GuideCall } from '../../documents/guide'

const isFamily = (word: string): word is AnyFamily => (ANY_FAMILIES as readonly string[]).includes(word)
const isOnWheel = (word: string): word is WheelFamily => SECTORS.some((s) => s.family === word)

/**
 * What a call in a few studio words asks for: `cool yellow`, `blue leaning green`, `dark`, `red earth`,
 * `yellow or orange`. Words without meaning are passed over; where none has one, any paint answers.
 */
export function wantsOf(words: string): CallWants[] {
  const wants = words
    .toLowerCase()
    .split(/\s+or\s+/)
    .map(wantsOfOne)
  return wants.some((w) => Object.keys(w).length === 0) ? [] : wants
}

function wantsOfOne(words: string): CallWants {
  const wants: CallWants = {}
  const [before = '', after] = words.split(/\bleaning\b/)
  const list: string[] = before.match(/[a-z]+/g) ?? []
  const families = list.map(singular).filter(isFamily)
  // of "red earth" the earth is the family, and the red says which
  const earth = families.includes('earth')
  const others = families.filter((f) => f !== 'earth')
  const fine = PAINT_FAMILIES.find(
    (f) => /[ -]/.test(f) && ` ${list.map(singular).join(' ')} `.includes(` ${f.replace('-', ' ')} `),
  )
  if (fine) wants.families = [fine]
  else if (earth) {
    wants.families = ['earth']
    const [which] = others
    if (which && isOnWheel(which)) wants.toward = which
  } else if (others.length) wants.families = others
  if (list.includes('warm')) wants.temperature = 'warm'
  else if (list.includes('cool')) wants.temperature = 'cool'
  if (list.some((w) => w === 'dark' || w === 'darks' || w === 'deep')) wants.depth = 'dark'
  else if (list.some((w) => w === 'light' || w === 'pale')) wants.depth = 'light'
  const toward = (after?.match(/[a-z]+/g) ?? []).map(singular).find(isOnWheel)
  if (toward) wants.toward = toward
  return wants
}

/** Plurals and the words that painters use for a family. */
const singular = (word: string): string =>
  ({
    rose: 'red',
    crimson: 'red',
    purple: 'violet',
    greys: 'grey',
    neutrals: 'neutral',
  })[word] ?? word.replace(/s$/, '')

/** Calls from lines such as `2 earths` or `cool yellow`, parted by semicolons. */
export const callsOf = (text: string): GuideCall[] =>
  text.split(';').map((part, i) => {
    const [, count, words] = /^\s*(?:(\d+)\s+)?(.*?)\s*$/.exec(part)!
    return { id: `call-${i + 1}`, words: words!, quota: Number(count ?? 1), wants: wantsOf(words!) }
  })
