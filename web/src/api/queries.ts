import { keepPreviousData, queryOptions, skipToken } from '@tanstack/react-query'
import { answered, client, type Schemas } from './client'

/** Every resource once: its key holds every input, so a change of input is a question of its own. */
const UNDER = 'bench'

/** What goes in and out as CSV. */
export type Table = 'diary' | 'rack'

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

export const toolPreview = (body: Schemas['ToolSheet'] | null) =>
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

export const workPreview = (body: Schemas['WorkSheet']) =>
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

export const edges = () =>
  queryOptions({
    queryKey: [UNDER, 'edges'],
    queryFn: ({ signal }) => answered(client.GET('/api/edges', { signal })),
  })

export const edgePage = (edge: number) =>
  queryOptions({
    queryKey: [UNDER, 'edge', edge],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/edges/{edge}', { params: { path: { edge } }, signal })),
  })

export const edgePlan = (edge: number, body: Schemas['EdgeSheet']) =>
  queryOptions({
    queryKey: [UNDER, 'edge-plan', edge, body],
    queryFn: ({ signal }) =>
      answered(client.POST('/api/edges/{edge}/plan', { params: { path: { edge } }, body, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const outlook = () =>
  queryOptions({
    queryKey: [UNDER, 'outlook'],
    queryFn: ({ signal }) => answered(client.GET('/api/edges/outlook', { signal })),
  })

export const edgeGeometry = (edge: number) =>
  queryOptions({
    queryKey: [UNDER, 'edge-geometry', edge],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/edges/{edge}/geometry', { params: { path: { edge } }, signal })),
  })

export const geometryPreview = (edge: number, body: Schemas['GeometrySheet']) =>
  queryOptions({
    queryKey: [UNDER, 'geometry-preview', edge, body],
    queryFn: ({ signal }) =>
      answered(
        client.POST('/api/edges/{edge}/geometry/preview', { params: { path: { edge } }, body, signal }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const edgeLog = (edge: number) =>
  queryOptions({
    queryKey: [UNDER, 'edge-log', edge],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/edges/{edge}/log', { params: { path: { edge } }, signal })),
  })

export const rack = () =>
  queryOptions({
    queryKey: [UNDER, 'rack'],
    queryFn: ({ signal }) => answered(client.GET('/api/rack', { signal })),
  })

export const stonePreview = (body: Schemas['StoneSheet']) =>
  queryOptions({
    queryKey: [UNDER, 'stone-preview', body],
    queryFn: ({ signal }) => answered(client.POST('/api/rack/preview', { body, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const guides = () =>
  queryOptions({
    queryKey: [UNDER, 'guides'],
    queryFn: ({ signal }) => answered(client.GET('/api/guides', { signal })),
  })

export const guidePreview = (body: Schemas['GuideSheet']) =>
  queryOptions({
    queryKey: [UNDER, 'guide-preview', body],
    queryFn: ({ signal }) => answered(client.POST('/api/guides/preview', { body, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

/** Without a choice: the day of all that are due. */
export const day = (edges: readonly number[] | null) =>
  queryOptions({
    queryKey: [UNDER, 'day', edges],
    queryFn: ({ signal }) =>
      answered(client.POST('/api/day', { body: edges ? { edges: [...edges] } : {}, signal })),
    placeholderData: keepPreviousData,
  })

export const importPreview = (what: Table, body: Schemas['ImportRequest'] | null) =>
  queryOptions({
    queryKey: [UNDER, 'import-preview', what, body],
    queryFn: body
      ? ({ signal }) =>
          answered(client.POST('/api/files/{what}/preview', { params: { path: { what } }, body, signal }))
      : skipToken,
    placeholderData: keepPreviousData,
  })

export const session = (id: number) =>
  queryOptions({
    queryKey: ['session', id],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/sessions/{session}', { params: { path: { session: id } }, signal })),
  })

export const references = () =>
  queryOptions({
    queryKey: [UNDER, 'references'],
    queryFn: ({ signal }) => answered(client.GET('/api/references', { signal })),
  })

export const referencePage = (reference: number) =>
  queryOptions({
    queryKey: [UNDER, 'reference', reference],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/references/{reference}', { params: { path: { reference } }, signal })),
  })

export const referencePreview = (reference: number, body: Schemas['ReferenceSheet']) =>
  queryOptions({
    queryKey: [UNDER, 'reference-preview', reference, body],
    queryFn: ({ signal }) =>
      answered(
        client.POST('/api/references/{reference}/preview', { params: { path: { reference } }, body, signal }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const known = () =>
  queryOptions({
    queryKey: [UNDER, 'known'],
    queryFn: ({ signal }) => answered(client.GET('/api/squares/known', { signal })),
  })

export const knownPreview = (body: Schemas['KnownSheet'] | null) =>
  queryOptions({
    queryKey: [UNDER, 'known-preview', body],
    queryFn: body
      ? ({ signal }) => answered(client.POST('/api/squares/known/preview', { body, signal }))
      : skipToken,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const threeEdges = () =>
  queryOptions({
    queryKey: [UNDER, 'three-edges'],
    queryFn: ({ signal }) => answered(client.GET('/api/three-edges', { signal })),
  })

export const threeEdgesPreview = (body: Schemas['ThreeEdgesSheet']) =>
  queryOptions({
    queryKey: [UNDER, 'three-edges-preview', body],
    queryFn: ({ signal }) => answered(client.POST('/api/three-edges/preview', { body, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const winding = () =>
  queryOptions({
    queryKey: [UNDER, 'winding'],
    queryFn: ({ signal }) => answered(client.GET('/api/winding', { signal })),
  })

export const windingPreview = (body: Schemas['WindingSheet']) =>
  queryOptions({
    queryKey: [UNDER, 'winding-preview', body],
    queryFn: ({ signal }) => answered(client.POST('/api/winding/preview', { body, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const straightPage = (straight: number) =>
  queryOptions({
    queryKey: [UNDER, 'straight', straight],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/straights/{straight}', { params: { path: { straight } }, signal })),
  })

export const straightPreview = (straight: number, body: Schemas['StraightSheet']) =>
  queryOptions({
    queryKey: [UNDER, 'straight-preview', straight, body],
    queryFn: ({ signal }) =>
      answered(
        client.POST('/api/straights/{straight}/preview', { params: { path: { straight } }, body, signal }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const squarePage = (square: number) =>
  queryOptions({
    queryKey: [UNDER, 'square', square],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/squares/{square}', { params: { path: { square } }, signal })),
  })

export const squarePreview = (square: number, body: Schemas['SquareSheet']) =>
  queryOptions({
    queryKey: [UNDER, 'square-preview', square, body],
    queryFn: ({ signal }) =>
      answered(client.POST('/api/squares/{square}/preview', { params: { path: { square } }, body, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
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
