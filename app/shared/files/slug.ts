/** A title as the name of a file: letters and digits of any script, everything else a dash. */
export const slug = (title: string): string =>
  title
    .toLowerCase()
    .replace(/[^\p{L}\d]+/gu, '-')
    .replace(/^-|-$/g, '')
