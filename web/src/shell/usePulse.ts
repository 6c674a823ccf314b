import { benchChanged } from '@/api/asking'
import { takeAlong } from '@/api/away'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { sendWhatWaited } from '@/api/client'
import { useConnection } from '@/api/connection'
import { comesIn } from '@/api/outbox'
import { pulse } from '@/api/queries'

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
    if (person === undefined) return
    comesIn(person)
    if (!lost) void sendWhatWaited()
  }, [person, lost])
  useEffect(() => {
    if (person !== undefined) void takeAlong()
  }, [person])
  const ground = data?.ground
  useEffect(() => {
    if (ground) document.documentElement.dataset.ground = ground
  }, [ground])
}
