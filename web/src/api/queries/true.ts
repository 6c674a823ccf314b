import { keepPreviousData, queryOptions, skipToken } from '@tanstack/react-query'
import { answered, client, type Schemas } from '@/api/client'
import { UNDER } from './under'

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

export const testPreview = (reference: number, body: Schemas['TestRequest']) =>
  queryOptions({
    queryKey: [UNDER, 'test-preview', reference, body],
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
    queryFn: ({ signal }) => answered(client.GET('/api/references/known', { signal })),
  })

export const knownPreview = (body: Schemas['KnownSquareRequest'] | null) =>
  queryOptions({
    queryKey: [UNDER, 'known-preview', body],
    queryFn: body
      ? ({ signal }) => answered(client.POST('/api/references/known/preview', { body, signal }))
      : skipToken,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const threeEdges = () =>
  queryOptions({
    queryKey: [UNDER, 'three-edges'],
    queryFn: ({ signal }) => answered(client.GET('/api/three-edges', { signal })),
  })

export const threeEdgesPreview = (body: Schemas['ThreeEdgesFormRequest']) =>
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

export const windingPreview = (body: Schemas['WindingFormRequest']) =>
  queryOptions({
    queryKey: [UNDER, 'winding-preview', body],
    queryFn: ({ signal }) => answered(client.POST('/api/winding/preview', { body, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const wood = () =>
  queryOptions({
    queryKey: ['wood'],
    queryFn: ({ signal }) => answered(client.GET('/api/wood', { signal })),
    staleTime: Infinity,
  })

export const woodPreview = (body: Schemas['WoodRequest']) =>
  queryOptions({
    queryKey: [UNDER, 'wood-preview', body],
    queryFn: ({ signal }) => answered(client.POST('/api/wood/preview', { body, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const season = (thickness: string) =>
  queryOptions({
    queryKey: [UNDER, 'season', thickness],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/season', { params: { query: { thickness } }, signal })),
    placeholderData: keepPreviousData,
  })

export const blanks = (wanted: { purpose: string; length: string; width: string; thickness: string }) =>
  queryOptions({
    queryKey: [UNDER, 'blanks', wanted],
    queryFn: ({ signal }) => answered(client.GET('/api/blanks', { params: { query: wanted }, signal })),
    placeholderData: keepPreviousData,
  })

export const blankPreview = (body: Schemas['BlankRequest']) =>
  queryOptions({
    queryKey: [UNDER, 'blank-preview', body],
    queryFn: ({ signal }) => answered(client.POST('/api/blanks/preview', { body, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const plans = () =>
  queryOptions({
    queryKey: [UNDER, 'plans'],
    queryFn: ({ signal }) => answered(client.GET('/api/plans', { signal })),
  })

export const planPreview = (plan: string, body: Schemas['PlanRequest']) =>
  queryOptions({
    queryKey: [UNDER, 'plan-preview', plan, body],
    queryFn: ({ signal }) =>
      answered(client.POST('/api/plans/{plan}/preview', { params: { path: { plan } }, body, signal })),
    placeholderData: keepPreviousData,
  })

export const making = (id: number) =>
  queryOptions({
    queryKey: [UNDER, 'making', id],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/makings/{making}', { params: { path: { making: id } }, signal })),
  })
