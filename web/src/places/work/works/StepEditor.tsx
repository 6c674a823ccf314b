import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Schemas, ReadingsByName } from '@/api/client'
import { operations } from '@/api/queries'
import { Button } from '@/parts/Button'
import { ReadingField } from '@/parts/ReadingField'
import type { StepDraft } from './workForm'

interface StepEditorProps {
  steps: readonly StepDraft[]
  figures: readonly ReadingsByName[] | undefined
  onChange: (steps: StepDraft[]) => void
}

const grades = [
  { value: 2, label: 'makeshift will do' },
  { value: 3, label: 'sound' },
  { value: 4, label: 'good' },
  { value: 5, label: 'as good as it gets' },
]

/** A work put together operation by operation, each with the numbers that decide about it. */
export function StepEditor({ steps, figures, onChange }: StepEditorProps) {
  const all = useQuery(operations()).data?.operations ?? []
  const replace = (index: number, step: StepDraft) =>
    onChange(steps.map((old, at) => (at === index ? step : old)))

  return (
    <>
      {steps.map((step, index) => {
        const operation = all.find((row) => row.id === step.operation)
        return (
          <fieldset key={index} className="border-b border-rule py-2">
            <legend className="float-left font-bold">{operation?.name ?? step.operation}</legend>
            <span className="flex justify-end gap-4 text-sm">
              <select
                aria-label={`How well: ${operation?.name ?? ''}`}
                value={step.minGrade}
                onChange={(event) => replace(index, { ...step, minGrade: Number(event.target.value) })}
                className="border border-rule bg-sheet px-1"
              >
                {grades.map((grade) => (
                  <option key={grade.value} value={grade.value}>
                    {grade.label}
                  </option>
                ))}
              </select>
              <Button
                aria-label={`leave out ${operation?.name ?? ''}`}
                onClick={() => onChange(steps.filter((_, at) => at !== index))}
              >
                leave out
              </Button>
            </span>
            {operation?.facts.map((fact) => (
              <ReadingField
                key={fact.name}
                label={fact.asks}
                value={step.typed[fact.name] ?? ''}
                usual="any"
                reading={figures?.[index]?.[fact.name]}
                stepMm={1}
                onChange={(text) => replace(index, { ...step, typed: { ...step.typed, [fact.name]: text } })}
              />
            ))}
          </fieldset>
        )
      })}
      <AddStep
        operations={all}
        onAdd={(operation) => onChange([...steps, { operation, typed: {}, minGrade: 3 }])}
      />
    </>
  )
}

interface AddStepProps {
  operations: readonly Schemas['Operation'][]
  onAdd: (operation: string) => void
}

/** Choosing and adding are two acts: arrow keys walk the list without filling the work. */
function AddStep({ operations: all, onAdd }: AddStepProps) {
  const [chosen, setChosen] = useState('')
  return (
    <div className="flex items-baseline gap-3 border-b border-rule py-2">
      <select
        aria-label="An operation to add"
        value={chosen}
        onChange={(event) => setChosen(event.target.value)}
        className="min-h-8 w-full min-w-0 border border-rule bg-sheet px-1"
      >
        <option value="">choose an operation…</option>
        {all.map((row) => (
          <option key={row.id} value={row.id}>
            {row.name}
          </option>
        ))}
      </select>
      <Button
        className="shrink-0 font-bold"
        disabled={chosen === ''}
        onClick={() => {
          onAdd(chosen)
          setChosen('')
        }}
      >
        Add it
      </Button>
    </div>
  )
}
