import type { Schemas, ReadingsByName } from '@/api/client'
import { Choice } from '@/parts/Choice'
import { readingOf } from '@/parts/readingOf'
import { Readings } from '@/parts/Readings'
import { told } from '@/parts/told'

interface CurveFieldsProps {
  page: Schemas['CurvePage']
  values: Readonly<Record<string, string>>
  figures: ReadingsByName | undefined
  onChange: (field: string, text: string) => void
  onRecord: (() => void) | null
}

/** What it is for, in which wood, and the curve itself, by relief or by radius. */
export function CurveFields({ page, values, figures, onChange, onRecord }: CurveFieldsProps) {
  const wood = values.wood ?? 'medium'
  const choose = (roleName: string, inWood: string) => {
    const role = page.roles.find((row) => row.value === roleName)
    const relief = role?.reliefs.find((row) => row.wood === inWood)?.relief
    onChange('role', roleName)
    onChange('wood', inWood)
    if (relief === undefined) return
    onChange('relief', relief)
    onChange('radius', '')
  }
  const role = page.roles.find((row) => row.value === values.role)
  const reading = readingOf(values, figures, onChange)
  return (
    <Readings title="The curve" onRecord={onRecord}>
      <Choice
        label="It is for"
        value={values.role ?? ''}
        options={[{ value: '', label: 'choose…' }, ...page.roles]}
        onChange={(value) => choose(value, wood)}
      />
      <Choice
        label="mostly in wood that is"
        value={wood}
        options={page.woods}
        onChange={(value) => choose(values.role ?? '', value)}
      />
      {role && <p className="border-b border-rule py-1.5 text-sm text-soft">{told(role.why)}</p>}
      {reading('relief', 'Corners stay back by', 'in the wood', 0.01)}
      {reading('radius', 'or its radius', 'of the edge', 1)}
      <Choice
        label="Made on the"
        value={values.stone ?? ''}
        options={page.stones}
        onChange={(stone) => onChange('stone', stone)}
      />
    </Readings>
  )
}
