/** What there is to say about a palette. What is shared of it, by name. */
export { type Finding, findingsOf, type Remedy } from './findings'
