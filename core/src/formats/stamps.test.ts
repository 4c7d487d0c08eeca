import { expect, it } from 'vitest'
import { noDocuments } from '../documents/kinds'
import { paint } from '../documents/documents.fixture'
import type { Stamps } from '../exchange'
import { toTheEnd } from '../steps'
import { headPiece, readCollection, stampPiece, writeCollection } from './collectionFile'
import { readCollectionFile, type FileLike } from './collectionStream'

const file = (text: string): FileLike => new Blob([text]) as unknown as FileLike

it('says who wrote it, line by line as in one text; what cannot be read of that makes it a stranger’s', async () => {
  const stamps: Stamps = {
    device: { id: 'tablet-1', name: 'the “tablet”' },
    life: 'life-1',
    seen: { 'life-1': 3, 'life-2': 1 },
    stamps: [
      { kind: 'paints', id: 'a', by: 'life-1.3' },
      { kind: 'paints', id: 'b', by: { '': 'life-1.1', '/note': 'life-2.1' } },
    ],
  }
  const documents = { ...noDocuments(), paints: [paint('a'), paint('b')] }
  const { stamps: lines, ...writer } = stamps
  const whole = writeCollection({ documents, unreadable: [] }, '')
  const said = whole
    .replace('"documents":{\n', `"writer":${JSON.stringify(writer)},"documents":{\n`)
    .replace('"unreadable":[', `${stampPiece(stamps)}"unreadable":[`)
  expect(headPiece('', writer)).toBe(`${said.split('\n')[0]}\n`)
  for (const read of [toTheEnd(readCollection(said)), await readCollectionFile(file(said))]) {
    expect(read.ok && read.value.stamps).toEqual(stamps)
    expect(read.ok && read.value.documents.paints).toHaveLength(2)
  }
  for (const broken of [said.replace('"life-1",', '"?",'), said.replace('"seen":{', '"seen":{"x":1,'), whole]) {
    const read = await readCollectionFile(file(broken))
    expect(read.ok && read.value.stamps).toBeUndefined()
    expect(read.ok && read.value.documents.paints).toHaveLength(2)
  }
  // one line of it that is none is left out, and what it was of is nobody's
  const odd = await readCollectionFile(file(said.replace('life-1.3', 'who')))
  expect(odd.ok && odd.value.stamps?.stamps).toEqual(lines.slice(1))
})
