import { refuse } from '../answers'

/** Everything under /api that is not a route. */
export default defineEventHandler((event) => {
  setHeader(event, 'cache-control', 'no-store')
  return refuse(event, 404, 'There is nothing here')
})
