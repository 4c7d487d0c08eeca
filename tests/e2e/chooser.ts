/**
 * What hands a page a folder as a person would choose one: in the origin's own file system, since a headless browser shows
 * no chooser.
 */
export const chooserOf = (name: string): string => `
  window.showDirectoryPicker = async () => (await navigator.storage.getDirectory()).getDirectoryHandle('${name}', { create: true })`
