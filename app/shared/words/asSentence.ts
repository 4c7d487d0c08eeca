/** What was done, as undo calls it, as a sentence: `Added Viridian.` */
export const asSentence = (label: string): string => `${label.charAt(0).toUpperCase()}${label.slice(1)}.`
