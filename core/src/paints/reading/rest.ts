/** What is left of a line; taken pieces leave a comma behind, so that they part what stood around them. */
export class Rest {
  constructor(private text: string) {}

  /** Takes the first match out; `found` answers false where it is none after all. */
  take(pattern: RegExp, found: (match: RegExpMatchArray) => unknown): boolean {
    const match = pattern.exec(this.text)
    if (!match || found(match) === false) return false
    this.text = `${this.text.slice(0, match.index)}, ${this.text.slice(match.index + match[0].length)}`
    return true
  }

  takeAll(pattern: RegExp, found: (match: RegExpMatchArray) => void) {
    this.text = this.text.replace(pattern, (...args) => {
      found(args.slice(0, -2) as unknown as RegExpMatchArray)
      return ', '
    })
  }

  pieces(): string[] {
    return this.text
      .split(/[,;()[\]\t|]|\s[-–—·•]+\s|^\s*[-–—·•*]\s|\s*:\s+|\s\/\s/)
      .map((p) =>
        p
          .replace(/\s+/g, ' ')
          .replace(/^[\s.:+/&–—-]+|[\s:+/&–—-]+$/g, '')
          .trim()
          .replace(/^of\s+/i, ''),
      )
      .filter((p) => /[\p{L}\d]/u.test(p) && !/^(and|by|of|x|×|@|at)$/i.test(p))
  }
}
