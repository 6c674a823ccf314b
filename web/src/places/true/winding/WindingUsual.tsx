import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { Choice } from '@/parts/Choice'
import { Readings } from '@/parts/Readings'
import { fieldOf } from './WindingReadings'

type Values = Schemas['WindingFormRequest']

interface WindingUsualProps {
  page: Schemas['Winding']
  values: Values
  preview: Schemas['WindingPreview']
  /** Null while there is nothing to record. */
  onRecord: (() => void) | null
  onChange: (values: Partial<Values>) => void
}

/** Which board it is, and what stays the same from one sighting to the next. */
export function WindingUsual({ page, values, preview, onRecord, onChange }: WindingUsualProps) {
  const field = fieldOf(values, preview, onChange)
  const chosen = page.boards.find((one) => one.id === values.board)
  return (
    <Readings title="The board and the sticks" onRecord={onRecord}>
      <Choice
        label="The board"
        hint="say which it is, and the test stands in its history"
        value={String(chosen?.id ?? 0)}
        options={[
          { value: '0', label: 'not on my list' },
          ...page.boards.map((one) => ({ value: String(one.id), label: one.name })),
        ]}
        onChange={(id) => onChange({ board: Number(id) })}
      />
      <p className="border-b border-rule py-1.5 text-sm">
        {chosen ? (
          <Link to={`/true/references/${chosen.id}`} className="underline underline-offset-4">
            History of the {chosen.name}
          </Link>
        ) : (
          <Link to="/true/add" className="underline underline-offset-4">
            Put a board on the list
          </Link>
        )}
      </p>
      {field('stickLength', 'Length of the sticks', '', 10)}
      {field('shaving', 'One shaving', 'ten in a pack under the caliper', 0.005)}
      {field('tolerance', 'Tolerance', 'twist over the width', 0.05)}
    </Readings>
  )
}
