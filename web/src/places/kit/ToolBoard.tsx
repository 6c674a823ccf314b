import { useQuery } from '@tanstack/react-query'
import clsx from 'clsx'
import { memo, useDeferredValue, useMemo, useState, useSyncExternalStore } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { pulse } from '@/api/queries'
import { ToolOutline } from '@/drawings/ToolOutline'
import { Toggle } from '@/parts/Toggle'
import { told } from '@/parts/told'
import { Writes } from '@/parts/Writes'

/** Pixels for a millimetre: one scale for all of them, larger where there is room. */
const SCALE = 0.25
const LARGE_SCALE = 0.4

/** Of a caption. */
const LEAST_PX = 84

const large = window.matchMedia('(min-width: 1800px)')

const watchSize = (watch: () => void) => {
  large.addEventListener('change', watch)
  return () => large.removeEventListener('change', watch)
}

const useScale = () => useSyncExternalStore(watchSize, () => (large.matches ? LARGE_SCALE : SCALE))

interface ToolBoardProps {
  tools: readonly Schemas['BoardTool'][]
  /** What tools of one kind and size have in common. */
  shapes: readonly Schemas['BoardShape'][]
  groups: readonly Schemas['ToolGroup'][]
  /** What lies in the rack: the way to sharpen, whichever place it was added in. */
  rack: readonly string[]
  marked: number | null
}

/** The board: every tool small, to one scale, in its own outline, hung by kind. Owned solid, wanted dashed. */
export function ToolBoard({ tools: told, shapes, groups, rack, marked }: ToolBoardProps) {
  const tools = useMemo(() => told.map((tool) => ({ ...shapes[tool.shape], ...tool })), [told, shapes])
  const [status, setStatus] = useState('all')
  const [kind, setKind] = useState('')
  const [words, setWords] = useState('')
  const shownWords = useDeferredValue(words)
  const shown = useMemo(
    () => tools.filter(matching(status, kind, shownWords)),
    [tools, status, kind, shownWords],
  )
  const ids = useMemo(() => new Set(shown.map((tool) => tool.id)), [shown])
  const byGroup = useMemo(() => Map.groupBy(tools, (tool) => tool.group), [tools])
  const filtering = status !== 'all' || kind !== '' || words.trim() !== ''
  return (
    <div className="border border-rule p-1">
      <div className="border border-ink bg-sheet">
        <Filter
          groups={groups}
          status={status}
          onStatus={setStatus}
          kind={kind}
          onKind={setKind}
          words={words}
          onWords={setWords}
        />
        <div className="flex flex-wrap gap-x-6 px-4 pt-1 pb-4">
          {groups.map((group) => (
            <Group
              key={group.id}
              group={group}
              tools={byGroup.get(group.id) ?? NONE}
              shown={ids}
              filtering={filtering}
              rack={group.id === RACK_GROUP ? rack : NOTHING}
              marked={marked}
            />
          ))}
          {filtering && shown.length === 0 && (
            <p className="py-6 text-soft">Nothing on the board is like that.</p>
          )}
        </div>
        <p className="flex flex-wrap gap-x-6 border-t border-ink px-4 py-1.5 text-sm">
          <Key dashed={false} says="owned" />
          <Key dashed says="wanted" />
          <span className="text-soft">faint: idle or lent</span>
          <ScaleBar />
          <Link to="/kit/shadow-boards" className="ml-auto font-bold underline underline-offset-4">
            Shadow board
          </Link>
        </p>
      </div>
    </div>
  )
}

type HungTool = Schemas['BoardTool'] & Partial<Schemas['BoardShape']>

const NONE: readonly HungTool[] = []
const NOTHING: readonly string[] = []
const RACK_GROUP = 'sharpening'

function matching(status: string, kind: string, words: string) {
  const sought = words.toLowerCase().split(/\s+/).filter(Boolean)
  return (tool: HungTool) =>
    (status === 'all' || tool.status === status) &&
    (kind === '' || tool.group === kind) &&
    sought.every((word) => `${tool.name} ${tool.group}`.toLowerCase().includes(word))
}

const statuses = [
  { value: 'all', label: 'all' },
  { value: 'owned', label: 'owned' },
  { value: 'wanted', label: 'wanted' },
]

interface FilterProps {
  groups: readonly Schemas['ToolGroup'][]
  kind: string
  onKind: (kind: string) => void
  status: string
  onStatus: (status: string) => void
  words: string
  onWords: (words: string) => void
}

function Filter({ groups, status, onStatus, kind, onKind, words, onWords }: FilterProps) {
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-ink px-4 py-1.5 text-sm">
      <Toggle label="Show" options={statuses} value={status} onChoose={onStatus} />
      <select
        aria-label="Kind"
        value={kind}
        onChange={(event) => onKind(event.target.value)}
        className="min-h-8 max-w-44 border border-rule bg-sheet px-1"
      >
        <option value="">every kind</option>
        {groups.map((group) => (
          <option key={group.id} value={group.id}>
            {group.label}
          </option>
        ))}
      </select>
      <input
        aria-label="Find on the board"
        placeholder="saw, chisel, 12 mm…"
        value={words}
        onChange={(event) => onWords(event.target.value)}
        className={clsx(
          'min-h-8 w-36 border-b-2 border-ink bg-transparent px-1 placeholder:text-soft',
          'focus:border-blue focus:bg-blue-wash focus:outline-none',
        )}
      />
      <Writes>
        <Link to="/kit/add" className="ml-auto min-h-8 font-bold underline underline-offset-4">
          Add a tool
        </Link>
      </Writes>
    </div>
  )
}

/** So many of a group are seen on a phone before it is opened: two rows. */
const FOLDED = 6

interface GroupProps {
  group: Schemas['ToolGroup']
  tools: readonly HungTool[]
  /** What the filter lets through; the others stay where they are, hidden, so that filtering draws nothing anew. */
  shown: ReadonlySet<number>
  filtering: boolean
  rack: readonly string[]
  marked: number | null
}

function Group({ group, tools, shown, filtering, rack, marked }: GroupProps) {
  const [isOpen, setOpen] = useState(false)
  const empty = tools.length === 0
  const folds = !isOpen && !filtering && tools.length > FOLDED
  const away = empty ? filtering || group.first === null : !tools.some((tool) => shown.has(tool.id))

  return (
    <section
      hidden={away}
      className="min-w-0 grow"
      style={{ contentVisibility: 'auto', containIntrinsicSize: 'auto 140px' }}
    >
      <h2 className="border-b-2 border-ink py-1 text-base">{group.label}</h2>
      {empty && rack.length === 0 && <EmptyHook group={group} />}
      {!empty && (
        <ul className="flex flex-wrap items-start gap-x-4 gap-y-3 pt-1.5">
          {tools.map((tool, index) => (
            <li
              key={tool.id}
              hidden={!shown.has(tool.id)}
              className={clsx(folds && index >= FOLDED && 'max-md:hidden print:block')}
              data-testid={`tool-${tool.kind}`}
              data-status={tool.status}
            >
              <Hung tool={tool} marked={tool.id === marked} />
            </li>
          ))}
        </ul>
      )}
      {folds && (
        <button
          type="button"
          onClick={() => setOpen(true)}
          className="mt-2 min-h-10 underline underline-offset-4 md:hidden print:hidden"
        >
          All {tools.length} of them
        </button>
      )}
      {rack.length > 0 && (
        <p className="pt-2 text-sm">
          <Link to="/edges/rack" className="underline underline-offset-4">
            In the rack
          </Link>
          : {rack.join(', ')}.
        </p>
      )}
    </section>
  )
}

/** An empty hook says what belongs there, and when. */
function EmptyHook({ group }: { group: Schemas['ToolGroup'] }) {
  return (
    <p className="flex items-baseline gap-3 py-2">
      <span className="font-slab text-xl font-semibold">{group.first}</span>
      <span>
        {group.teaches}{' '}
        <Link to={`/kit/add?group=${group.id}`} className="font-bold underline underline-offset-4">
          Hang one up
        </Link>
      </span>
    </p>
  )
}

interface HungProps {
  tool: HungTool
  marked: boolean
}

const Hung = memo(function Hung({ tool, marked }: HungProps) {
  const scale = useScale()
  const wanted = tool.status === 'wanted'
  const faint = tool.isIdle || Boolean(tool.lentTo)

  return (
    <Link to={`/kit/tools/${tool.id}`} className="flex flex-col hover:bg-wood">
      <span className={faint ? 'opacity-45' : undefined}>
        {tool.outline && <ToolOutline outline={tool.outline} scale={scale} wanted={wanted} marked={marked} />}
      </span>
      <span
        // As wide as what it names, or as a word or two.
        style={{ width: Math.max(LEAST_PX, (tool.outline?.widthMm ?? 0) * scale) }}
        className={clsx(
          'mt-1 text-xs leading-tight min-[1800px]:text-sm',
          wanted ? 'text-soft' : 'text-ink',
          marked && 'font-bold',
        )}
      >
        {told(tool.name)}
        {tool.lentTo && <span className="block text-soft">lent to {tool.lentTo}</span>}
        {tool.isIdle && <span className="block text-soft">idle</span>}
      </span>
    </Link>
  )
})

/** How long the bar is, in the unit of the user. */
const BARS = { mm: { mm: 200, says: '200 mm' }, inch: { mm: 203.2, says: '8 in' } }

/** How long so much is on the board. */
function ScaleBar() {
  const bar = BARS[useQuery(pulse()).data?.unit ?? 'mm']
  const px = bar.mm * useScale()
  return (
    <span className="flex items-center gap-2 text-soft">
      <svg aria-hidden width={px + 2} height={10} className="stroke-ink">
        <path d={`M1 1V9M1 5H${px + 1}M${px / 2 + 1} 3V7M${px + 1} 1V9`} fill="none" />
      </svg>
      {bar.says}, all to one scale
    </span>
  )
}

function Key({ dashed, says }: { dashed: boolean; says: string }) {
  return (
    <span className="flex items-center gap-2">
      <svg aria-hidden width={26} height={14}>
        <rect
          x={1}
          y={1}
          width={24}
          height={12}
          className={dashed ? 'fill-none stroke-soft' : 'fill-steel stroke-ink'}
          strokeDasharray={dashed ? '4 3' : undefined}
        />
      </svg>
      {says}
    </span>
  )
}
