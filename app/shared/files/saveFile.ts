/** Hands a file to the browser's downloads. */
export function saveFile(name: string, data: BlobPart, type: string) {
  const url = URL.createObjectURL(data instanceof Blob ? data : new Blob([data], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 30_000)
}
