import { useNavigate } from 'react-router'
import { useChange } from './useChange'

/** Starts a plan in bench mode and goes there; what was typed is let go once the bench has it. */
export function useToBench(start: () => Promise<{ id: number }>, letGo?: () => void) {
  const navigate = useNavigate()
  return useChange(start, (session) => {
    letGo?.()
    void navigate(`/sessions/${session.id}`)
  })
}
