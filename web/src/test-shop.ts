import { vi } from 'vitest'

/** What was asked of the shop. */
export interface Asked {
  what: string
  body: Record<string, unknown>
}

/**
 * A shop that answers as it is told: by method and path, with a value or with what a function makes of the question; a `Refused` is one.
 * What it does not know it has not: 404.
 */
export class Refused {
  constructor(
    readonly status: number,
    readonly detail: string,
    readonly field?: string
  ) {}
}

type Answers = Record<string, unknown>

export function shopThat(answers: Answers) {
  const asked: Asked[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const text = request.method === 'GET' ? '' : await request.text()
    const body = (text ? JSON.parse(text) : {}) as Record<string, unknown>
    const what = `${request.method} ${new URL(request.url).pathname}`
    asked.push({ what, body })
    const told = answers[what]
    const reply: unknown =
      typeof told === 'function'
        ? await (told as (body: Record<string, unknown>) => unknown)(body)
        : (told ?? new Refused(404, `nothing at ${what}`))
    if (reply instanceof Error) throw reply
    const headers = { 'content-type': 'application/json' }
    return reply instanceof Refused
      ? new Response(JSON.stringify({ detail: reply.detail, field: reply.field }), {
          status: reply.status,
          headers
        })
      : new Response(JSON.stringify(reply), { status: 200, headers })
  })
  return { asked, answers, times: (what: string) => asked.filter((a) => a.what === what).length }
}

/** A promise that is kept when the test says so. */
export function later<T>() {
  let keep: (value: T) => void = () => undefined
  const promise = new Promise<T>((resolve) => (keep = resolve))
  return { promise, keep }
}
