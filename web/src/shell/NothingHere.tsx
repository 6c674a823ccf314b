import { Link } from 'react-router'
import { useTitle } from '@/parts/useTitle'

export function NothingHere() {
  useTitle('Nothing here')
  return (
    <div className="py-10">
      <h1 className="text-2xl">There is nothing kept under this address.</h1>
      <p className="mt-3">
        <Link to="/" className="underline underline-offset-4">
          Back to the bench
        </Link>
      </p>
    </div>
  )
}
