import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { season } from '@/api/queries'
import { told } from '@/parts/told'

/** What the season has probably done to the reference of this page; nothing where that cannot be reckoned. */
export function BySeason({ reference }: { reference: number }) {
  const { data } = useQuery(season(''))
  const one = data?.forecasts.find((forecast) => forecast.id === reference)
  if (!one || one.chance === null) return null
  return (
    <p className="mt-2 text-sm">
      <Link to="/true/season" className="underline underline-offset-4">
        By the season
      </Link>
      : <strong className={one.isClaim ? 'text-red' : undefined}>{told(one.says)}</strong>{' '}
      <span className="text-soft">{told(one.why)}</span>
    </p>
  )
}
