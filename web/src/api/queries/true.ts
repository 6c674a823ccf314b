import { keepPreviousData } from '@tanstack/react-query'
import { asking, PREVIEW, STAYS } from '@/api/asking'
import type { Schemas } from '@/api/client'

export const references = () => asking.queryOptions('get', '/api/references')

export const referencePage = (reference: number) =>
  asking.queryOptions('get', '/api/references/{reference}', { params: { path: { reference } } })

export const testPreview = (reference: number, body: Schemas['TestRequest']) =>
  asking.queryOptions(
    'post',
    '/api/references/{reference}/preview',
    { params: { path: { reference } }, body },
    PREVIEW,
  )

/** What an eye was found to see, and the exercises that find it. */
export const eye = () => asking.queryOptions('get', '/api/eye')

export const eyeRun = (run: number) =>
  asking.queryOptions('get', '/api/eye-runs/{eyeRun}', { params: { path: { eyeRun: run } } })

export const known = () => asking.queryOptions('get', '/api/references/known')

export const knownPreview = (body: Schemas['KnownSquareRequest'] | null) =>
  asking.queryOptions(
    'post',
    '/api/references/known/preview',
    { body: body as NonNullable<typeof body> },
    { ...PREVIEW, enabled: body !== null },
  )

export const threeEdges = () => asking.queryOptions('get', '/api/three-edges')

export const threeEdgesPreview = (body: Schemas['ThreeEdgesFormRequest']) =>
  asking.queryOptions('post', '/api/three-edges/preview', { body }, PREVIEW)

export const winding = () => asking.queryOptions('get', '/api/winding')

export const windingPreview = (body: Schemas['WindingFormRequest']) =>
  asking.queryOptions('post', '/api/winding/preview', { body }, PREVIEW)

export const wood = () => asking.queryOptions('get', '/api/wood', {}, { staleTime: Infinity, meta: STAYS })

export const woodPreview = (body: Schemas['WoodRequest']) =>
  asking.queryOptions('post', '/api/wood/preview', { body }, PREVIEW)

export const season = (thickness: string) =>
  asking.queryOptions(
    'get',
    '/api/season',
    { params: { query: { thickness } } },
    { placeholderData: keepPreviousData },
  )

export const blanks = (wanted: { purpose: string; length: string; width: string; thickness: string }) =>
  asking.queryOptions(
    'get',
    '/api/blanks',
    { params: { query: wanted } },
    { placeholderData: keepPreviousData },
  )

export const blankPreview = (body: Schemas['BlankRequest']) =>
  asking.queryOptions('post', '/api/blanks/preview', { body }, PREVIEW)

export const plans = () => asking.queryOptions('get', '/api/plans')

export const planPreview = (plan: string, body: Schemas['PlanRequest']) =>
  asking.queryOptions(
    'post',
    '/api/plans/{plan}/preview',
    { params: { path: { plan } }, body },
    { placeholderData: keepPreviousData },
  )

/** Asked when the drawing is there: it takes longer, and is read after it. */
export const planNeeds = (plan: string, body: Schemas['PlanRequest']) =>
  asking.queryOptions(
    'post',
    '/api/plans/{plan}/needs',
    { params: { path: { plan } }, body },
    { placeholderData: keepPreviousData },
  )

export const making = (id: number) =>
  asking.queryOptions('get', '/api/makings/{making}', { params: { path: { making: id } } })
