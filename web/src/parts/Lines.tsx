import { memo } from 'react'
import { told } from './told'

/** What was found, a sentence a line. */
export const Lines = memo(function Lines({ lines }: { lines: readonly string[] | undefined }) {
  return (
    <ul>
      {lines?.map((line) => (
        <li key={line} className="border-b border-rule py-1">
          <span className="block max-w-[75ch]">{told(line)}</span>
        </li>
      ))}
    </ul>
  )
})
