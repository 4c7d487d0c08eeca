/** Numbers with their units, and days. What is shared of it, by name. */
export { dayInWords, dayOf, daysAfter, daysBetween } from './calendar'
export { days, labD65, ml, type Days, type LabD65, type Millilitre } from './numbers'
