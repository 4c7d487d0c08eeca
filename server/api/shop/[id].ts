import { isDay } from '@juxtachrome/core/documents'
import * as z from 'zod'
import { readOnly, refuse } from '../../answers'
import { catalogueOf, type ShopName, SHOPS } from '../../shop/catalogue'

const Query = z.object({
  day: z.string('day is one day such as 2026-05-14').refine(isDay, 'day is a day such as 2026-05-14'),
})

/** The list of a simulated shop as it is on a day. */
export default readOnly((event) => {
  const id = getRouterParam(event, 'id') ?? ''
  if (!Object.hasOwn(SHOPS, id)) return refuse(event, 404, 'There is no such shop')
  const query = Query.safeParse(getQuery(event))
  if (!query.success) return refuse(event, 400, query.error.issues[0]!.message)
  return catalogueOf(id as ShopName, query.data.day)
})
