import * as z from 'zod'
import { readOnly } from '../answers'

const Health = z.object({ status: z.literal('ok'), demo: z.boolean() })

/** Says that the server runs, and whether it was started to show the demo. */
export default readOnly(() => Health.parse({ status: 'ok', demo: process.env.JUXTACHROME_DEMO === '1' }))
