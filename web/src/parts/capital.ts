/** The same words as a title or the beginning of a sentence. */
export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
