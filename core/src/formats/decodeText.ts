/** Bytes as text, and by which of the common encodings they were written. */
export interface Decoded {
  text: string
  encoding: 'UTF-8' | 'UTF-16' | 'Windows-1252'
}

/** What Web and Node share; core asks for no DOM. */
declare class TextDecoder {
  constructor(label: string, options?: { fatal?: boolean })
  decode(bytes: Uint8Array): string
}

/** Bytes 128 to 159 in Windows-1252 (WHATWG Encoding Standard, index windows-1252). */
const HIGH = [...'€\x81‚ƒ„…†‡ˆ‰Š‹Œ\x8dŽ\x8f\x90‘’“”•–—˜™š›œ\x9džŸ']

/**
 * Reads a text file: by its byte order mark, as UTF-8 where the bytes are that, otherwise as Windows-1252, of which
 * ISO 8859-1 is a part but for control characters (WHATWG Encoding Standard, 4.2).
 */
export function decodeText(bytes: Uint8Array): Decoded {
  const [first, second] = bytes
  if (first === 0xff && second === 0xfe) return { text: new TextDecoder('utf-16le').decode(bytes), encoding: 'UTF-16' }
  if (first === 0xfe && second === 0xff) return { text: new TextDecoder('utf-16be').decode(bytes), encoding: 'UTF-16' }
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8' }
  } catch {
    // some decoders leave the bytes 128 to 159 as control characters
    const text = new TextDecoder('windows-1252')
      .decode(bytes)
      .replace(/[\x80-\x9f]/g, (c) => HIGH[c.charCodeAt(0) - 128]!)
    return { text, encoding: 'Windows-1252' }
  }
}
