import { keepPreviousData } from '@tanstack/react-query'
import { asking, PREVIEW } from '@/api/asking'
import type { Schemas } from '@/api/client'

export const edges = () => asking.queryOptions('get', '/api/edges')

export const edgePage = (edge: number) =>
  asking.queryOptions('get', '/api/edges/{edge}', { params: { path: { edge } } })

export const edgePlan = (edge: number, body: Schemas['EdgeFormRequest']) =>
  asking.queryOptions('post', '/api/edges/{edge}/plan', { params: { path: { edge } }, body }, PREVIEW)

export const outlook = () => asking.queryOptions('get', '/api/edges/outlook')

export const edgeGeometry = (edge: number) =>
  asking.queryOptions('get', '/api/edges/{edge}/geometry', { params: { path: { edge } } })

export const geometryPreview = (edge: number, body: Schemas['GeometryFormRequest']) =>
  asking.queryOptions(
    'post',
    '/api/edges/{edge}/geometry/preview',
    { params: { path: { edge } }, body },
    PREVIEW,
  )

/** An edge's own diary: its latest entries, or so many, and one that is to be corrected. */
export const edgeLog = (edge: number, query: { count?: number; entry?: number } = {}) =>
  asking.queryOptions('get', '/api/edges/{edge}/log', { params: { path: { edge }, query } })

export const rack = () => asking.queryOptions('get', '/api/rack')

export const stonePreview = (body: Schemas['StoneFormRequest']) =>
  asking.queryOptions('post', '/api/rack/preview', { body }, PREVIEW)

export const edgeCurve = (edge: number) =>
  asking.queryOptions('get', '/api/edges/{edge}/curve', { params: { path: { edge } } })

export const curvePreview = (edge: number, body: Schemas['CurveRequest']) =>
  asking.queryOptions(
    'post',
    '/api/edges/{edge}/curve/preview',
    { params: { path: { edge } }, body },
    PREVIEW,
  )

export const augers = () => asking.queryOptions('get', '/api/augers')

export const auger = (set: number) =>
  asking.queryOptions('get', '/api/augers/{auger}', { params: { path: { auger: set } } })

export const augerBitPreview = (set: number, body: Schemas['AugerBitRequest']) =>
  asking.queryOptions(
    'post',
    '/api/augers/{auger}/preview',
    { params: { path: { auger: set } }, body },
    PREVIEW,
  )

export const scrapers = () => asking.queryOptions('get', '/api/scrapers')

export const scraper = (id: number) =>
  asking.queryOptions('get', '/api/scrapers/{scraper}', { params: { path: { scraper: id } } })

export const scraperPreview = (id: number, body: Schemas['ScraperRequest']) =>
  asking.queryOptions(
    'post',
    '/api/scrapers/{scraper}/preview',
    { params: { path: { scraper: id } }, body },
    PREVIEW,
  )

export const saws = () => asking.queryOptions('get', '/api/saws')

export const sawPage = (saw: number) =>
  asking.queryOptions('get', '/api/saws/{saw}', { params: { path: { saw } } })

export const sawPreview = (saw: number, body: Schemas['SawFormRequest']) =>
  asking.queryOptions('post', '/api/saws/{saw}/preview', { params: { path: { saw } }, body }, PREVIEW)

export const guides = () => asking.queryOptions('get', '/api/guides')

export const guidePreview = (body: Schemas['GuideFormRequest']) =>
  asking.queryOptions('post', '/api/guides/preview', { body }, PREVIEW)

/** Without a choice: the day of all that are due. */
export const day = (edges: readonly number[] | null) =>
  asking.queryOptions(
    'post',
    '/api/day',
    { body: edges ? { edges: [...edges] } : {} },
    { placeholderData: keepPreviousData },
  )
