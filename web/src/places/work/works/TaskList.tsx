import clsx from 'clsx'
import type { Schemas } from '@/api/client'
import { WorkSign } from '@/parts/WorkSign'
import { told } from '@/parts/told'

const grades = ['', 'last resort', 'makeshift', 'sound', 'good', 'best'] as const

/** What a work asks for, operation by operation: the best way now, and what limits it. */
export function TaskList({ tasks }: { tasks: readonly Schemas['Task'][] }) {
  if (tasks.length === 0) return <p className="text-soft">The operations of the work appear here.</p>

  return (
    <ul>
      {tasks.map((task, index) => (
        <li
          key={`${task.operation} ${task.numbers} ${index}`}
          className="flex gap-3 border-t border-rule py-1.5"
        >
          <WorkSign state={task.state} />
          <span className="min-w-0 grow">
            <span className="flex flex-wrap items-baseline gap-x-3">
              <strong>{task.name}</strong>
              {task.numbers && <span className="text-sm text-soft">{task.numbers}</span>}
            </span>
            <span
              className={clsx('block text-sm', task.slow || task.state !== 'now' ? 'text-ink' : 'text-soft')}
            >
              {task.tools && <span className="text-soft">{task.tools} – </span>}
              {told(task.says)}
            </span>
          </span>
          <span className="w-28 shrink-0 text-right text-sm text-soft max-sm:hidden">
            {task.grade !== null && <span className="block text-ink">{grades[task.grade]}</span>}
            {task.speed && <span className="block">{task.speed}</span>}
            {task.certainty && <span className="block">{task.certainty}</span>}
          </span>
        </li>
      ))}
    </ul>
  )
}
