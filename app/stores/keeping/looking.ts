/** How often a window in sight looks whether something was written of which it was not told, ms. */
const EVERY = 4000
/** Without a way to tell each other, looking is how windows hear. */
const EVERY_ALONE = 1000

/** Looks when the window comes back into sight, and now and then while it is. Returns what ends it. */
export function lookNowAndThen(look: () => void): () => void {
  if (typeof document === 'undefined') return () => undefined
  const lookInSight = () => {
    if (document.visibilityState === 'visible') look()
  }
  const every = setInterval(lookInSight, typeof BroadcastChannel === 'undefined' ? EVERY_ALONE : EVERY)
  document.addEventListener('visibilitychange', lookInSight)
  // out of the browser's store of pages that were left
  window.addEventListener('pageshow', lookInSight)
  return () => {
    clearInterval(every)
    document.removeEventListener('visibilitychange', lookInSight)
    window.removeEventListener('pageshow', lookInSight)
  }
}
