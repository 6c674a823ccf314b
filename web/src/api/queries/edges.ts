import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { answered, client, type Schemas } from '@/api/client'
import { UNDER } from './under'

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

export const edgePlan = (edge: number, body: Schemas['EdgeFormRequest']) =>
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

export const geometryPreview = (edge: number, body: Schemas['GeometryFormRequest']) =>
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

export const stonePreview = (body: Schemas['StoneFormRequest']) =>
  queryOptions({
    queryKey: [UNDER, 'stone-preview', body],
    queryFn: ({ signal }) => answered(client.POST('/api/rack/preview', { body, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const edgeCurve = (edge: number) =>
  queryOptions({
    queryKey: [UNDER, 'edge-curve', edge],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/edges/{edge}/curve', { params: { path: { edge } }, signal })),
  })

export const curvePreview = (edge: number, body: Schemas['CurveRequest']) =>
  queryOptions({
    queryKey: [UNDER, 'curve-preview', edge, body],
    queryFn: ({ signal }) =>
      answered(client.POST('/api/edges/{edge}/curve/preview', { params: { path: { edge } }, body, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const augers = () =>
  queryOptions({
    queryKey: [UNDER, 'augers'],
    queryFn: ({ signal }) => answered(client.GET('/api/augers', { signal })),
  })

export const auger = (set: number) =>
  queryOptions({
    queryKey: [UNDER, 'auger', set],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/augers/{auger}', { params: { path: { auger: set } }, signal })),
  })

export const augerBitPreview = (set: number, body: Schemas['AugerBitRequest']) =>
  queryOptions({
    queryKey: [UNDER, 'auger-bit-preview', set, body],
    queryFn: ({ signal }) =>
      answered(
        client.POST('/api/augers/{auger}/preview', { params: { path: { auger: set } }, body, signal }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const scrapers = () =>
  queryOptions({
    queryKey: [UNDER, 'scrapers'],
    queryFn: ({ signal }) => answered(client.GET('/api/scrapers', { signal })),
  })

export const scraper = (id: number) =>
  queryOptions({
    queryKey: [UNDER, 'scraper', id],
    queryFn: ({ signal }) =>
      answered(client.GET('/api/scrapers/{scraper}', { params: { path: { scraper: id } }, signal })),
  })

export const scraperPreview = (id: number, body: Schemas['ScraperRequest']) =>
  queryOptions({
    queryKey: [UNDER, 'scraper-preview', id, body],
    queryFn: ({ signal }) =>
      answered(
        client.POST('/api/scrapers/{scraper}/preview', { params: { path: { scraper: id } }, body, signal }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const saws = () =>
  queryOptions({
    queryKey: [UNDER, 'saws'],
    queryFn: ({ signal }) => answered(client.GET('/api/saws', { signal })),
  })

export const sawPage = (saw: number) =>
  queryOptions({
    queryKey: [UNDER, 'saw', saw],
    queryFn: ({ signal }) => answered(client.GET('/api/saws/{saw}', { params: { path: { saw } }, signal })),
  })

export const sawPreview = (saw: number, body: Schemas['SawFormRequest']) =>
  queryOptions({
    queryKey: [UNDER, 'saw-preview', saw, body],
    queryFn: ({ signal }) =>
      answered(client.POST('/api/saws/{saw}/preview', { params: { path: { saw } }, body, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

export const guides = () =>
  queryOptions({
    queryKey: [UNDER, 'guides'],
    queryFn: ({ signal }) => answered(client.GET('/api/guides', { signal })),
  })

export const guidePreview = (body: Schemas['GuideFormRequest']) =>
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
