import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { ReadingField } from '@/parts/ReadingField'
import { FromInstrument } from '@/places/true/FromInstrument'
import type { TestDraft } from './useTestDraft'

interface RepeatsProps {
  list: Schemas['ReadingList']
  preview: Schemas['TestPreview']
  draft: TestDraft
  /** What the instrument can tell apart. */
  stepMm: number
}

/** One gap, read once or several times. */
export function Repeats({ list, preview, draft, stepMm }: RepeatsProps) {
  const typed = draft.lists[list.id] ?? list.begins
  const readings = preview.lists.find(({ id }) => id === list.id)?.readings
  const at = preview.readings['length']?.value
  const change = (now: readonly string[]) => draft.changeList(list.id, now)
  const replaced = (index: number, text: string) => typed.map((old, place) => (place === index ? text : old))

  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-3 border-b border-rule py-1.5">
      <span>
        {list.heading}
        <span className="ml-3">
          <FromInstrument
            says="ask the instrument"
            places={at == null ? [] : [at]}
            onRead={(read) =>
              change([...typed.filter((text) => text.trim() !== ''), ...read].slice(0, list.most))
            }
          />
        </span>
        {typed.length < list.most && typed.at(-1)?.trim() !== '' && (
          <Button className="ml-3 text-sm" onClick={() => change([...typed, ''])}>
            add another reading
          </Button>
        )}
      </span>
      <div className="ml-auto flex flex-wrap justify-end gap-3">
        {typed.map((text, index) => (
          <ReadingField
            key={index}
            bare
            label={list.label.replace('#', String(index + 1))}
            value={text}
            reading={readings?.[index]}
            stepMm={list.step ?? stepMm}
            onChange={(now) => change(replaced(index, now))}
          />
        ))}
      </div>
    </div>
  )
}
