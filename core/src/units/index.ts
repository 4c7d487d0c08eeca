/** Numbers with their units, things counted in words, and days. What is shared of it, by name. */
export { dayInWords, dayOf, daysAfter, daysBetween } from './calendar'
export { counted } from './counted'
export { days, labD65, ml, type Days, type LabD65, type Millilitre } from './numbers'
