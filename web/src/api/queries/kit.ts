import { keepPreviousData, queryOptions, skipToken } from '@tanstack/react-query'
import { answered, client, type Schemas } from '@/api/client'
import { UNDER } from './under'

export const kit = () =>
  queryOptions({
    queryKey: [UNDER, 'kit'],
    queryFn: ({ signal }) => answered(client.GET('/api/kit', { signal })),
  })

export const kinds = () =>
  queryOptions({
    queryKey: [UNDER, 'kinds'],
    queryFn: ({ signal }) => answered(client.GET('/api/kinds', { signal })),
    staleTime: 60_000,
  })

export const toolPage = (tool: number) =>
  queryOptions({
    queryKey: [UNDER, 'tool', tool],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/tools/{tool}', { params: { path: { tool } }, signal })),
  })

export const toolPreview = (body: Schemas['ToolFormRequest'] | null) =>
  queryOptions({
    queryKey: [UNDER, 'tool-preview', body],
    queryFn: body ? ({ signal }) => answered(client.POST('/api/tools/preview', { body, signal })) : skipToken,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const works = () =>
  queryOptions({
    queryKey: [UNDER, 'works'],
    queryFn: ({ signal }) => answered(client.GET('/api/works', { signal })),
  })

export const workPage = (work: number) =>
  queryOptions({
    queryKey: [UNDER, 'work', work],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/works/{work}', { params: { path: { work } }, signal })),
  })

export const workPreview = (body: Schemas['WorkFormRequest']) =>
  queryOptions({
    queryKey: [UNDER, 'work-preview', body],
    queryFn: ({ signal }) => answered(client.POST('/api/works/preview', { body, signal })),
    placeholderData: keepPreviousData,
  })

export const operations = () =>
  queryOptions({
    queryKey: ['operations'],
    queryFn: ({ signal }) => answered(client.GET('/api/operations', { signal })),
    staleTime: Infinity,
  })

export const ladder = () =>
  queryOptions({
    queryKey: [UNDER, 'ladder'],
    queryFn: ({ signal }) => answered(client.GET('/api/kit/ladder', { signal })),
  })

export const alternatives = () =>
  queryOptions({
    queryKey: [UNDER, 'alternatives'],
    queryFn: ({ signal }) => answered(client.GET('/api/kit/alternatives', { signal })),
  })

export const school = () =>
  queryOptions({
    queryKey: [UNDER, 'school'],
    queryFn: ({ signal }) => answered(client.GET('/api/kit/school', { signal })),
  })

export const care = () =>
  queryOptions({
    queryKey: [UNDER, 'care'],
    queryFn: ({ signal }) => answered(client.GET('/api/care', { signal })),
  })

export const idle = () =>
  queryOptions({
    queryKey: [UNDER, 'idle'],
    queryFn: ({ signal }) => answered(client.GET('/api/kit/idle', { signal })),
  })

export const shadowBoards = () =>
  queryOptions({
    queryKey: [UNDER, 'shadow-boards'],
    queryFn: ({ signal }) => answered(client.GET('/api/shadow-boards', { signal })),
  })

export const shadowBoardPreview = (body: Schemas['ShadowBoardFormRequest']) =>
  queryOptions({
    queryKey: [UNDER, 'shadow-board-preview', body],
    queryFn: ({ signal }) => answered(client.POST('/api/shadow-boards/preview', { body, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const looks = () =>
  queryOptions({
    queryKey: [UNDER, 'looks'],
    queryFn: ({ signal }) => answered(client.GET('/api/looks', { signal })),
  })

export const lookPage = (look: number) =>
  queryOptions({
    queryKey: ['look', look],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/looks/{look}', { params: { path: { look } }, signal })),
  })

export const fits = () =>
  queryOptions({
    queryKey: [UNDER, 'fits'],
    queryFn: ({ signal }) => answered(client.GET('/api/fit', { signal })),
  })

export const fitSheet = (question: string, body: Schemas['FitRequest']) =>
  queryOptions({
    queryKey: [UNDER, 'fit', question, body],
    queryFn: ({ signal }) =>
      answered(client.POST('/api/fit/{question}', { params: { path: { question } }, body, signal })),
    placeholderData: (before, query) => (query?.queryKey[2] === question ? before : undefined),
  })
