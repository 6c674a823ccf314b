import { useMutation } from '@tanstack/react-query'
import { answered, reader } from '@/api/client'

/** An arrow key in a field: the application answers with the figure one step further. */
export function useStep(stepMm: number, onChange: (typed: string) => void) {
  const { mutate } = useMutation({
    mutationFn: ({ typed, steps }: { typed: string; steps: number }) =>
      answered(reader.POST('/api/readings/step', { body: { typed, stepMm, steps } })),
    onSuccess: ({ typed }) => onChange(typed),
  })
  return (typed: string, steps: number) => mutate({ typed, steps })
}
