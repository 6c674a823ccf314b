const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' })
const dayAndYear = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })

export const asDay = (iso: string) => day.format(new Date(iso))
export const asDate = (iso: string) => dayAndYear.format(new Date(iso))
export const asTime = (iso: string) => time.format(new Date(iso))

const month = new Intl.DateTimeFormat('en-GB', { month: 'short', year: 'numeric' })
/** A month given as 2026-12. */
export const asMonth = (yearAndMonth: string) => month.format(new Date(`${yearAndMonth}-01T12:00:00`))
