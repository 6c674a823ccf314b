import clsx from 'clsx'
import { Outlet, useNavigate } from 'react-router'
import { useConnection } from '@/api/connection'
import { Materials } from '@/drawings/Materials'
import { ConnectionLost } from '@/parts/ConnectionLost'
import { OnPaper } from './OnPaper'
import { Rail } from './Rail'
import { Tools } from './Tools'
import { places } from './places'
import { useKeys } from './useKeys'
import { usePulse } from './usePulse'

/** The rail, the tools of every screen, and the place in between. */
export function Shell() {
  usePulse()
  const navigate = useNavigate()
  useKeys(Object.fromEntries(places.map((place) => [place.key, () => void navigate(place.to)])))
  const { lost } = useConnection()

  return (
    <div className="md:pl-24 print:pl-0">
      <a
        href="#page"
        className={clsx(
          'sr-only focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-30',
          'focus:bg-ink focus:px-4 focus:py-3 focus:font-bold focus:text-on-ink',
        )}
      >
        Skip to the page
      </a>
      <Materials />
      <Rail />
      <div className="mx-auto max-w-[1400px] min-[1800px]:max-w-[1760px] px-4 pb-24 md:px-8 md:pb-4">
        <Tools />
        <ConnectionLost />
        <main id="page" tabIndex={-1} className="outline-none" data-lost={lost || undefined}>
          <Outlet />
        </main>
        <OnPaper />
      </div>
    </div>
  )
}
