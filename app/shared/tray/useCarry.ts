import { ref, shallowRef } from 'vue'

/** What is in the hand: a paint from the drawer, or what is planned in a place. */
export interface Carried {
  kind: 'paint' | 'place'
  id: string
  name: string
}
export type DropTarget = { kind: 'place'; id: string } | { kind: 'drawer' }

const FAR_ENOUGH = 6
const LONG_PRESS = 260

/**
 * Carrying by mouse (press and drag), touch (press a moment, then drag; or tap, then tap a place)
 * and keyboard (Space, arrows, Space). Only a drop commits; Escape puts back.
 */
export function createCarry(drop: (carried: Carried, target: DropTarget) => void) {
  const carried = shallowRef<Carried>()
  const over = ref<string>()
  const pointer = shallowRef<{ x: number; y: number }>()
  let justDragged = false

  function pickUp(what: Carried, at?: string) {
    carried.value = what
    over.value = at
  }
  /** Goes with the keyboard's focus while something is in the hand. */
  function aimAt(placeId: string) {
    if (carried.value) over.value = placeId
  }
  function putBack() {
    carried.value = undefined
    over.value = undefined
    pointer.value = undefined
  }
  function dropOn(target: DropTarget) {
    const what = carried.value
    putBack()
    if (what) drop(what, target)
  }

  /** To be called on pointerdown of what can be dragged. */
  function press(event: PointerEvent, what: Carried) {
    if (event.button !== 0 || carried.value) return
    const start = { x: event.clientX, y: event.clientY }
    const isTouch = event.pointerType === 'touch'
    let dragging = false
    const timer = isTouch ? setTimeout(begin, LONG_PRESS) : undefined

    function begin() {
      dragging = true
      pointer.value = start
      carried.value = what
    }
    function move(e: PointerEvent) {
      const far = Math.hypot(e.clientX - start.x, e.clientY - start.y) > FAR_ENOUGH
      if (!dragging && far && isTouch) return stop()
      if (!dragging && far) begin()
      if (!dragging) return
      pointer.value = { x: e.clientX, y: e.clientY }
      over.value = placeAt(e)
    }
    function up(e: PointerEvent) {
      const was = dragging
      stop()
      if (!was) return
      justDragged = true
      setTimeout(() => {
        justDragged = false
      }, 0)
      const place = placeAt(e)
      if (place) dropOn({ kind: 'place', id: place })
      else if (elementAt(e)?.closest('[data-drawer]')) dropOn({ kind: 'drawer' })
      else putBack()
    }
    function cancel() {
      stop()
      if (dragging) putBack()
    }
    const holdStill = (e: TouchEvent) => {
      if (dragging) e.preventDefault()
    }
    function stop() {
      clearTimeout(timer)
      window.removeEventListener('pointermove', move)
      window.removeEventListener('pointerup', up)
      window.removeEventListener('pointercancel', cancel)
      window.removeEventListener('touchmove', holdStill)
    }
    window.addEventListener('pointermove', move)
    window.addEventListener('pointerup', up)
    window.addEventListener('pointercancel', cancel)
    window.addEventListener('touchmove', holdStill, { passive: false })
  }

  /** Whether a click only ends a drag and means nothing else. */
  const endsDrag = () => justDragged

  return { carried, over, pointer, pickUp, aimAt, putBack, dropOn, press, endsDrag }
}
export type Carry = ReturnType<typeof createCarry>

const elementAt = (e: PointerEvent) => document.elementFromPoint(e.clientX, e.clientY)
const placeAt = (e: PointerEvent) => elementAt(e)?.closest<HTMLElement>('[data-place]')?.dataset.place
