import type { EventHandlerRequest, H3Event } from 'h3'

/** What a route says when it cannot do as asked: plain JSON, never a page. */
export interface Refusal {
  statusCode: 400 | 404 | 405
  message: string
}

/** Refuses a request in words; the page's router never sees it. */
export function refuse(
  event: H3Event<EventHandlerRequest>,
  statusCode: Refusal['statusCode'],
  message: string,
): Refusal {
  setResponseStatus(event, statusCode)
  return { statusCode, message }
}

/**
 * A route that can only be read: other methods than GET and HEAD are refused with 405 (RFC 9110, 15.5.6),
 * and what it answers is kept by no cache, since it depends on the day or on how the server was started.
 */
export function readOnly<Answer>(answer: (event: H3Event<EventHandlerRequest>) => Answer) {
  return defineEventHandler((event) => {
    setHeader(event, 'cache-control', 'no-store')
    if (event.method === 'GET' || event.method === 'HEAD') return answer(event)
    setHeader(event, 'allow', 'GET, HEAD')
    return refuse(event, 405, `${event.method} is not answered here`)
  })
}
