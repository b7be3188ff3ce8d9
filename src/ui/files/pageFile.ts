/** The rules of a style sheet; none where the browser does not show them. */
function rulesOf(sheet: CSSStyleSheet): readonly string[] {
  try {
    return [...sheet.cssRules].map(({ cssText }) => cssText);
  } catch {
    return [];
  }
}

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;');

/** Papers as one page of its own that fetches nothing: its styles are in it, its faces are those of the reader. */
export function pageFile(title: string, papers: readonly Element[]): string {
  const rules = [...document.styleSheets].flatMap(rulesOf).filter((rule) => !rule.startsWith('@font-face'));
  return [
    '<!doctype html><html lang="en" data-theme="paper"><head><meta charset="utf-8">',
    '<meta name="viewport" content="width=device-width">',
    `<title>${escaped(title)}</title><style>${rules.join('\n')}</style></head><body>`,
    ...papers.map(({ outerHTML }) => outerHTML),
    '</body></html>',
  ].join('');
}
