import clsx from 'clsx'
import type { ReactNode } from 'react'

interface BoardProps {
  drawing: ReactNode
  column: ReactNode
  /** What belongs to the drawing but is read last. */
  below?: ReactNode
  /** Where it is narrow, and for the keyboard, the column comes before the drawing. */
  columnFirst?: boolean
  /** What comes before both where it is narrow, and stands over the column where it is not: the next stroke. */
  next?: ReactNode
}

const COLUMNS =
  'grid items-start gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1fr)_min(26rem,50%)] lg:grid-rows-[auto_1fr] ' +
  'min-[1800px]:grid-cols-[minmax(0,1fr)_32rem]'

/** Drawing to the left, readings and next stroke to the right; one under the other where it is narrow. */
export function Board({ drawing, column, below, columnFirst = false, next }: BoardProps) {
  if (next) return <NextFirst {...{ drawing, column, below, columnFirst, next }} />
  const read = <div className="min-w-0 lg:col-start-2 lg:row-span-2 lg:row-start-1">{column}</div>
  return (
    <div className={COLUMNS}>
      {columnFirst && read}
      <div className="min-w-0 lg:col-start-1">{drawing}</div>
      {!columnFirst && read}
      {below && <div className="min-w-0 lg:col-start-1">{below}</div>}
    </div>
  )
}

/** What stands below the drawing follows it at once where there are two columns, however long the other is. */
const STACKED = 'contents lg:row-start-1 lg:block lg:min-w-0 lg:space-y-5'

/** With the next stroke before both; for the keyboard, what is read follows it. */
function NextFirst({ drawing, column, below, columnFirst, next }: BoardProps) {
  return (
    <div className={COLUMNS}>
      <div className={clsx(STACKED, 'lg:col-start-2')}>
        <div className="min-w-0">{next}</div>
        <div className={clsx('min-w-0', columnFirst ? 'order-1' : 'order-2')}>{column}</div>
      </div>
      <div className={clsx(STACKED, 'lg:col-start-1')}>
        <div className={clsx('min-w-0', columnFirst ? 'order-2' : 'order-1')}>{drawing}</div>
        {below && <div className="order-3 min-w-0">{below}</div>}
      </div>
    </div>
  )
}
