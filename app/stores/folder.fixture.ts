/** A folder as the browser hands it out, in memory. */
export class FakeFolder {
  readonly name = 'Studio'
  permission: PermissionState = 'granted'
  isFull = false
  // not a field of its own: what a device keeps of its folder has to be such as a disk takes
  readonly #files = new Map<string, File>()
  #clock = 0

  get files(): Map<string, File> {
    return this.#files
  }
  async queryPermission() {
    return this.permission
  }
  async requestPermission() {
    return (this.permission = 'granted')
  }
  async getFileHandle(name: string, options?: { create: boolean }) {
    if (!this.files.has(name) && !options?.create) throw new DOMException('No such file', 'NotFoundError')
    return {
      getFile: async () => this.files.get(name)!,
      createWritable: async () => {
        let held: Blob
        return {
          write: async (data: Blob) => {
            if (this.isFull) throw new DOMException('The disk is full', 'QuotaExceededError')
            held = data
          },
          close: async () => void this.files.set(name, new File([held], name, { lastModified: (this.#clock += 1) })),
        }
      },
    }
  }
  async *entries() {
    for (const name of this.files.keys()) yield [name, { kind: 'file' }] as const
  }
  async removeEntry(name: string) {
    this.files.delete(name)
  }
}
