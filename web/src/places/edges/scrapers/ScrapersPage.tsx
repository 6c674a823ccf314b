import { useQuery } from '@tanstack/react-query'
import { pulse, scraper, scrapers } from '@/api/queries'
import { Lost, Waiting } from '@/parts/Notice'
import { ByTool } from '@/places/edges/ByTool'
import { ScraperBench } from './ScraperBench'

/** Card scrapers: file, hone, burnish, and how they are then held. */
export function ScrapersPage() {
  const { data, error } = useQuery(scrapers())
  return (
    <ByTool
      title="Scrapers"
      says="The burnisher’s tilt decides how far a scraper is leaned."
      place="/edges/scrapers"
      tools={data?.scrapers}
      problem={error}
      empty={{
        says: 'Hang up a card scraper first.',
        why: 'A piece of steel, a file and a burnisher: the cheapest tool for the wildest grain.',
        to: '/kit/add?kind=card-scraper',
        button: 'Add a scraper',
      }}
    >
      {(id) => <OneScraper key={id} id={id} />}
    </ByTool>
  )
}

function OneScraper({ id }: { id: number }) {
  const { data, error } = useQuery(scraper(id))
  const unit = useQuery(pulse()).data?.unit
  if (error && !data) return <Lost problem={error} />
  return data && unit ? <ScraperBench page={data} unit={unit} /> : <Waiting />
}
