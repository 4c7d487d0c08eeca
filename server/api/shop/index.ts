import { readOnly } from '../../answers'
import { SHOPS } from '../../shop/catalogue'

/** The simulated shops there are. */
export default readOnly(() => Object.entries(SHOPS).map(([id, { name, currency }]) => ({ id, name, currency })))
