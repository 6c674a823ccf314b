import { Kbd } from './Tools'
import { Panel } from './Panel'
import { places } from './places'

const others: readonly [string, string][] = [
  ['/', 'find anything'],
  ['.', 'record the last again'],
  ['?', 'these keys'],
  ['Enter', 'next reading'],
  ['Ctrl Enter', 'record'],
  ['↑ ↓', 'step by what the instrument can tell apart'],
  ['Space', 'in bench mode: done, next'],
]

/** What this page was sent by. */
const version = () => document.querySelector<HTMLMetaElement>('meta[name=version]')?.content

export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Panel title="Keys" open={open} onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] items-center gap-x-4 gap-y-2">
        {[...places.map((place): [string, string] => [place.key, place.name]), ...others].map(
          ([key, says]) => (
            <div key={key} className="contents">
              <dt className="text-right">
                <Kbd>{key}</Kbd>
              </dt>
              <dd>{says}</dd>
            </div>
          ),
        )}
      </dl>
      <p className="mt-4 max-w-sm text-soft">
        A figure may be typed as 9.5, 3/8 in or 12 thou, sent by a caliper that types, or said to the keyboard
        of a phone: “twelve point five”, “one and three eighths of an inch”.
      </p>
      <p className="mt-2 text-soft">Jack Rest {version()}</p>
    </Panel>
  )
}
