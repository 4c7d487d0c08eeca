import { readOnly } from '../../answers'
import { listOfShops } from '../../shop/catalogue'

/** The simulated shops there are. */
export default readOnly(listOfShops)
