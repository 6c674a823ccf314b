import { afterEach, expect, test, vi } from 'vitest'
import { answered, askLong, client, linesOf, Refused } from './client'

const encoder = new TextEncoder()

/** A stream that arrives in these pieces. */
const streamOf = (...pieces: (string | Uint8Array)[]) =>
  new ReadableStream<Uint8Array>({
    start(controller) {
      for (const piece of pieces)
        controller.enqueue(typeof piece === 'string' ? encoder.encode(piece) : piece)
      controller.close()
    },
  })

async function all(stream: ReadableStream<Uint8Array>): Promise<string[]> {
  const lines: string[] = []
  for await (const line of linesOf(stream)) lines.push(line)
  return lines
}

const answering = (stream: ReadableStream<Uint8Array>, status = 200) =>
  vi.stubGlobal(
    'fetch',
    vi.fn(() => Promise.resolve(new Response(stream, { status }))),
  )

vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=abc%3D' })
afterEach(() => vi.unstubAllGlobals())

test('lines come whole however the stream is cut', async () => {
  expect(await all(streamOf('{"a":1}\n{"b"', ':2}\n', '\n{"c":3}'))).toEqual([
    '{"a":1}',
    '{"b":2}',
    '{"c":3}',
  ])
  expect(await all(streamOf())).toEqual([])
})

test('a letter cut in two is put together again', async () => {
  const bytes = encoder.encode('"°C"\n')
  expect(await all(streamOf(bytes.slice(0, 2), bytes.slice(2)))).toEqual(['"°C"'])
})

test('long work tells how far it is, and answers at last', async () => {
  vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=abc%3D' })
  answering(streamOf('{"done":0,"of":2}\n{"done":1,"of":2}\n{"answer":{"sound":2}}\n'))
  const told: number[] = []
  expect(await askLong('/api/x', {}, ({ done }) => told.push(done))).toEqual({ sound: 2 })
  expect(told).toEqual([0, 1])
})

test('what it refuses in the middle is a refusal', async () => {
  vi.stubGlobal('document', { cookie: '' })
  answering(
    streamOf('{"done":0,"of":2}\n{"errors":[{"field":"text","message":"All of it is here already."}]}\n'),
  )
  await expect(askLong('/api/x', {}, () => undefined)).rejects.toThrow('All of it is here already.')
})

test('what it refuses at once, and a stream that breaks off, are refusals too', async () => {
  vi.stubGlobal('document', { cookie: '' })
  answering(streamOf('{"errors":[{"field":"text","message":"Choose a file."}]}'), 422)
  await expect(askLong('/api/x', {}, () => undefined)).rejects.toThrow('Choose a file.')
  answering(streamOf('{"done":0,"of":2}\n'))
  await expect(askLong('/api/x', {}, () => undefined)).rejects.toBeInstanceOf(Refused)
})

test('what is refused is thrown with what was wrong, field by field', async () => {
  vi.stubGlobal('document', { cookie: '' })
  const refuse = () =>
    Promise.resolve(
      Response.json({ errors: [{ field: 'price', message: 'Write a price.' }] }, { status: 422 }),
    )
  const asked = client.GET('/api/kit', { baseUrl: 'http://bench', fetch: refuse })
  const refused = await answered(asked).catch((problem: unknown) => problem)
  expect(refused).toBeInstanceOf(Refused)
  expect((refused as Refused).about('price')).toBe('Write a price.')
  expect((refused as Refused).changedElsewhere).toBe(false)
})
