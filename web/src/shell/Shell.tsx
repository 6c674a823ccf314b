import { useQuery } from '@tanstack/react-query'
import { Outlet, useNavigate } from 'react-router'
import { pulse } from '@/api/queries'
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
  const { isError } = useQuery(pulse())

  return (
    <div className="md:pl-24">
      <Rail />
      <div className="mx-auto max-w-[1400px] px-4 pb-24 md:px-8 md:pb-4">
        <Tools />
        {isError && (
          <p role="alert" className="mb-3 border-l-4 border-red pl-3 font-bold text-red">
            The bench does not answer. Start Jack Rest again; what you typed is kept.
          </p>
        )}
        <main>
          <Outlet />
        </main>
      </div>
    </div>
  )
}
