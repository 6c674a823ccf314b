import { answered, reader } from '@/api/client'

/** An arrow key in a field: the application answers with the figure one step further, or leaves it as it is. */
export function useStep(stepMm: number, onChange: (typed: string) => void) {
  return (typed: string, steps: number) => {
    answered(reader.POST('/api/readings/step', { body: { typed, stepMm, steps } })).then(
      (stepped) => onChange(stepped.typed),
      () => undefined,
    )
  }
}
