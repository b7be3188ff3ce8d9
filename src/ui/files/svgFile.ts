/** What of a drawn text is written into the file, since its style sheet does not go with it. */
const TEXT_STYLE = [
  'font-family',
  'font-size',
  'font-weight',
  'fill',
  'paint-order',
  'stroke',
  'stroke-width',
] as const;

/** Replaces every token of the theme by its value. */
const withTokens = (text: string, tokens: CSSStyleDeclaration): string =>
  text.replace(
    /var\((--[a-z0-9-]+)\)/g,
    (whole, name: string) => tokens.getPropertyValue(name).trim() || whole,
  );

/** A picture of the page as a file of its own: colors by value, words with their style, nothing fetched. */
export function svgFile(picture: SVGSVGElement): string {
  const copy = picture.cloneNode(true);
  if (!(copy instanceof SVGSVGElement)) return '';
  const drawn = picture.querySelectorAll('text, tspan');
  for (const [index, text] of copy.querySelectorAll<SVGElement>('text, tspan').entries()) {
    const from = drawn[index];
    if (from === undefined) continue;
    const style = getComputedStyle(from);
    for (const name of TEXT_STYLE) {
      const value = style.getPropertyValue(name);
      if (value !== '') text.style.setProperty(name, value);
    }
  }
  const [width, height] = [picture.getAttribute('width') ?? '1000', picture.getAttribute('height') ?? '300'];
  copy.setAttribute('viewBox', `0 0 ${width} ${height}`);
  const tokens = getComputedStyle(document.documentElement);
  copy.style.setProperty('background', tokens.getPropertyValue('--ground').trim());
  return `<?xml version="1.0" encoding="UTF-8"?>\n${withTokens(new XMLSerializer().serializeToString(copy), tokens)}\n`;
}
