import { shallowRef, triggerRef, type ShallowRef } from 'vue'

/** Tells Vue what was read of something that is not itself reactive, by keys, and what of it changed. */
export class Tracker {
  readonly #refs = new Map<string, ShallowRef<null>>()

  /** Whoever reads this now reads it again when the key is told of. */
  read(key: string): void {
    let ref = this.#refs.get(key)
    if (!ref) this.#refs.set(key, (ref = shallowRef(null)))
    void ref.value
  }
  changed(key: string): void {
    const ref = this.#refs.get(key)
    if (ref) triggerRef(ref)
  }
  allChanged(): void {
    for (const ref of this.#refs.values()) triggerRef(ref)
  }
}
