import { useState } from 'react'
import type { Schemas } from '@/api/client'
import { AugerSetDrawing } from '@/drawings/AugerSetDrawing'
import { Board } from '@/parts/Board'
import { Sheet } from '@/parts/Sheet'
import { FilingPlan } from '@/places/edges/saws/FilingPlan'
import { Filings } from '@/places/edges/saws/Filings'
import { BitBench } from './BitBench'
import { BitList } from './BitList'

/** A set on one drawing, and the bit in hand beside it. */
export function AugerBench({ page, unit }: { page: Schemas['AugerPage']; unit: string }) {
  const first = page.bits.find((bit) => bit.verdict === null) ?? page.bits[0]
  const [chosen, setChosen] = useState<number | null>(null)
  const bit = page.bits.find((row) => row.sixteenths === chosen) ?? first
  if (!bit) return null
  return (
    <Board
      drawing={
        <Sheet
          title={page.name}
          says={page.bits.map((row) => `${row.name} ${row.says}`).join('; ')}
          block={[
            ['The set', page.says],
            ['Signs', '✓ keep  ○ file  ✗ set aside  – not checked'],
            ['Sizes', 'sixteenths of an inch'],
          ]}
          height={(width) => Math.max(220, Math.min(330, width * 0.5))}
        >
          {(box) => (
            <AugerSetDrawing bits={page.bits} chosen={bit.sixteenths} onChoose={setChosen} {...box} />
          )}
        </Sheet>
      }
      below={
        <>
          <BitList page={page} chosen={bit.sixteenths} onChoose={setChosen} />
          {bit.verdict === 'file' && <FilingPlan steps={page.steps} />}
          <Filings title="Filed before" filings={page.filings} />
        </>
      }
      column={
        <BitBench
          key={bit.sixteenths}
          set={page.id}
          running={page.running}
          bit={bit}
          unit={unit}
          caution={page.caution}
          onKept={() => setChosen(null)}
        />
      }
    />
  )
}
