import { memo } from 'react'

/** What was found, a sentence a line. */
export const Lines = memo(function Lines({ lines }: { lines: readonly string[] | undefined }) {
  return (
    <ul>
      {lines?.map((line) => (
        <li key={line} className="border-b border-rule py-1">
          {line}
        </li>
      ))}
    </ul>
  )
})
