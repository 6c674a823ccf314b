/** What a shape is of, or what is shown by it. */
export type Tone = 'steel' | 'wood' | 'line' | 'blue' | 'amber' | 'red' | 'light' | 'hidden'

/** In a field of 112 by 64. */
export type Shape = readonly [Tone, string]
