import type { Holder } from '@juxtachrome/core/documents'
import {
  duplicateThings,
  moveThings,
  partIndex,
  removeThings,
  snapped,
  type ThingKey,
  thingsOf,
  turnThings,
} from '@juxtachrome/core/drawing'
import { computed, ref, shallowRef } from 'vue'
import type { Redraw } from './commands'
import type { BoxAct } from '~/shared/keys/boxKeys'

const FAR_ENOUGH = 4
const METHODS: Partial<Record<BoxAct, readonly [number, number]>> = {
  left: [-1, 0],
  right: [1, 0],
  up: [0, -1],
  down: [0, 1],
}

/** What is chosen in the drawing of a box, and how it is moved: by pointer with snapping, or by keys. */
export function useBoxDrawing(holder: () => Holder, redraw: Redraw) {
  const picked = shallowRef<readonly ThingKey[]>([])
  /** Whether a tap adds to what is chosen. */
  const several = ref(false)
  const isSnapping = ref(true)
  const offset = shallowRef({ dx: 0, dy: 0 })
  const lines = shallowRef<{ x?: number; y?: number }>({})
  const things = computed(() => thingsOf(holder()))
  // what another window took out is no longer chosen
  const chosen = computed(() => picked.value.filter((key) => things.value.some((t) => t.key === key)))
  const current = ref<ThingKey>()
  const focused = computed(() =>
    things.value.some((t) => t.key === current.value) ? current.value : things.value[0]?.key,
  )

  function choose(keys: readonly ThingKey[]) {
    picked.value = keys
    current.value = keys.at(-1) ?? current.value
  }
  function toggle(key: ThingKey) {
    current.value = key
    picked.value = chosen.value.includes(key) ? chosen.value.filter((k) => k !== key) : [...chosen.value, key]
  }
  const words = () => {
    const [first] = chosen.value
    if (chosen.value.length !== 1) return `${chosen.value.length} things`
    const index = partIndex(first!)
    const part = index === undefined ? undefined : holder().parts[index]?.kind
    return part ? `the ${part === 'hold' ? 'thumb hole' : part}` : first!
  }
  function make(label: string, how: Parameters<Redraw>[1]) {
    const keys = redraw(label, how)
    if (keys) choose(keys)
  }
  const act = {
    move: (dx: number, dy: number) => {
      const keys = chosen.value
      if (keys.length && (dx || dy)) redraw(`moved ${words()}`, (h) => moveThings(h, keys, dx, dy))
    },
    double: () => make(`doubled ${words()}`, (h) => duplicateThings(h, chosen.value)),
    turn: () => make(`turned ${words()}`, (h) => turnThings(h, chosen.value)),
    remove: () => make(`took out ${words()}`, (h) => removeThings(h, chosen.value)),
  }

  /** To be called on pointerdown of a thing; `scale`: pixels to a millimetre. */
  function press(event: PointerEvent, key: ThingKey, scale: () => number) {
    if (event.button !== 0) return
    const isAdding = several.value || event.shiftKey || event.ctrlKey || event.metaKey
    const start = { x: event.clientX, y: event.clientY }
    const was = chosen.value.includes(key)
    if (!was && !isAdding) choose([key])
    let dragging = false
    const move = (e: PointerEvent) => {
      const [px, py] = [e.clientX - start.x, e.clientY - start.y]
      if (!dragging && Math.hypot(px, py) < FAR_ENOUGH) return
      if (!dragging && !chosen.value.includes(key)) toggle(key)
      dragging = true
      const by = { dx: px / scale(), dy: py / scale() }
      if (!isSnapping.value || e.altKey) {
        offset.value = by
        lines.value = {}
        return
      }
      const { dx, dy, lines: at } = snapped(holder(), chosen.value, by.dx, by.dy)
      offset.value = { dx, dy }
      lines.value = at
    }
    const stop = () => {
      window.removeEventListener('pointermove', move)
      window.removeEventListener('pointerup', up)
      window.removeEventListener('pointercancel', cancel)
      offset.value = { dx: 0, dy: 0 }
      lines.value = {}
    }
    const up = () => {
      const by = offset.value
      stop()
      if (dragging) act.move(by.dx, by.dy)
      else if (isAdding) toggle(key)
      else choose([key])
    }
    const cancel = () => stop()
    window.addEventListener('pointermove', move)
    window.addEventListener('pointerup', up)
    window.addEventListener('pointercancel', cancel)
  }

  function perform(did: BoxAct, key: ThingKey, step: number) {
    const way = METHODS[did]
    if (way) {
      if (!chosen.value.includes(key)) choose([key])
      act.move(way[0] * step, way[1] * step)
    } else if (did === 'next' || did === 'previous') {
      const at = things.value.findIndex((t) => t.key === key)
      const n = things.value.length
      choose([things.value[(at + (did === 'next' ? 1 : n - 1)) % n]!.key])
    } else if (did === 'add') toggle(key)
    else {
      if (!chosen.value.includes(key)) choose([key])
      act[did as 'double' | 'turn' | 'remove']()
    }
  }
  return { things, chosen, focused, several, isSnapping, offset, lines, choose, toggle, make, act, press, perform }
}
export type BoxDrawing = ReturnType<typeof useBoxDrawing>
