import type { ReactNode } from 'react'
import { useMayRecord } from './useMayRecord'

/** What leads to writing: left out for whoever may only look at this bench. */
export function Writes({ children }: { children: ReactNode }) {
  return useMayRecord() && children
}
