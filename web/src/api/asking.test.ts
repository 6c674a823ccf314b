import { QueryClient } from '@tanstack/react-query'
import { expect, test } from 'vitest'
import { benchChanged } from './asking'
import { edgePage, edges, operations, session } from './queries'

test('a key holds the address and all that is asked with it', () => {
  expect(edgePage(3).queryKey).not.toEqual(edgePage(4).queryKey)
  expect(edgePage(3).queryKey).toEqual(edgePage(3).queryKey)
})

test('a change asks for the bench again, and leaves the catalogue and a session alone', async () => {
  const queries = new QueryClient()
  for (const { queryKey, meta } of [edges(), edgePage(3), operations(), session(7)])
    queries.getQueryCache().build(queries, { queryKey, ...(meta && { meta }) })
  await benchChanged(queries)
  const isStale = (key: readonly unknown[]) => queries.getQueryState(key)?.isInvalidated
  expect([edges(), edgePage(3)].map((one) => isStale(one.queryKey))).toEqual([true, true])
  expect([operations(), session(7)].map((one) => isStale(one.queryKey))).toEqual([false, false])
})
