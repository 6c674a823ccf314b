import { useQuery } from '@tanstack/react-query'
import { useNavigate, useParams } from 'react-router'
import { pulse, shadowBoards } from '@/api/queries'
import { Heading } from '@/parts/Heading'
import { Lost, Waiting } from '@/parts/Notice'
import { RecordNav } from '@/parts/RecordNav'
import { KitNav } from '@/places/kit/KitNav'
import { ShadowBoardBench } from './ShadowBoardBench'

const PLACE = '/kit/shadow-boards'

/** Shadow boards: tools arranged on a panel, their outlines printed at true size. */
export function ShadowBoardsPage() {
  const { id } = useParams()
  const navigate = useNavigate()
  const { data, error } = useQuery(shadowBoards())
  const unit = useQuery(pulse()).data?.unit
  if (error && !data) return <Lost problem={error} />
  if (!data || !unit) return <Waiting />
  const isNew = id === 'new' || data.boards.length === 0
  const board = isNew ? null : (data.boards.find((row) => String(row.id) === id) ?? data.boards[0] ?? null)

  return (
    <>
      <Heading
        title="Shadow boards"
        says="Each tool gets its place on the wall, its outline printed at true size to cut or paint."
      />
      <KitNav />
      <RecordNav
        label="Shadow boards"
        rows={[
          ...data.boards.map((row) => ({
            to: `${PLACE}/${row.id}`,
            text: row.name,
            here: row.id === board?.id,
          })),
          { to: `${PLACE}/new`, text: 'a new one', here: board === null },
        ]}
      />
      <ShadowBoardBench
        key={board?.id ?? 'new'}
        board={board}
        data={data}
        unit={unit}
        onKept={(kept) => void navigate(kept === null ? PLACE : `${PLACE}/${kept}`)}
      />
    </>
  )
}
