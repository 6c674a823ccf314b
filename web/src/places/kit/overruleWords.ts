/** What can be decided about a kind of tool, whatever the school holds. */
const overruleWords = [
  { value: 'offer', label: 'offer it to me', made: false },
  { value: 'leave-out', label: 'leave it out', made: false },
  { value: 'make', label: 'I make it', made: true },
  { value: 'buy', label: 'I buy it', made: true },
] as const

/** A decision; null: the school decides. */
export type Overrule = (typeof overruleWords)[number]['value'] | null

/** Making and buying are told apart only where a tool can be made. */
export const overrulesFor = (canBeMade: boolean) => overruleWords.filter((word) => canBeMade || !word.made)
