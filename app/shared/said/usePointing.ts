import { inject, provide, type InjectionKey } from 'vue'

/** What a screen does with a paint that a sentence names: shows it, lets it be carried. */
export interface Pointing {
  look(paintId: string): void
  press?(event: PointerEvent, paintId: string): void
}
const KEY: InjectionKey<Pointing> = Symbol('pointing')

export const providePointing = (pointing: Pointing): void => provide(KEY, pointing)
/** Where a screen has no place of its own for it, the paint opens. */
export const usePointing = (): Pointing =>
  inject(KEY, { look: (paintId: string) => void navigateTo(`/paints/${paintId}`) })
