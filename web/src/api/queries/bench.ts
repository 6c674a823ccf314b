import { keepPreviousData, queryOptions, skipToken } from '@tanstack/react-query'
import { asking, PREVIEW, STAYS } from '@/api/asking'
import { pollEvery } from '@/api/idle'
import { askLong, type Schemas, type Told } from '@/api/client'

/** What goes in and out as CSV. */
export type Table = 'diary' | 'rack' | 'climate' | 'kit'

export const pulse = () =>
  asking.queryOptions('get', '/api/pulse', {}, { refetchInterval: () => pollEvery(), meta: STAYS })

/** Of the whole machine; in a shared shop the terminal's. */
export const backups = () => asking.queryOptions('get', '/api/backups')

/** In a shared shop alone. */
export const people = () => asking.queryOptions('get', '/api/people')

/** What a ticket opens; looking at it does not take it. */
export const ticket = (key: string) =>
  asking.queryOptions('post', '/api/ticket', { body: { key } }, { staleTime: Infinity, meta: STAYS })

export const benches = () => asking.queryOptions('get', '/api/benches')

export const bench = () => asking.queryOptions('get', '/api/bench')

export const importPreview = (
  what: Table,
  body: Schemas['ImportRequest'] | null,
  onTold: (told: Told) => void,
) =>
  queryOptions({
    queryKey: ['import-preview', what, body],
    queryFn: body
      ? ({ signal }) => askLong<Schemas['ImportPreview']>(`/api/files/${what}/preview`, body, onTold, signal)
      : skipToken,
    placeholderData: keepPreviousData,
  })

export const session = (id: number) =>
  asking.queryOptions(
    'get',
    '/api/sessions/{session}',
    { params: { path: { session: id } } },
    { meta: STAYS },
  )

/** What the hands do in its steps. */
export const sessionHands = (id: number) =>
  asking.queryOptions(
    'get',
    '/api/sessions/{session}/hands',
    { params: { path: { session: id } } },
    { meta: STAYS },
  )

export const diary = (q: string, before?: number) =>
  asking.queryOptions(
    'get',
    '/api/diary',
    {
      params: { query: { ...(q && { q }), ...(before !== undefined && { before }) } },
    },
    { placeholderData: keepPreviousData },
  )

export const diaryEntry = (entry: number) =>
  asking.queryOptions('get', '/api/diary/{entry}', { params: { path: { entry } } })

export const search = (q: string) =>
  asking.queryOptions(
    'get',
    '/api/search',
    { params: { query: { q } } },
    { placeholderData: keepPreviousData, enabled: q.trim() !== '' },
  )

/** An entry as it was typed. */
export const typedEntry = (entry: number) =>
  asking.queryOptions('get', '/api/diary/{entry}/typed', { params: { path: { entry } } })

/** What one field is understood as. */
export const readTyped = (body: Schemas['ReadRequest']) =>
  asking.queryOptions('post', '/api/readings', { body }, { ...PREVIEW, meta: STAYS })
