import { useMemo } from 'react'
import type { Schemas } from '@/api/client'
import { inUnit } from '@/parts/inUnit'
import type { Correction } from '@/parts/useCorrection'
import { useDraft } from '@/parts/useDraft'
import { useTyped } from '@/parts/useTyped'

type Lists = Record<string, readonly string[]>
type Choices = Record<string, string>

const INSTRUMENT = 'instrument'

/** What has been typed of a reference's test and is not written down yet: figures, lists of readings, choices. */
export function useTestDraft(page: Schemas['ReferencePage'], unit: string, wrong: TestCorrection | null) {
  const base = useMemo(() => (wrong ? asTyped(baseOf(page), wrong, unit) : baseOf(page)), [page, wrong, unit])
  const name = wrong ? `reference ${page.id} correcting ${wrong.entry}` : `reference ${page.id}`
  const figures = useTyped(name, base.figures, unit, page.version, base.lengths)
  const lists = useDraft<Lists>(`${name} lists`, base.lists, unit, page.version)
  const choices = useDraft<Choices>(`${name} choices`, base.choices, '', page.version)
  const { [INSTRUMENT]: instrument = page.instrument, ...chosen } = choices.values
  const sent: Schemas['TestRequest'] = {
    figures: Object.fromEntries(
      Object.keys(base.figures).map((field) => [field, figures.values[field] ?? '']),
    ),
    lists: Object.entries(lists.values).map(([id, typed]) => ({ id, typed: [...typed] })),
    choices: chosen,
    instrument,
  }

  return {
    sent,
    lists: lists.values,
    /** Whether anything was read yet that is read anew each time. */
    begun:
      base.readings.some((field) => (sent.figures[field] ?? '').trim() !== '') ||
      Object.entries(lists.values).some(([id, typed]) => differs(typed, base.lists[id])),
    version: Math.min(figures.version, lists.version, choices.version),
    overtaken: figures.overtaken || lists.overtaken || choices.overtaken,
    change: figures.change,
    changeList: (id: string, typed: readonly string[]) => lists.change({ [id]: typed }),
    changeLists: lists.change,
    choose: (choice: string, value: string) => choices.change({ [choice]: value }),
    chooseInstrument: (value: string) => choices.change({ [INSTRUMENT]: value }),
    clear: () => {
      figures.clear()
      lists.clear()
      choices.clear()
    },
    keep: () => {
      figures.keep()
      lists.keep()
      choices.keep()
    },
  }
}

export type TestDraft = ReturnType<typeof useTestDraft>

export type TestCorrection = Correction<Schemas['TestRequest']>

/** What the form began with, and over it what was typed then, in the unit of now. */
function asTyped(base: ReturnType<typeof baseOf>, { body, unit: typedIn }: TestCorrection, unit: string) {
  if (!body) return base
  const isOther = typedIn !== null && typedIn !== unit
  const lengths = Object.fromEntries(
    Object.entries(body.figures).filter(([field]) => base.lengths.includes(field)),
  )
  const lists = Object.fromEntries(body.lists.map(({ id, typed }) => [id, typed])) as Lists
  return {
    ...base,
    figures: { ...base.figures, ...body.figures, ...(isOther ? inUnit(lengths, typedIn) : {}) },
    lists: { ...base.lists, ...(isOther ? inUnit(lists, typedIn) : lists) },
    choices: { ...base.choices, ...body.choices, [INSTRUMENT]: body.instrument } as Choices,
  }
}

function baseOf({ asks, instrument }: Schemas['ReferencePage']) {
  const fields = asks.flatMap(({ field }) => field ?? [])
  const lists = asks.flatMap(({ list }) => list ?? [])
  const choices = asks.flatMap(({ choice }) => choice ?? [])
  return {
    figures: Object.fromEntries(fields.map((field) => [field.name, field.typed])),
    lengths: fields.filter((field) => field.isLength).map((field) => field.name),
    readings: fields.filter((field) => field.isReading).map((field) => field.name),
    lists: Object.fromEntries(lists.map((list) => [list.id, list.begins])) as Lists,
    choices: {
      ...Object.fromEntries(choices.map((choice) => [choice.name, choice.chosen])),
      [INSTRUMENT]: instrument,
    } as Choices,
  }
}

const differs = (typed: readonly string[], from: readonly string[] = []): boolean =>
  typed.length !== from.length || typed.some((text, index) => text !== from[index])
