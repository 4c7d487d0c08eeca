import { decodeText, readShopAnswer } from '@juxtachrome/core/formats'
import { computed, ref } from 'vue'
import { useRestockCommands } from './commands'
import { useCollection } from '~/stores/collection'
import { useServed } from '~/shared/files/served'
import { readFileBytes } from '~/shared/files/readFile'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useToday } from '~/shared/ui/useToday'

const MOST_MEGABYTES = 8
/** A shop that says nothing for so long is taken for unreachable, ms. */
const PATIENCE = 12_000

const notTaken = (shop: string, why: string) =>
  `The list of ${shop} was not taken in: ${why} The prices of before are still here.`

/** Shops' lists of prices: from a file, or from a simulated shop when it is asked. */
export function useShops() {
  const collection = useCollection()
  const commands = useRestockCommands()
  const today = useToday()
  const served = useServed()
  const reading = useQuestion('readPriceList')
  const trouble = ref('')
  const said = ref('')
  const busy = ref('')
  const own = computed(() => collection.budget?.currency)

  /** A list out of a file; its name is the shop's unless somebody says otherwise. */
  async function fromFile(file: File, name: string): Promise<void> {
    trouble.value = said.value = ''
    const bytes = await readFileBytes(file, MOST_MEGABYTES)
    if (!bytes.ok) return void (trouble.value = bytes.error.message)
    const { text } = decodeText(new Uint8Array(bytes.value))
    const list = await reading.ask({ text, ...(own.value ? { currency: own.value } : {}) })
    if (!list) return void (trouble.value = reading.trouble.value)
    const called = (name.trim() || file.name.replace(/\.\w+$/, '')).slice(0, 120) || 'A shop'
    const refused = commands.keepShop({
      name: called,
      day: today.value,
      currency: list.currency,
      offers: list.offers,
    })
    if (refused) return void (trouble.value = notTaken(called, refused.message))
    const [first] = list.odd
    const odd = first
      ? `; of ${list.odd.length} something could not be read, first line ${first.line}: ${first.reason}`
      : ''
    said.value = `${list.offers.length} lines of ${called}${odd}.`
  }

  /** Which simulated shops there are; none where the route cannot be reached, which is said. */
  async function simulated(): Promise<{ id: string; name: string; currency: string }[]> {
    const text = await answerOf(served.shops)
    if (text === undefined) return []
    try {
      const list = JSON.parse(text) as unknown
      if (Array.isArray(list) && list.every((s) => typeof s?.id === 'string' && typeof s?.name === 'string'))
        return list as { id: string; name: string; currency: string }[]
    } catch {
      // said below
    }
    trouble.value = 'What answered names no shops.'
    return []
  }

  async function ask(id: string): Promise<void> {
    said.value = ''
    busy.value = id
    const text = await answerOf(served.shop(id, today.value))
    busy.value = ''
    if (text === undefined) return
    const answer = readShopAnswer(text)
    if (!answer.ok) return void (trouble.value = answer.error.message)
    const { name, day, currency, delivery, freeFrom, offers } = answer.value
    const refused = commands.keepShop({
      name,
      day,
      currency,
      ...(delivery ? { delivery } : {}),
      ...(freeFrom ? { freeFrom } : {}),
      simulated: id,
      offers,
    })
    if (refused) return void (trouble.value = notTaken(name, refused.message))
    said.value = `${offers.length} lines of ${name}, prices of today.`
  }

  async function answerOf(url: string): Promise<string | undefined> {
    trouble.value = ''
    try {
      const response = await fetch(url, { signal: AbortSignal.timeout(PATIENCE) })
      if (response.ok) return await response.text()
      trouble.value = `The shop answers ${response.status}: it does not know what was asked.`
    } catch {
      trouble.value = 'The shop cannot be reached. The prices that were taken over before are still here.'
    }
    return undefined
  }
  return { trouble, said, busy, fromFile, simulated, ask }
}
