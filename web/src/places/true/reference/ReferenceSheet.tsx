import type { Schemas } from '@/api/client'
import { FlatSheet } from './FlatSheet'
import { SlopeSheet } from './SlopeSheet'
import { SquareSheet } from './SquareSheet'
import { SticksSheet } from './SticksSheet'
import { StraightedgeSheet } from './StraightedgeSheet'

export interface ReferenceSheetProps {
  page: Schemas['ReferencePage']
  preview: Schemas['TestPreview']
  /** The last preview with a result, while a figure is half typed. */
  good: Schemas['TestPreview'] | null
  /** What was chosen of how it is tested. */
  choices: Readonly<Record<string, string>>
  /** The line of a flat thing that is being read. */
  line: string | null
  onLine: (line: string) => void
}

const SHEETS: Record<Schemas['ReferencePage']['kind'], (props: ReferenceSheetProps) => React.ReactNode> = {
  square: SquareSheet,
  straightedge: StraightedgeSheet,
  sticks: SticksSheet,
  slope: SlopeSheet,
  sole: FlatSheet,
  stone: FlatSheet,
  board: FlatSheet,
}

/** The drawing of a reference's test, by what it is. */
export function ReferenceSheet(props: ReferenceSheetProps) {
  const Drawn = SHEETS[props.page.kind]
  return <Drawn {...props} />
}

/** What a drawing shows, in words. */
export const inWords = ({ preview, good }: ReferenceSheetProps): string => {
  const { answer } = good ?? preview
  return answer
    ? `${answer.error} out${answer.found ? `, ${answer.found}` : ''}. ${answer.standing} ${preview.next.says}`
    : preview.next.says
}

/** What came out the last time. */
export const lastOf = ({ page }: ReferenceSheetProps) => page.history.tests.at(-1)

/** The lines of the title block that every test has. */
export const block = ({ page }: ReferenceSheetProps): readonly (readonly [string, string])[] => [
  ['Test', String(page.history.tests.length + 1)],
  ['Your tolerance', page.history.tolerance],
]
