import { readShopAnswer } from '@juxtachrome/core/formats'
import fc from 'fast-check'
import { describe, expect, inject, it } from 'vitest'
import { runs } from '../setup/runs'

const ask = async (path: string, method = 'GET', accept = '*/*') => {
  const response = await fetch(inject('url') + path, { method, headers: { accept } })
  return {
    status: response.status,
    type: response.headers.get('content-type')?.split(';')[0],
    cache: response.headers.get('cache-control'),
    allow: response.headers.get('allow'),
    policy: response.headers.get('content-security-policy') ?? '',
    text: await response.text(),
  }
}

describe('what the server answers', () => {
  it('gives the demo of a day, and no cache keeps it', async () => {
    const demo = await ask('/api/demo?today=2026-05-14')
    expect(demo).toMatchObject({ status: 200, type: 'application/json', cache: 'no-store' })
    expect(JSON.parse(demo.text)).toMatchObject({ written: '2026-05-14T09:00:00.000Z' })
    expect(await ask('/api/health')).toMatchObject({ status: 200, cache: 'no-store' })
    expect(await ask('/api/demo?today=1910-01-01')).toMatchObject({ status: 200 })
  })

  it('refuses a day that is none with 400 and says what a day is', async () => {
    for (const query of [
      '',
      '?today=',
      '?today=2026-02-30',
      '?today=14.5.2026',
      '?today=1909-12-31',
      '?today=2026-05-14&today=2026-05-15',
      '?today[]=2026-05-14',
    ]) {
      const refused = await ask(`/api/demo${query}`)
      expect(refused, query).toMatchObject({ status: 400, type: 'application/json', cache: 'no-store' })
      expect(JSON.parse(refused.text).message, query).toContain('such as 2026-05-14')
    }
  })

  it('gives the list of a simulated shop for a day, and refuses what is no shop or no day', async () => {
    const shops = JSON.parse((await ask('/api/shop')).text) as { id: string }[]
    expect(shops.map((s) => s.id)).toEqual(['harbour', 'quay', 'boat'])
    for (const { id } of shops) {
      const answer = await ask(`/api/shop/${id}?day=2026-05-14`)
      expect(answer).toMatchObject({ status: 200, type: 'application/json', cache: 'no-store' })
      expect(readShopAnswer(answer.text)).toMatchObject({ ok: true, value: { day: '2026-05-14' } })
    }
    for (const query of ['', '?day=', '?day=2026-02-30', '?day=today', '?day=2026-05-14&day=2026-05-15', '?day[]=1'])
      expect(await ask(`/api/shop/harbour${query}`), query).toMatchObject({ status: 400 })
  })

  it('whatever is asked of a shop, the answer is a list that can be read, or a refusal in words', async () => {
    const odd = fc
      .oneof(fc.string({ minLength: 1 }), fc.constantFrom('__proto__', 'constructor', 'harbour/../..', '%00'))
      // a path of dots alone is another path
      .filter((name) => !/^\.*$/.test(name))
    await fc.assert(
      fc.asyncProperty(odd, fc.string(), async (name, day) => {
        const path = `/api/shop/${encodeURIComponent(name)}?day=${encodeURIComponent(day)}`
        const { status, text } = await ask(path)
        expect([200, 400, 404]).toContain(status)
        if (status === 200) expect(readShopAnswer(text).ok).toBe(true)
        else expect(JSON.parse(text).message).toBeTruthy()
      }),
      { numRuns: runs(60) },
    )
  })

  it('answers 404 to what is not there, as JSON even to a browser', async () => {
    for (const path of ['/api', '/api/', '/api/nothing', '/api/demo/more'])
      for (const accept of ['*/*', 'text/html'])
        expect(await ask(path, 'GET', accept), path).toMatchObject({ status: 404, type: 'application/json' })
    expect(await ask('/api/nothing', 'POST')).toMatchObject({ status: 404 })
  })

  it('a file that is not there is not there: never the page in its place', async () => {
    for (const path of ['/fonts/a.woff2', '/x/y.js', '/404.html', '/200.html', '/_nuxt/gone.js', '/a.json?x=1']) {
      // as a page asks for its files
      const gone = await ask(path)
      expect(gone.status, path).toBe(404)
      expect(gone.text, path).not.toContain('<html')
    }
  })

  it('the demo of any day is an answer or refused in words', async () => {
    for (const day of [
      '0001-01-01',
      '1899-12-31',
      '1910-01-01',
      '2400-02-29',
      '9990-12-31',
      '9991-01-01',
      '9999-12-31',
    ]) {
      const { status } = await ask(`/api/demo?today=${day}`)
      expect(status, day).toBe(day >= '1910-01-01' && day <= '9990-12-31' ? 200 : 400)
    }
  })

  it('answers 405 to every other method and says which are answered', async () => {
    for (const path of ['/api/demo?today=2026-05-14', '/api/health'])
      for (const method of ['POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'])
        expect(await ask(path, method), `${method} ${path}`).toMatchObject({ status: 405, allow: 'GET, HEAD' })
    expect(await ask('/api/health', 'HEAD')).toMatchObject({ status: 200, text: '' })
  })

  it('sends the content policy with every page, asks for it anew, and publishes no source maps', async () => {
    for (const path of [
      '/',
      '/paints',
      '/nothing/here',
      '/index.html',
      '//x',
      '//evil.example/..',
      '/a//b',
      '/%2e%2e/',
      '/\\x',
    ]) {
      const page = await ask(path, 'GET', 'text/html')
      expect(page.policy, path).toContain("default-src 'none'")
      expect(page.cache, path).toBe('no-cache')
    }
    for (const path of ['/sw.js', '/manifest.webmanifest'])
      expect(await ask(path), path).toMatchObject({ status: 200, cache: 'no-cache' })
    expect((await ask('/sw.js')).text).not.toContain('sourceMappingURL')
    expect((await ask('/sw.js.map')).text).not.toContain('"mappings"')
  })
})
