import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { setNonce } from 'get-nonce'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { createBrowserRouter, type LoaderFunctionArgs, Navigate, RouterProvider } from 'react-router'
import { goAlong, leaveBehind } from './api/away'
import { Refused } from './api/client'
import { Unreachable } from './api/connection'
import { edgeGeometry, edgeLog, edgePage, edges, outlook, pulse, rack } from './api/queries'
import { BenchPlace } from './places/bench/BenchPlace'
import { Waiting } from './parts/Notice'
import { Broken } from './shell/Broken'
import { MovedWork } from './shell/MovedWork'
import { NothingHere } from './shell/NothingHere'
import { Shell } from './shell/Shell'
import './styles.css'

setNonce(document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.content ?? '')

/** In a shared shop whoever is not signed in, or not any more, is led to the door, and back to where they were. */
const DOORS = ['/sign-in', '/join', '/pair', '/recover']

const onError = (problem: Error) => {
  const { pathname, search } = window.location
  if (!(problem instanceof Refused) || problem.status !== 401) return
  void leaveBehind()
  if (!DOORS.includes(pathname))
    window.location.assign(`/sign-in?to=${encodeURIComponent(pathname + search)}`)
}

const queries = new QueryClient({
  queryCache: new QueryCache({ onError }),
  mutationCache: new MutationCache({ onError }),
  defaultOptions: {
    queries: {
      staleTime: 1000,
      // The bench is on this machine: whether there is an internet is no matter.
      networkMode: 'always',
      retry: (count, problem) =>
        !(problem instanceof Refused && problem.status >= 400 && problem.status < 500) &&
        !(problem instanceof Unreachable) &&
        count < 3,
    },
    mutations: { networkMode: 'always' },
  },
})

goAlong()

// Every page wants it; asked now it is there when the page is.
void queries.prefetchQuery(pulse())

// What a page asks for is asked while its code is still on the way.
const early = {
  edge: ({ params }: LoaderFunctionArgs) => {
    void queries.prefetchQuery(edgePage(Number(params.id)))
    return null
  },
  diary: ({ params }: LoaderFunctionArgs) => {
    void queries.prefetchQuery(edgeLog(Number(params.id)))
    void queries.prefetchQuery(rack())
    return null
  },
  geometry: ({ params }: LoaderFunctionArgs) => {
    void queries.prefetchQuery(edgeGeometry(Number(params.id)))
    return null
  },
  edges: () => {
    void queries.prefetchQuery(edges())
    void queries.prefetchQuery(outlook())
    return null
  },
}

const router = createBrowserRouter([
  {
    path: '/sign-in',
    HydrateFallback: Waiting,
    ErrorBoundary: Broken,
    lazy: async () => ({ Component: (await import('./places/door/SignInPage')).SignInPage }),
  },
  {
    path: '/join',
    HydrateFallback: Waiting,
    ErrorBoundary: Broken,
    lazy: async () => ({ Component: (await import('./places/door/JoinPage')).JoinPage }),
  },
  {
    path: '/pair',
    HydrateFallback: Waiting,
    ErrorBoundary: Broken,
    lazy: async () => ({ Component: (await import('./places/door/PairPage')).PairPage }),
  },
  {
    path: '/recover',
    HydrateFallback: Waiting,
    ErrorBoundary: Broken,
    lazy: async () => ({ Component: (await import('./places/door/RecoverPage')).RecoverPage }),
  },
  {
    path: '/sessions/:id',
    HydrateFallback: Waiting,
    ErrorBoundary: Broken,
    lazy: async () => ({ Component: (await import('./places/session/SessionPage')).SessionPage }),
  },
  {
    Component: Shell,
    HydrateFallback: Waiting,
    children: [
      {
        ErrorBoundary: Broken,
        children: [
          { path: '/', Component: BenchPlace },
          {
            path: '/benches',
            lazy: async () => ({ Component: (await import('./places/bench/BenchesPage')).BenchesPage }),
          },
          {
            path: '/backups',
            lazy: async () => ({ Component: (await import('./places/bench/BackupsPage')).BackupsPage }),
          },
          {
            path: '/people',
            lazy: async () => ({ Component: (await import('./places/people/PeoplePage')).PeoplePage }),
          },
          {
            path: '/kit',
            lazy: async () => ({ Component: (await import('./places/kit/KitPlace')).KitPlace }),
          },
          {
            path: '/kit/add',
            lazy: async () => ({ Component: (await import('./places/kit/tool/AddToolPage')).AddToolPage }),
          },
          {
            path: '/kit/tools/:id',
            lazy: async () => ({ Component: (await import('./places/kit/tool/ToolPage')).ToolPage }),
          },
          {
            path: '/true/eye',
            lazy: async () => ({ Component: (await import('./places/true/eye/EyePage')).EyePage }),
          },
          {
            path: '/true/eye/runs/:id',
            lazy: async () => ({ Component: (await import('./places/true/eye/EyeRunPage')).EyeRunPage }),
          },
          {
            path: '/work',
            lazy: async () => ({ Component: (await import('./places/work/works/WorksPage')).WorksPage }),
          },
          {
            path: '/work/works/new',
            lazy: async () => ({ Component: (await import('./places/work/works/NewWorkPage')).NewWorkPage }),
          },
          {
            path: '/work/works/:id',
            lazy: async () => ({ Component: (await import('./places/work/works/WorkPage')).WorkPage }),
          },
          {
            path: '/work/works/:id/make',
            lazy: async () => ({ Component: (await import('./places/work/jobs/NewJobPage')).NewJobPage }),
          },
          {
            path: '/work/jobs/:id',
            lazy: async () => ({ Component: (await import('./places/work/jobs/JobPage')).JobPage }),
          },
          {
            path: '/work/:question',
            lazy: async () => ({ Component: (await import('./places/work/SetOutPage')).SetOutPage }),
          },
          // Where works stood before: what was kept of their addresses still leads there.
          { path: '/kit/works', element: <Navigate to="/work" replace /> },
          { path: '/kit/works/:id', Component: MovedWork },
          {
            path: '/kit/ladder',
            lazy: async () => ({ Component: (await import('./places/kit/ladder/LadderPage')).LadderPage }),
          },
          {
            path: '/kit/care',
            lazy: async () => ({ Component: (await import('./places/kit/care/CarePage')).CarePage }),
          },
          {
            path: '/kit/idle',
            lazy: async () => ({ Component: (await import('./places/kit/idle/IdlePage')).IdlePage }),
          },
          {
            path: '/kit/shadow-boards/:id?',
            lazy: async () => ({
              Component: (await import('./places/kit/shadow/ShadowBoardsPage')).ShadowBoardsPage,
            }),
          },
          {
            path: '/kit/look',
            lazy: async () => ({ Component: (await import('./places/kit/look/LooksPage')).LooksPage }),
          },
          {
            path: '/kit/look/away/:key',
            lazy: async () => ({ Component: (await import('./places/kit/look/AwayPage')).AwayPage }),
          },
          {
            path: '/kit/look/:id',
            lazy: async () => ({ Component: (await import('./places/kit/look/LookPage')).LookPage }),
          },
          {
            path: '/kit/fit/:question?',
            lazy: async () => ({ Component: (await import('./places/kit/fit/FitPage')).FitPage }),
          },
          {
            path: '/kit/school',
            lazy: async () => ({ Component: (await import('./places/kit/school/SchoolPage')).SchoolPage }),
          },
          {
            path: '/edges',
            loader: early.edges,
            lazy: async () => ({ Component: (await import('./places/edges/EdgesPlace')).EdgesPlace }),
          },
          {
            path: '/edges/rack',
            lazy: async () => ({ Component: (await import('./places/edges/rack/RackPage')).RackPage }),
          },
          {
            path: '/edges/day',
            lazy: async () => ({ Component: (await import('./places/edges/day/DayPage')).DayPage }),
          },
          {
            path: '/edges/:id/curve',
            lazy: async () => ({ Component: (await import('./places/edges/curve/CurvePage')).CurvePage }),
          },
          {
            path: '/edges/scrapers/:id?',
            lazy: async () => ({
              Component: (await import('./places/edges/scrapers/ScrapersPage')).ScrapersPage,
            }),
          },
          {
            path: '/edges/augers/:id?',
            lazy: async () => ({ Component: (await import('./places/edges/augers/AugersPage')).AugersPage }),
          },
          {
            path: '/edges/saws/:id?',
            lazy: async () => ({ Component: (await import('./places/edges/saws/SawsPage')).SawsPage }),
          },
          {
            path: '/edges/guides/:id?',
            lazy: async () => ({ Component: (await import('./places/edges/guides/GuidesPage')).GuidesPage }),
          },
          {
            path: '/diary/files',
            lazy: async () => ({ Component: (await import('./places/diary/FilesPage')).FilesPage }),
          },
          // Where files stood before.
          { path: '/edges/files', element: <Navigate to="/diary/files" replace /> },
          {
            path: '/edges/:id/geometry',
            loader: early.geometry,
            lazy: async () => ({
              Component: (await import('./places/edges/geometry/GeometryPage')).GeometryPage,
            }),
          },
          {
            path: '/edges/:id/diary',
            loader: early.diary,
            lazy: async () => ({ Component: (await import('./places/edges/log/LogPage')).LogPage }),
          },
          {
            path: '/edges/:id',
            loader: early.edge,
            lazy: async () => ({ Component: (await import('./places/edges/sharpen/EdgePage')).EdgePage }),
          },
          {
            path: '/true',
            lazy: async () => ({ Component: (await import('./places/true/TruePlace')).TruePlace }),
          },
          {
            path: '/true/add',
            lazy: async () => ({
              Component: (await import('./places/true/AddReferencePage')).AddReferencePage,
            }),
          },
          {
            path: '/true/known',
            lazy: async () => ({ Component: (await import('./places/true/known/KnownPage')).KnownPage }),
          },
          {
            path: '/true/references/:id',
            lazy: async () => ({
              Component: (await import('./places/true/reference/ReferencePage')).ReferencePage,
            }),
          },
          {
            path: '/true/three-edges',
            lazy: async () => ({
              Component: (await import('./places/true/three/ThreeEdgesPage')).ThreeEdgesPage,
            }),
          },
          {
            path: '/true/season',
            lazy: async () => ({ Component: (await import('./places/true/season/SeasonPage')).SeasonPage }),
          },
          {
            path: '/true/blanks/:id?',
            lazy: async () => ({ Component: (await import('./places/true/blanks/BlanksPage')).BlanksPage }),
          },
          {
            path: '/true/plans',
            lazy: async () => ({ Component: (await import('./places/true/plans/PlansPage')).PlansPage }),
          },
          {
            path: '/true/plans/:plan',
            lazy: async () => ({ Component: (await import('./places/true/plans/PlanPage')).PlanPage }),
          },
          {
            path: '/true/plans/makings/:id',
            lazy: async () => ({ Component: (await import('./places/true/plans/MakingPage')).MakingPage }),
          },
          {
            path: '/true/wood',
            lazy: async () => ({ Component: (await import('./places/true/wood/WoodPage')).WoodPage }),
          },
          {
            path: '/true/winding',
            lazy: async () => ({
              Component: (await import('./places/true/winding/WindingPage')).WindingPage,
            }),
          },
          {
            path: '/diary',
            lazy: async () => ({ Component: (await import('./places/diary/DiaryPlace')).DiaryPlace }),
          },
          {
            path: '/removed/:id',
            lazy: async () => ({ Component: (await import('./places/removed/RemovedPage')).RemovedPage }),
          },
          { path: '*', Component: NothingHere },
        ],
      },
    ],
  },
])

const root = document.getElementById('app')
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </StrictMode>,
  )
}
