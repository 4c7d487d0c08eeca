import { ARRANGE_WISHES } from '@juxtachrome/core/arranging'

/** What a wish for an arrangement is called within a sentence. */
export const wishInWords = (id: string): string => ARRANGE_WISHES.find((w) => w.id === id)?.label.toLowerCase() ?? id
