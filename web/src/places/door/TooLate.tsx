import { Door } from './Door'

/** A ticket that opens nothing any more. */
export function TooLate({ problem }: { problem: unknown }) {
  return (
    <Door
      title="This opens nothing any more"
      says={problem instanceof Error ? problem.message : String(problem)}
    >
      <a href="/" className="underline underline-offset-4">
        To the bench
      </a>
    </Door>
  )
}
