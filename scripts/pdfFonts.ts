import { execFileSync } from 'node:child_process';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { jsPDF } from 'jspdf';
import subsetFont from 'subset-font';

// Cuts the faces of the packet to what is printed, as the writer of PDF reads them, and writes down how wide each sign is.

const range = (from: number, to: number): string =>
  Array.from({ length: to - from + 1 }, (_, at) => String.fromCodePoint(from + at)).join('');
const LATIN = `${range(0x20, 0x7e)}${range(0xa1, 0xac)}${range(0xae, 0xff)}–—‘’“”…•`;
/** Signs that the faces lack. */
const SIGNS = 'Ω≤≥√→←✓′″Δ≈⅓⅔⅛⅜⅝⅞';

const FILES = {
  words:
    'node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  figures:
    'node_modules/@fontsource-variable/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-wght-normal.woff2',
  signs: fileURLToPath(
    import.meta.resolve('@fontsource/dejavu-sans/files/dejavu-sans-latin-400-normal.woff2'),
  ),
} as const;
const FACES = [
  { name: 'words', file: FILES.words, signs: LATIN, weight: 400 },
  { name: 'strong', file: FILES.words, signs: LATIN, weight: 650 },
  { name: 'figures', file: FILES.figures, signs: LATIN, weight: 450 },
  { name: 'signs', file: FILES.signs, signs: SIGNS, weight: null },
] as const;

const FOLDER = 'src/store/packet/fonts';
const UNITS = 1000;

/** Thousandths of an em of each sign of a face. */
function widths(name: string, bytes: Buffer, signs: string): readonly number[] {
  const doc = new jsPDF({ unit: 'pt' });
  doc.addFileToVFS(`${name}.ttf`, bytes.toString('base64'));
  doc.addFont(`${name}.ttf`, name, 'normal');
  doc.setFont(name, 'normal');
  doc.setFontSize(UNITS);
  return Array.from(signs, (sign) => Math.round(doc.getTextWidth(sign)));
}

mkdirSync(FOLDER, { recursive: true });
const wide: Record<string, readonly number[]> = {};
for (const { name, file, signs, weight } of FACES) {
  const bytes = await subsetFont(readFileSync(file), signs, {
    targetFormat: 'truetype',
    ...(weight !== null && { variationAxes: { wght: weight } }),
  });
  writeFileSync(`${FOLDER}/${name}.ttf`, bytes);
  wide[name] = widths(name, bytes, signs);
}
const source = `/** Signs that the faces of the packet have, in the order of their widths. Written by scripts/pdfFonts.ts. */
export const SIGNS_OF = { latin: ${JSON.stringify(LATIN)}, signs: ${JSON.stringify(SIGNS)} } as const;

/** Thousandths of an em of each sign, face by face. */
// prettier-ignore
export const WIDTHS = {
${Object.entries(wide)
  .map(([name, all]) => `  ${name}: [${all.join(', ')}],`)
  .join('\n')}
} as const;
`;
const target = 'src/core/paper/fontWidths.ts';
writeFileSync(target, source);
execFileSync('npx', ['oxfmt', target]);
