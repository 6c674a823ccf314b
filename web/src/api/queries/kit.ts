import { keepPreviousData } from '@tanstack/react-query'
import { asking, PREVIEW, STAYS } from '@/api/asking'
import type { Schemas } from '@/api/client'

export const kit = () => asking.queryOptions('get', '/api/kit')

export const kinds = () => asking.queryOptions('get', '/api/kinds', {}, { staleTime: 60_000 })

export const toolPage = (tool: number) =>
  asking.queryOptions('get', '/api/tools/{tool}', { params: { path: { tool } } })

export const toolPreview = (body: Schemas['ToolFormRequest'] | null) =>
  asking.queryOptions(
    'post',
    '/api/tools/preview',
    { body: body as NonNullable<typeof body> },
    { ...PREVIEW, enabled: body !== null },
  )

export const works = () => asking.queryOptions('get', '/api/works')

export const workPage = (work: number) =>
  asking.queryOptions('get', '/api/works/{work}', { params: { path: { work } } })

export const workPreview = (body: Schemas['WorkFormRequest']) =>
  asking.queryOptions('post', '/api/works/preview', { body }, { placeholderData: keepPreviousData })

export const operations = () =>
  asking.queryOptions('get', '/api/operations', {}, { staleTime: Infinity, meta: STAYS })

export const ladder = () => asking.queryOptions('get', '/api/kit/ladder')

export const alternatives = () => asking.queryOptions('get', '/api/kit/alternatives')

export const school = () => asking.queryOptions('get', '/api/kit/school')

export const care = () => asking.queryOptions('get', '/api/care')

export const idle = () => asking.queryOptions('get', '/api/kit/idle')

export const shadowBoards = () => asking.queryOptions('get', '/api/shadow-boards')

export const shadowBoardPreview = (body: Schemas['ShadowBoardFormRequest']) =>
  asking.queryOptions('post', '/api/shadow-boards/preview', { body }, PREVIEW)

/** What is taken along to a stall without connection. */
export const lookAway = () => asking.queryOptions('get', '/api/looks/away', {}, { staleTime: 60_000 })

/** What a kind of tool is looked over by. */
export const stallKind = (kind: string) =>
  asking.queryOptions(
    'get',
    '/api/looks/kinds/{stallKind}',
    { params: { path: { stallKind: kind } } },
    PREVIEW,
  )

export const looks = () => asking.queryOptions('get', '/api/looks')

export const lookPage = (look: number) =>
  asking.queryOptions('get', '/api/looks/{look}', { params: { path: { look } } }, { meta: STAYS })

export const fits = () => asking.queryOptions('get', '/api/fit')

export const fitPreview = (question: string, body: Schemas['FitRequest']) =>
  asking.queryOptions(
    'post',
    '/api/fit/{question}',
    { params: { path: { question } }, body },
    {
      placeholderData: (before, query) =>
        query?.queryKey[2].params.path.question === question ? before : undefined,
    },
  )
