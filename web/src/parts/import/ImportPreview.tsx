import type { ReactNode } from 'react'
import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'

interface ImportPreviewProps {
  preview: Schemas['ImportPreview']
  onAnswer: (answer: string) => void
  children: ReactNode
}

/** What a file would bring, what is here already, and which lines cannot be read and why. */
export function ImportPreview({ preview, onAnswer, children }: ImportPreviewProps) {
  const more = preview.sound - preview.first.length
  return (
    <div className="mt-2">
      {preview.before && (
        <p className="border-l-4 border-amber pl-3 text-amber">
          This file was imported before, on {preview.before}.
        </p>
      )}
      {preview.question && (
        <div role="alert" className="border-l-4 border-amber pl-3">
          <p className="font-bold">{preview.question.says}</p>
          <p className="flex flex-wrap gap-x-5">
            {preview.question.answers.map((answer) => (
              <Button key={answer.value} onClick={() => onAnswer(answer.value)}>
                {answer.label}
              </Button>
            ))}
          </p>
        </div>
      )}
      {preview.notes.map((note) => (
        <p key={note} className="text-amber">
          {note}
        </p>
      ))}
      {preview.here > 0 && (
        <p className="text-soft">
          {preview.here === 1 ? '1 line is' : `${preview.here} lines are`} here already and will be left out.
        </p>
      )}
      <ul>
        {preview.first.map((line, index) => (
          <li key={`${index} ${line}`} className="border-t border-rule py-1">
            {line}
          </li>
        ))}
      </ul>
      {more > 0 && <p className="text-sm text-soft">… and {more} more.</p>}
      {preview.wrong.length > 0 && (
        <>
          <h3 className="mt-2 text-base text-red">Lines that cannot be read; the others can be imported</h3>
          <ul className="max-h-60 overflow-auto">
            {preview.wrong.map((row) => (
              <li key={row.line} className="border-t border-rule py-1 text-sm">
                <strong>Line {row.line}:</strong> {row.says}
              </li>
            ))}
          </ul>
          {preview.wrongCount > preview.wrong.length && (
            <p className="text-sm text-soft">… and {preview.wrongCount - preview.wrong.length} more.</p>
          )}
        </>
      )}
      <p className="mt-2 flex items-center gap-5">{children}</p>
    </div>
  )
}
