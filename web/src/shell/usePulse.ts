import { benchChanged } from '@/api/asking'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { sendWhatWaited } from '@/api/client'
import { useConnection } from '@/api/connection'
import { pulse } from '@/api/queries'

/** Once for each page that is loaded. */
let hasSent = false

/** Watches for changes made in other windows and asks for everything shown again when there is one. */
export function usePulse(): void {
  const queries = useQueryClient()
  const { data } = useQuery(pulse())
  const seen = useRef<string>(undefined)
  const now = data && `${data.revision} ${data.unit}`
  useEffect(() => {
    if (now !== undefined && seen.current !== undefined && now !== seen.current) {
      void benchChanged(queries)
    }
    seen.current = now ?? seen.current
  }, [now, queries])
  // What failed while the bench was silent is asked again as soon as it answers.
  const { lost } = useConnection()
  useEffect(() => {
    if (!lost) void queries.refetchQueries({ predicate: (query) => query.state.status === 'error' })
  }, [lost, queries])
  const person = data?.person
  useEffect(() => {
    if (person === undefined || hasSent) return
    hasSent = true
    void sendWhatWaited(person)
  }, [person])
  const ground = data?.ground
  useEffect(() => {
    if (ground) document.documentElement.dataset.ground = ground
  }, [ground])
}
