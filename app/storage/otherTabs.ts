import type { WriteSet } from './storage'

export type TabMessage = { type: 'wrote'; write: WriteSet } | { type: 'replaced' }

/** Tells other tabs what was written here, and hears what they wrote. */
export function joinTabs(hear: (message: TabMessage) => void): { tell(message: TabMessage): void; leave(): void } {
  if (typeof BroadcastChannel === 'undefined') return { tell: () => undefined, leave: () => undefined }
  const channel = new BroadcastChannel('juxtachrome')
  channel.onmessage = (event: MessageEvent<TabMessage>) => hear(event.data)
  return {
    tell: (message) => channel.postMessage(JSON.parse(JSON.stringify(message)) as TabMessage),
    leave: () => channel.close(),
  }
}
