import { dayOf } from '@juxtachrome/core/units'
import { refuse } from '../../answers'
import { demoFile } from '../../demo/demoFile'
import { catalogueOf, listOfShops, SHOPS, type ShopName } from '../../shop/catalogue'

/**
 * The demo and the simulated shops as files, written when the application is built to be served without a server; there
 * they are as of the day of the build.
 */
export default defineEventHandler((event) => {
  const name = getRouterParam(event, 'name') ?? ''
  const today = dayOf(new Date())
  const shop = /^shop-(\w+)\.json$/.exec(name)?.[1] ?? ''
  setHeader(event, 'content-type', 'application/json')
  if (name === 'demo.json') return demoFile(today)
  if (name === 'shops.json') return listOfShops()
  if (Object.hasOwn(SHOPS, shop)) return catalogueOf(shop as ShopName, today)
  return refuse(event, 404, 'There is nothing here')
})
