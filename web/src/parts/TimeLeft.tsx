import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { benchChanged } from '@/api/asking'
import { timeLeft } from './timeLeft'

/** A timer: how long something still waits. When it is over the bench is asked what can be done now. */
export function TimeLeft({ until }: { until: string }) {
  const queries = useQueryClient()
  const [now, setNow] = useState(Date.now)
  const left = timeLeft(until, now)
  const isOver = left === null
  useEffect(() => {
    if (isOver) return
    const timer = setInterval(() => {
      setNow(Date.now())
      if (timeLeft(until, Date.now()) !== null) return
      void benchChanged(queries)
      // Only whoever waits for the end of it needs to load a sound.
      void import('./sound').then(({ chime }) => chime())
    }, 1000)
    return () => clearInterval(timer)
  }, [until, isOver, queries])
  return (
    <time dateTime={until} className="font-slab font-semibold whitespace-nowrap tabular-nums">
      {left ?? 'now'}
    </time>
  )
}
