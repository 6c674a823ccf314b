/** Settings that stand on every page are led to by the name of their group. */
export const SETTING = 'setting:'

/** A page, a plan, a calculation or a setting, with the words that people look for it by. */
export interface Findable {
  kind: 'Page' | 'Plan' | 'Calculation' | 'Setting'
  says: string
  to: string
  /** Beside its name. */
  words: string
}

const page = (says: string, to: string, words: string): Findable => ({ kind: 'Page', says, to, words })
const plan = (says: string, to: string, words: string): Findable => ({
  kind: 'Plan',
  says,
  to: `/true/plans/${to}`,
  words: `make build ${words}`,
})
const sum = (says: string, to: string, words: string): Findable => ({
  kind: 'Calculation',
  says,
  to,
  words: `calculate how much which ${words}`,
})

const setting = (says: string, to: string, words: string): Findable => ({ kind: 'Setting', says, to, words })

export const FINDABLE: readonly Findable[] = [
  page('Bench', '/', 'home start today to do ready next'),
  page('Benches', '/benches', 'demo leave empty new own switch another begin'),
  page('Kit: the board', '/kit', 'tools inventory own have list prices'),
  page('Add a tool', '/kit/add', 'new hang up inherited hand-me-down bought'),
  page('Works', '/work', 'projects jobs pieces make'),
  page('Add a work', '/work/works/new', 'new project box stand lid frame'),
  page(
    'Ladder',
    '/kit/ladder',
    'buy shopping beginner budget money cost price what to get next cheap starter',
  ),
  page('Care', '/kit/care', 'rust oil wax maintenance consumables blades clean'),
  page('Idle tools', '/kit/idle', 'unused sell lend lent borrow put away duplicates'),
  page('At the stall', '/kit/look', 'second-hand used flea market inspect check buy old'),
  page('Shadow boards', '/kit/shadow-boards', 'wall hang outlines print storage'),
  page('School', '/kit/school', 'settings preferences methods way western japanese pull second-hand habits'),
  page('Edges', '/edges', 'sharpen sharp blunt dull hone chisels irons'),
  page('Sharpening day', '/edges/day', 'batch all together session'),
  page('Rack', '/edges/rack', 'stones grit waterstone oilstone diamond sandpaper abrasive strop'),
  page('Put a stone on the rack', '/edges/rack?stone=new', 'add new grit waterstone sandpaper'),
  page('Honing guides', '/edges/guides', 'jig angle projection stop block'),
  page('Saws', '/edges/saws', 'file filing teeth set rake fleam jointing'),
  page('Augers', '/edges/augers', 'bits brace spurs lead screw'),
  page('Scrapers', '/edges/scrapers', 'burr burnish card'),
  page('Files', '/diary/files', 'csv table spreadsheet import export'),
  page('True', '/true', 'square straightedge references test accuracy check'),
  page('Add a reference', '/true/add', 'add new square straightedge sticks template'),
  page('Three straightedges', '/true/three-edges', 'flat true against each other'),
  page('Season', '/true/season', 'humidity weather air climate hygrometer temperature moisture forecast'),
  page('Blanks at rest', '/true/blanks', 'board dry drying acclimatise wood rest warp'),
  page('Plans', '/true/plans', 'make build shop-made jigs'),
  page('Diary', '/diary', 'history log journal undo correct records'),
  sum('Which saw for the cut', '/kit/fit/saws', 'teeth points per inch tpi strokes minutes rip crosscut'),
  sum('Movement of wood', '/true/wood', 'shrink shrinkage swell swelling humidity moisture width'),
  sum('Winding of a board', '/true/winding', 'twist flat sticks high corners plane'),
  sum('Two squares compared', '/true/known', 'known true square compare error'),
  setting('Unit: mm or inch', `${SETTING}Unit`, 'millimetres inches imperial metric fractions thou'),
  setting('Ground: light or dark', `${SETTING}Ground`, 'dark mode theme night contrast colours'),
  setting('Paper as a feeler', '/true#paper', 'sheet thickness gauge'),
  setting('Instrument', '/true#instrument', 'dial caliper gauge digital connect'),
  setting('The damp of the shop', '/kit/care#damp', 'humid air climate dry'),
  plan('Try square, bridle joint', 'bridle-square', 'square wooden'),
  plan('Try square, twin tenons', 'tenon-square', 'square wooden'),
  plan('Straightedge', 'straightedge', 'straight ruler'),
  plan('Winding sticks', 'winding-sticks', 'twist'),
  plan('Slope template', 'slope-template', 'dovetail marker'),
  plan('Shooting board', 'shooting-board', 'shoot end grain square'),
  plan('Bench hook', 'bench-hook', 'saw hook hold'),
  plan('Mallet', 'mallet', 'hammer beater'),
  sum('Dovetails', '/work/dovetails', 'tails pins lay out mark dividers gauge spacing'),
  sum('Mortise and tenon', '/work/mortise', 'gauge chisel joint lay out shoulder cheek'),
  sum('Tongue and groove', '/work/tongue', 'boards panel matched pair lid'),
  sum('A saw cut', '/work/saw', 'which saw strokes kerf rip crosscut teeth'),
  sum('Rebate, groove, dado', '/work/recess', 'plough fillister fence passes rabbet trench housing'),
  sum('Fence and skate', '/work/fence', 'plough parallel set check'),
  sum('Boring', '/work/boring', 'brace bit auger turns depth hole drill'),
  sum('To a size', '/work/shavings', 'plane thickness shavings count dimension'),
  sum('Thickness in stages', '/work/stages', 'cup rest moisture plane board flat'),
]

const MOST = 6

/** Those that every typed word begins a word of, names before what only their other words say. */
export function findable(typed: string): Findable[] {
  const sought = wordsOf(typed)
  if (sought.length === 0) return []
  const begins = (text: string) => {
    const words = wordsOf(text)
    return sought.every((one) => words.some((word) => word.startsWith(one)))
  }
  const byName = FINDABLE.filter((one) => begins(one.says))
  const byWords = FINDABLE.filter((one) => !byName.includes(one) && begins(`${one.says} ${one.words}`))
  return [...byName, ...byWords].slice(0, MOST)
}

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
