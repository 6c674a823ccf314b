import { keepPreviousData } from '@tanstack/react-query'
import { asking } from '@/api/asking'
import type { Schemas } from '@/api/client'

/** The questions of setting out, filled from a work where one is named. */
export const setOuts = (work: number | null) =>
  asking.queryOptions('get', '/api/set-out', { params: { query: work === null ? {} : { work } } })

export const setOutPreview = (question: string, body: Schemas['SetOutRequest']) =>
  asking.queryOptions(
    'post',
    '/api/set-out/{question}/preview',
    { params: { path: { question } }, body },
    { placeholderData: keepPreviousData },
  )

export const workCard = (work: number) =>
  asking.queryOptions('get', '/api/works/{work}/set-outs', { params: { path: { work } } })

/** What is asked before a work is made, and the jobs there are of it. */
export const jobAsk = (work: number) =>
  asking.queryOptions('get', '/api/works/{work}/job', { params: { path: { work } } })

export const jobPreview = (work: number, body: Schemas['JobRequest']) =>
  asking.queryOptions(
    'post',
    '/api/works/{work}/jobs/preview',
    { params: { path: { work } }, body },
    { placeholderData: keepPreviousData },
  )

export const jobPage = (job: number) =>
  asking.queryOptions('get', '/api/jobs/{job}', { params: { path: { job } } })
