export { type Findable, findablesIn, FOUND_KINDS, type FoundKind } from './findable'
export { createFinder, type Finder, finderIn, type Found, type FoundOfKind } from './finder'
