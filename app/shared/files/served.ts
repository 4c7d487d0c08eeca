/** What the application asks of where it was served from. */
export function useServed() {
  const { app, public: built } = useRuntimeConfig()
  const at = (path: string) => `${app.baseURL}${path}`
  return {
    /** A public file, wherever the application lies. */
    file: at,
    /** Built to be served as files alone, what a server would answer lies there as files, as of the day of the build. */
    demo: (today: string) => at(built.isStatic ? 'files/demo.json' : `api/demo?today=${today}`),
    /** Whether the server was started to show the demo; nothing where there is none to ask. */
    health: built.isStatic ? undefined : at('api/health'),
    shops: at(built.isStatic ? 'files/shops.json' : 'api/shop'),
    shop: (id: string, day: string) =>
      at(
        built.isStatic ? `files/shop-${encodeURIComponent(id)}.json` : `api/shop/${encodeURIComponent(id)}?day=${day}`,
      ),
  }
}
