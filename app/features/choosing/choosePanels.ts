/** The panels of choosing that are no guide: named by what they do. */
export type ChoosePanel = 'best' | 'reduce' | 'list' | 'master' | 'together' | 'few' | 'versions'
