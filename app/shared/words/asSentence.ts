import { capital } from './capital'

/** What was done, as undo calls it, as a sentence: `Added Viridian.` */
export const asSentence = (label: string): string => `${capital(label)}.`
