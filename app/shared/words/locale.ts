/** The device's language; where what it says is no language, as `C` on some systems, the words' own. */
export function locale(): string {
  const said = globalThis.navigator?.language
  if (!said) return 'en-GB'
  try {
    return Intl.getCanonicalLocales(said)[0] ?? 'en-GB'
  } catch {
    return 'en-GB'
  }
}
