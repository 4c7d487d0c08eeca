/** A filling as its form holds it. */
export interface FillDraft {
  itemId: string
  millilitres: string
  day: string
  dryingDays: string
  note: string
}

/** Half-typed fillings by place, for as long as the window is open. */
export const fillDrafts = new Map<string, FillDraft>()
