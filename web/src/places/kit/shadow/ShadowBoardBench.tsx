import { useQuery } from '@tanstack/react-query'
import { answered, client, type Schemas } from '@/api/client'
import { shadowBoardPreview } from '@/api/queries'
import { ShadowBoardDrawing } from '@/drawings/ShadowBoardDrawing'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Complaint, Keeping } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { Overtaken } from '@/parts/Overtaken'
import { Sheet } from '@/parts/Sheet'
import { useChange } from '@/parts/useChange'
import { useTyped } from '@/parts/useTyped'
import { baseOf, choosing, chosenOf, LENGTHS, sentOf } from './boardForm'
import { PanelFields } from './PanelFields'
import { PrintedSheets } from './PrintedSheets'
import { ToolChoice } from './ToolChoice'
import { useRemoved } from '@/parts/useRemoved'

interface ShadowBoardBenchProps {
  /** Null: a new one. */
  board: Schemas['ShadowBoard'] | null
  data: Schemas['ShadowBoards']
  unit: string
  onKept: (id: number | null) => void
}

/** One shadow board: its panel, its tools, where each hangs, and its sheets. */
export function ShadowBoardBench({ board, data, unit, onKept }: ShadowBoardBenchProps) {
  const draft = useTyped(
    `shadow board ${board?.id ?? 'new'}`,
    baseOf(board, data.tools),
    unit,
    board?.version ?? 1,
    LENGTHS,
  )
  const sent = sentOf(draft.values)
  const preview = useQuery(shadowBoardPreview(sent)).data
  const keep = useChange(
    () => save(board, draft.version, sent),
    ({ boards }) => {
      draft.clear()
      onKept(board?.id ?? Math.max(...boards.map((row) => row.id)))
    },
  )
  const removed = useRemoved('/kit/shadow-boards')
  const remove = useChange(
    (kept: Schemas['ShadowBoard']) =>
      answered(
        client.DELETE('/api/shadow-boards/{shadowBoard}', {
          params: { path: { shadowBoard: kept.id } },
          body: { version: kept.version },
        }),
      ),
    removed,
  )
  const isOpen = draft.touched || board === null
  const record = isOpen && preview?.sound ? () => keep.mutate(undefined) : null

  return (
    <Board
      drawing={<BoardSheet name={board?.name ?? 'A new shadow board'} preview={preview} />}
      below={<PrintedSheets board={board} touched={draft.touched} sheets={preview?.sheets ?? []} />}
      column={
        <>
          {draft.overtaken && board && (
            <Overtaken name={board.name} onKeep={draft.keep} onDrop={draft.clear} />
          )}
          <PanelFields
            values={draft.values}
            figures={preview?.figures}
            onChange={draft.change}
            onRecord={record}
          />
          <NextStroke says={preview?.next.says ?? 'Arranging…'} why={preview?.next.why ?? ''}>
            {draft.touched && <Keeping onKeep={record} onDrop={draft.clear} busy={keep.isPending} />}
            {!board && !draft.touched && (
              <Button writes weight="main" disabled={!record || keep.isPending} onClick={() => record?.()}>
                Save this board
              </Button>
            )}
            {board && !draft.touched && (
              <Button writes disabled={remove.isPending} onClick={() => remove.mutate(board)}>
                Take this board off the list
              </Button>
            )}
          </NextStroke>
          <Complaint problem={keep.error ?? remove.error} besides={LENGTHS} />
          <ToolChoice
            groups={data.groups}
            tools={data.tools}
            chosen={new Set(chosenOf(draft.values))}
            left={preview?.left ?? []}
            onChoose={(ids, isIn) => draft.change('tools', choosing(draft.values, ids, isIn))}
          />
        </>
      }
    />
  )
}

interface BoardSheetProps {
  name: string
  preview: Schemas['ShadowBoardPreview'] | undefined
}

function BoardSheet({ name, preview }: BoardSheetProps) {
  const panel = preview?.panel
  const hung = preview?.hung ?? []
  return (
    <Sheet
      title={name}
      says={`${hung.length} tools on the panel: ${hung.map((tool) => tool.name).join('; ')}.`}
      block={[
        ['Hang here', `${hung.length} of ${hung.length + (preview?.left.length ?? 0)}`],
        ['Sheets of A4', String(preview?.sheets.length ?? 0)],
      ]}
      height={(width) =>
        panel ? Math.min(620, Math.max(180, (width * panel.heightMm) / panel.widthMm)) : 220
      }
    >
      {(box) =>
        panel ? (
          <ShadowBoardDrawing panel={panel} hung={hung} sheets={preview.sheets} {...box} />
        ) : (
          <text x={box.width / 2} y={box.height / 2} textAnchor="middle" className="fill-soft">
            The board is drawn here once its width and height are typed.
          </text>
        )
      }
    </Sheet>
  )
}

function save(
  board: Schemas['ShadowBoard'] | null,
  version: number,
  body: Schemas['ShadowBoardFormRequest'],
) {
  return board
    ? answered(
        client.PUT('/api/shadow-boards/{shadowBoard}', {
          params: { path: { shadowBoard: board.id } },
          body: { ...body, version },
        }),
      )
    : answered(client.POST('/api/shadow-boards', { body }))
}
