/**
 * An odd path, of several slashes in a row or slashed backwards, is sent to the plain one: files are looked for as if it
 * named another host, and would be answered without the headers of a page.
 */
export default defineNitroPlugin((nitro) =>
  nitro.hooks.hook('beforeResponse', (event, response) => {
    const [path = '/', ...query] = (event.node.req.url ?? '/').split('?')
    const plain = path.replace(/[/\\]+/g, '/')
    if (plain === path) return
    for (const header of ['content-length', 'etag', 'last-modified']) removeResponseHeader(event, header)
    setResponseStatus(event, 308)
    setHeader(event, 'location', [plain, ...query].join('?'))
    response.body = ''
  }),
)
