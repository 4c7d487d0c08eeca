import { refuse } from '../answers'

/** Endings of files: what has one of them and is not among the public files is not there. A screen's path has none. */
const FILE = /\.(?:m?js|css|map|json|webmanifest|html|txt|xml|svg|png|jpe?g|webp|ico|woff2?|ttf|wasm)$/i

/**
 * What is asked for and is no public file: a file that is gone is not there, never the page in its place; an odd path is
 * sent to the plain one, whose answer carries every header; a page is asked for anew each time.
 */
export default defineEventHandler((event) => {
  if (import.meta.prerender) return undefined
  const [path = '/', query] = event.path.split('?', 2)
  const own = path.replace(useRuntimeConfig(event).app.baseURL, '/')
  if (/^\/(api|files)(\/|$)/.test(own)) return undefined
  if (/\/\/|\\/.test(path)) return sendRedirect(event, path.replace(/[/\\]+/g, '/') + (query ? `?${query}` : ''), 308)
  if (FILE.test(path) && own !== '/index.html') return refuse(event, 404, 'There is nothing here')
  setHeader(event, 'cache-control', 'no-cache')
  return undefined
})
