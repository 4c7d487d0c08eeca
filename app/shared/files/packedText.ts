import { fail, ok, type Result } from '@juxtachrome/core/result'

/** The most that a packed text may become, bytes: what comes by a link is not trusted. */
const MOST_BYTES = 1_000_000

const DAMAGED = fail('damaged-link', 'This link is damaged or was cut short. Ask for it once more, or for the file.')

async function bytesOf(
  stream: ReadableStream<Uint8Array>,
  most = Infinity,
): Promise<Uint8Array<ArrayBuffer> | undefined> {
  const parts: Uint8Array[] = []
  let length = 0
  const reader = stream.getReader()
  for (;;) {
    const { done, value } = await reader.read()
    if (done) break
    length += value.length
    if (length > most) {
      await reader.cancel()
      return undefined
    }
    parts.push(value)
  }
  const whole = new Uint8Array(length)
  let at = 0
  for (const part of parts) {
    whole.set(part, at)
    at += part.length
  }
  return whole
}

/** A text as letters that a link may hold: deflated (RFC 1951), base64url (RFC 4648, section 5) without padding. */
export async function packText(text: string): Promise<string> {
  const stream = new Blob([text]).stream().pipeThrough(new CompressionStream('deflate-raw'))
  const bytes = (await bytesOf(stream))!
  let letters = ''
  for (const byte of bytes) letters += String.fromCharCode(byte)
  return btoa(letters).replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/, '')
}

/** The text that was packed. Errors: `damaged-link`. */
export async function unpackText(packed: string): Promise<Result<string>> {
  try {
    const letters = atob(packed.replaceAll('-', '+').replaceAll('_', '/'))
    const bytes = Uint8Array.from(letters, (letter) => letter.charCodeAt(0))
    const stream = new Blob([bytes]).stream().pipeThrough(new DecompressionStream('deflate-raw'))
    const whole = await bytesOf(stream, MOST_BYTES)
    return whole ? ok(new TextDecoder('utf-8', { fatal: true }).decode(whole)) : DAMAGED
  } catch {
    return DAMAGED
  }
}
