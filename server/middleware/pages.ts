import { refuse } from '../answers'

/** Endings of files: what has one of them and is not among the public files is not there. A screen's path has none. */
const FILE = /\.(?:m?js|css|map|json|webmanifest|html|txt|xml|svg|png|jpe?g|webp|ico|woff2?|ttf|wasm)$/i

/**
 * What is asked for and is no public file: a file that is gone is not there, never the page in its place; a page is
 * asked for anew each time.
 */
export default defineEventHandler((event) => {
  if (import.meta.prerender) return undefined
  const [path = '/'] = event.path.split('?', 1)
  const own = path.replace(useRuntimeConfig(event).app.baseURL, '/')
  if (/^\/(api|files)(\/|$)/.test(own)) return undefined
  // where no page names the icon, browsers ask for this one
  if (own === '/favicon.ico') return sendRedirect(event, `${useRuntimeConfig(event).app.baseURL}icon.svg`)
  if (FILE.test(path) && own !== '/index.html') return refuse(event, 404, 'There is nothing here')
  setHeader(event, 'cache-control', 'no-cache')
  return undefined
})
