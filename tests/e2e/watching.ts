/** What runs in the page until an expression holds there, or the limit (its argument, in ms) is over: answers whether it held. */
export const watching = (expression: string): string => `
  const done = arguments[arguments.length - 1]
  const holds = () => Boolean(${expression})
  if (holds()) return done(true)
  // a page that changes without end is not asked without end
  let asked = performance.now(), later
  const look = () => {
    clearTimeout(later)
    later = undefined
    asked = performance.now()
    if (holds()) end(true)
  }
  const end = (answer) => {
    observer.disconnect()
    for (const timer of [limit, later, besides]) clearTimeout(timer)
    done(answer)
  }
  const observer = new MutationObserver(() => {
    if (performance.now() - asked > 30) look()
    else later ??= setTimeout(look, 30)
  })
  observer.observe(document, { subtree: true, childList: true, characterData: true, attributes: true })
  const besides = setInterval(look, 400)
  const limit = setTimeout(() => end(holds()), arguments[0])`
