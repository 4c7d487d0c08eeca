import { isDay } from '@juxtachrome/core/documents'
import * as z from 'zod'
import { readOnly, refuse } from '../answers'
import { demoFile } from '../demo/demoFile'

/** The season counts years back from its day, and no day before 1900 is kept; it plans ahead, within four digits. */
const [EARLIEST, LATEST] = ['1910-01-01', '9990-12-31']
const Query = z.object({
  today: z
    .string('today is one day such as 2026-05-14')
    .refine(
      (day) => isDay(day) && day >= EARLIEST && day <= LATEST,
      `today is a day such as 2026-05-14, from ${EARLIEST} to ${LATEST}`,
    ),
})

/** The demo collection as a collection file, its dates counted back from `today`. */
export default readOnly((event) => {
  const query = Query.safeParse(getQuery(event))
  if (!query.success) return refuse(event, 400, query.error.issues[0]!.message)
  setHeader(event, 'content-type', 'application/json')
  return demoFile(query.data.today)
})
