import { keepPreviousData, queryOptions, skipToken } from '@tanstack/react-query'
import { answered, askLong, client, type Schemas, type Told } from '@/api/client'
import { UNDER } from './under'

/** What goes in and out as CSV. */
export type Table = 'diary' | 'rack' | 'climate'

export const pulse = () =>
  queryOptions({
    queryKey: ['pulse'],
    queryFn: ({ signal }) => answered(client.GET('/api/pulse', { signal })),
    refetchInterval: 2500,
  })

export const bench = () =>
  queryOptions({
    queryKey: [UNDER, 'bench'],
    queryFn: ({ signal }) => answered(client.GET('/api/bench', { signal })),
  })

export const importPreview = (
  what: Table,
  body: Schemas['ImportRequest'] | null,
  onTold: (told: Told) => void,
) =>
  queryOptions({
    queryKey: [UNDER, 'import-preview', what, body],
    queryFn: body
      ? ({ signal }) => askLong<Schemas['ImportPreview']>(`/api/files/${what}/preview`, body, onTold, signal)
      : skipToken,
    placeholderData: keepPreviousData,
  })

export const session = (id: number) =>
  queryOptions({
    queryKey: ['session', id],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/sessions/{session}', { params: { path: { session: id } }, signal })),
  })

export const diary = (q: string, before?: number) =>
  queryOptions({
    queryKey: [UNDER, 'diary', q, before],
    queryFn: ({ signal }) =>
      answered(
        client.GET('/api/diary', {
          params: { query: { ...(q && { q }), ...(before !== undefined && { before }) } },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
  })

export const search = (q: string) =>
  queryOptions({
    queryKey: [UNDER, 'search', q],
    queryFn: ({ signal }) => answered(client.GET('/api/search', { params: { query: { q } }, signal })),
    placeholderData: keepPreviousData,
    enabled: q.trim() !== '',
  })
