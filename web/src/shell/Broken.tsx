import { Link, useRouteError } from 'react-router'
import { Button } from '@/parts/Button'
import { useTitle } from '@/parts/useTitle'

/** A page whose code could not be fetched, or that broke while it was drawn. */
export function Broken() {
  useTitle('Not loaded')
  const problem = useRouteError()
  const unfetched = problem instanceof TypeError && /import|fetch|load/i.test(problem.message)
  return (
    <div role="alert" className="py-10">
      <h1 className="text-2xl">
        {unfetched
          ? 'This page could not be loaded: the bench does not answer.'
          : 'This page could not be drawn.'}
      </h1>
      <p className="mt-2">
        {unfetched
          ? 'Start Jack Rest again on this machine, then load the page again. What you typed is kept.'
          : 'What you typed and recorded is kept. Load it again; if it breaks again, the others still work.'}
      </p>
      <p className="mt-3 flex flex-wrap gap-x-5">
        <Button weight="main" onClick={() => window.location.reload()}>
          Load it again
        </Button>
        <Link to="/" className="flex min-h-11 items-center underline underline-offset-4">
          Back to the bench
        </Link>
      </p>
    </div>
  )
}
