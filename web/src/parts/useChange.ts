import { useMutation, useQueryClient } from '@tanstack/react-query'
import { benchChanged } from '@/api/asking'

/** A change to the bench: whatever it answers, everything shown of the bench is asked for again. */
export function useChange<Sent, Answer>(
  send: (sent: Sent) => Promise<Answer>,
  onDone?: (answer: Answer, sent: Sent) => void,
) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: send,
    onSuccess: (answer, sent) => onDone?.(answer, sent),
    onSettled: () => benchChanged(queries),
  })
}
