/**
 * An odd path, of several slashes in a row or slashed backwards, is answered as the plain one: files would otherwise be
 * looked for as if it named another host, and answered without the headers of a page.
 */
export default defineNitroPlugin((nitro) =>
  nitro.hooks.hook('request', (event) => {
    const [path = '/', ...query] = (event.node.req.url ?? '/').split('?')
    const plain = path.replace(/[/\\]+/g, '/')
    if (plain !== path) event.node.req.url = event._path = [plain, ...query].join('?')
  }),
)
