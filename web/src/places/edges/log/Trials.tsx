import { useState } from 'react'
import { answered, client, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { asDate } from '@/parts/dates'
import { Choice } from '@/parts/Choice'
import { useChange } from '@/parts/useChange'
import { Marks } from './Marks'
import { told } from '@/parts/told'

interface TrialsProps {
  log: Schemas['EdgeLog']
  stones: readonly Schemas['Stone'][]
}

/** Is finer worth it? The same board planed off two stops, and what was found; the answer can become the stop. */
export function Trials({ log, stones }: TrialsProps) {
  const [open, setOpen] = useState(false)
  return (
    <section className="mt-6 border-t border-rule pt-2">
      <h2 className="text-lg">Is finer worth it?</h2>
      <p className="text-sm text-soft">
        Hone it to one stone, plane half a board; go on to the next, plane the other half. Then compare.
      </p>
      <ul>
        {log.trials.map((trial) => (
          <li key={trial.id} className="border-t border-rule py-1.5">
            {told(trial.says)}
            <span className="block text-sm text-soft">
              {asDate(trial.triedAt)}, {trial.sides.map((side) => side.stone).join(' against ')}
              {trial.keptUm !== null && `; stops at ${Math.round(trial.keptUm * 10) / 10} µm since`}
            </span>
          </li>
        ))}
      </ul>
      {open ? (
        <NewTrial log={log} stones={stones} onDone={() => setOpen(false)} />
      ) : (
        <Button writes onClick={() => setOpen(true)}>
          Note a comparison
        </Button>
      )}
    </section>
  )
}

const UNSEEN = { surface: 3, tearOut: 3, effort: 3 }

function NewTrial({ log, stones, onDone }: TrialsProps & { onDone: () => void }) {
  const fine = stones.at(-1)?.id ?? 0
  const coarse = stones.at(-2)?.id ?? fine
  const [sides, setSides] = useState<Schemas['TrialRequest']['sides'][number][]>([
    { stone: coarse, ...UNSEEN },
    { stone: fine, ...UNSEEN },
  ])
  const [wood, setWood] = useState('soft')
  const record = useChange(
    (keep: boolean) =>
      answered(
        client.POST('/api/edges/{edge}/trials', {
          params: { path: { edge: log.edge.id } },
          body: { version: log.edge.version, wood: wood as Schemas['TrialRequest']['wood'], keep, sides },
        }),
      ),
    onDone,
  )
  const change = (at: number, typed: Partial<Schemas['TrialRequest']['sides'][number]>) =>
    setSides((before) => before.map((side, index) => (index === at ? { ...side, ...typed } : side)))

  return (
    <div className="mt-2">
      <Choice label="The board" value={wood} options={log.woods} onChange={setWood} />
      {sides.map((side, index) => (
        <div key={index} className="mt-2 border-l-2 border-ink pl-3">
          <Choice
            label={index === 0 ? 'One half off the' : 'The other off the'}
            value={String(side.stone)}
            options={stones.map((stone) => ({ value: String(stone.id), label: stone.name }))}
            onChange={(id) => change(index, { stone: Number(id) })}
          />
          <Marks side={side} onChange={(typed) => change(index, typed)} />
        </div>
      ))}
      <p className="mt-2 flex flex-wrap items-baseline gap-x-5">
        <Button writes disabled={record.isPending} onClick={() => record.mutate(true)}>
          Write it down, and stop there from now on
        </Button>
        <Button writes disabled={record.isPending} onClick={() => record.mutate(false)}>
          Only write it down
        </Button>
        <Button onClick={onDone}>Leave it</Button>
      </p>
      {record.error && (
        <p role="alert" className="font-bold text-red">
          {record.error.message}
        </p>
      )}
    </div>
  )
}
