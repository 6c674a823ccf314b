/** What somebody may do at a bench. */
export const ROLES = [
  { value: 'owner', label: 'owner: records, and decides who is here' },
  { value: 'member', label: 'member: records' },
  { value: 'reader', label: 'reader: looks' },
] as const
