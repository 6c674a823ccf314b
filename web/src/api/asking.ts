import { keepPreviousData, type QueryClient } from '@tanstack/react-query'
import createQueries from 'openapi-react-query'
import { reader } from './client'

/** A question to the application; its key is its address and all that is asked with it. */
export const asking = createQueries(reader)

/** What is typed is understood the same whenever it is asked, and the last answer stands until the next. */
export const PREVIEW = { placeholderData: keepPreviousData, staleTime: Infinity } as const

/** Of what no change to the bench makes another: the catalogue, or what is written here alone. */
export const STAYS = { stays: true } as const

/** Everything shown of the bench is asked for again. */
export const benchChanged = (queries: QueryClient) =>
  queries.invalidateQueries({ predicate: (query) => query.meta?.['stays'] !== true })
