import type { Schemas } from '@/api/client'

export type Hardness = Schemas['FitRequest']['hardness']

export const hardnesses: readonly { value: Hardness; label: string }[] = [
  { value: 'soft', label: 'soft: pine, lime' },
  { value: 'medium', label: 'medium: walnut, cherry' },
  { value: 'hard', label: 'hard: oak, maple' },
]
