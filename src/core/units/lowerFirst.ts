/** The start of a sentence in the middle of one; a name in capitals stays one. */
export const lowerFirst = (text: string): string =>
  /^[A-Z][a-z]*\b/.test(text) ? text.slice(0, 1).toLowerCase() + text.slice(1) : text;
