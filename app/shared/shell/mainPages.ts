/** The screens at the head of every page; on a phone the first five lie in the bar at the bottom. */
export const MAIN_PAGES = [
  { to: '/', label: 'Today' },
  { to: '/paints', label: 'Paints' },
  { to: '/palettes', label: 'Palettes' },
  { to: '/bench', label: 'Bench' },
  { to: '/restock', label: 'Restock' },
  { to: '/pigments', label: 'Pigments' },
  { to: '/data', label: 'Data' },
] as const

/** What else a phone offers under “More”. */
export const MORE_PAGES = [
  { to: '/pigments', label: 'Pigments' },
  { to: '/pans', label: 'Loose pans' },
  { to: '/ledger', label: 'Ledger' },
  { to: '/charts', label: 'Sheets to print' },
  { to: '/boxes', label: 'Boxes' },
  { to: '/data', label: 'Data' },
] as const

/** Whether a path belongs to a page. */
export const isWithin = (path: string, to: string): boolean =>
  to === '/' ? path === '/' : path === to || path.startsWith(`${to}/`)
