import { Navigate, useParams } from 'react-router'

/** A work by the address it had when works stood under Kit. */
export function MovedWork() {
  const { id } = useParams()
  return <Navigate to={`/work/works/${id}`} replace />
}
