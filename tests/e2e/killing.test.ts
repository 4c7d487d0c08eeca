import { expect, inject, it } from 'vitest'
import { killDuringBulkWrites, killDuringSingleWrites } from '../../scripts/killing.mjs'

// a short one; scripts/reliability.mjs does sixty of each
it('a browser killed during single writes loses nothing that was said to be saved', async () => {
  expect((await killDuringSingleWrites(inject('url'), 1)).wrong).toEqual([])
})

it('a browser killed during an import has all of it or none', async () => {
  expect((await killDuringBulkWrites(inject('url'), 1)).wrong).toEqual([])
})
