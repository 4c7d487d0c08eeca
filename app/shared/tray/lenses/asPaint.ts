import type { Lens } from '../lens'

export const asPaint: Lens<unknown> = { id: 'paint', label: 'Paint' }
