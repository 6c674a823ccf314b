/** The same text with its numbers kept beside their signs and units, wherever a line breaks. */
export function unbroken(text: string): string {
  return text.replace(/€ (?=\d)/g, '€\u00a0').replace(/(\d) (?=(?:mm|µm|min|h|s)\b)/g, '$1\u00a0')
}
