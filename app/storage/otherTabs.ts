import type { Order } from './order'
import type { Written } from './storage'

export type TabMessage = { type: 'wrote'; written: Written } | { type: 'replaced'; order: Order }

export interface Tabs {
  tell(message: TabMessage): void
  leave(): void
}

/** Tells the other tabs of a database what was written here, and hears what they wrote. */
export function joinTabs(database: string, hear: (message: TabMessage) => void): Tabs {
  if (typeof BroadcastChannel === 'undefined') return { tell: () => undefined, leave: () => undefined }
  const channel = new BroadcastChannel(database)
  channel.onmessage = (event: MessageEvent<TabMessage>) => hear(event.data)
  return {
    tell: (message) => channel.postMessage(JSON.parse(JSON.stringify(message)) as TabMessage),
    leave: () => channel.close(),
  }
}
