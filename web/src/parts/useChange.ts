import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { benchChanged } from '@/api/asking'

/** A change to the bench: whatever it answers, everything shown of the bench is asked for again. */
export function useChange<Sent, Answer>(
  send: (sent: Sent) => Promise<Answer>,
  onDone?: (answer: Answer, sent: Sent) => void,
) {
  const queries = useQueryClient()
  const isHere = useRef(true)
  useEffect(() => {
    isHere.current = true
    return () => {
      isHere.current = false
    }
  }, [])
  return useMutation({
    mutationFn: send,
    // It may have waited for a silent bench: who has gone on to another page is not led back.
    onSuccess: (answer, sent) => {
      if (isHere.current) onDone?.(answer, sent)
    },
    onSettled: () => benchChanged(queries),
  })
}
