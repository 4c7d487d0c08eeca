import { ref, watch } from 'vue'

/** A form's fields as text, however they are edited. */
type Texts = Record<string, unknown>

/**
 * Keeps an open form right while what it is about is changed elsewhere: fields that were not touched follow, of those
 * that were both are said. What is saved then differs from what is there only where something was typed.
 *
 * @param current the record as the form would show it now.
 */
export function useMeanwhile(
  current: () => Texts,
  values: Texts,
  set: (field: string, value: never) => void,
  label: (field: string) => string,
) {
  const said = ref<string[]>([])
  watch(current, (now, before) => {
    for (const field of Object.keys(now)) {
      if (same(now[field], before[field])) continue
      if (same(values[field], now[field])) continue
      if (same(values[field], before[field])) {
        set(field, now[field] as never)
        add(`${label(field)} was changed elsewhere meanwhile, to “${shown(now[field])}”.`)
      } else add(`${label(field)} was changed elsewhere to “${shown(now[field])}”. Saving puts yours in its place.`)
    }
  })
  const add = (message: string) => (said.value = [...said.value, message].slice(-5))
  return said
}

const same = (one: unknown, other: unknown) => JSON.stringify(one ?? '') === JSON.stringify(other ?? '')
const shown = (value: unknown) => (Array.isArray(value) ? value.join(', ') : String(value ?? '')).slice(0, 80)
