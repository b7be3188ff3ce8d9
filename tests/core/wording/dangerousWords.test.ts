import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from 'vitest';

/** What no sentence says: to take a bond off, to work live beyond testing, that something is safe. */
const NEVER: readonly RegExp[] = [
  /\blift(?:ing)?\s+(?:the|a|an|any|one|its|that|this)\s+(?:bond|ring|tail|jumper)\b/i,
  /\b(?:remove|disconnect|take off)\s+(?:the|a|any|its)\s+bond\b/i,
  /\bwork(?:ing)?\s+(?:on\s+it\s+)?(?:live|hot|energized)\b/i,
  /\b(?:land|tighten|torque|loosen|move)\b[^.]{0,30}\b(?:live|energized)\b/i,
  /\b(?:is|are|it's|be|now|perfectly)\s+safe\b/i,
  /\bsafe\s+to\s+(?:touch|work|use|open)\b/i,
];

/** Sentences in which such words say the opposite. */
const OPPOSITE: readonly RegExp[] = [
  /no reading says that it is safe/i,
  /nothing loosened, tightened, moved or landed/i,
  /never|nobody|nothing says|no (?:word|sentence)/i,
];

function filesIn(folder: string, ending: RegExp): readonly string[] {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && ending.test(entry.name))
    .map((entry) => path.join(entry.parentPath, entry.name));
}

/** Everything between quotes, and between tags: comments are for developers. */
function saidIn(file: string): readonly string[] {
  const code = readFileSync(file, 'utf8').replaceAll(/\/\*[\s\S]*?\*\/|^\s*\/\/.*$/gm, '');
  const quoted = [...code.matchAll(/'((?:[^'\\\n]|\\.)*)'|`((?:[^`\\]|\\.)*)`/g)].map(
    ([, single, template]) => single ?? template ?? '',
  );
  const shown = file.endsWith('.tsx')
    ? [...code.matchAll(/>\s*([^<>{}]+?)\s*</g)].map(([, text = '']) => text)
    : [];
  return [...quoted, ...shown].filter((text) => text.includes(' '));
}

const dangerous = (text: string): boolean =>
  text
    .split(/(?<=[.;:!?])\s/)
    .some(
      (sentence) => NEVER.some((never) => never.test(sentence)) && !OPPOSITE.some((is) => is.test(sentence)),
    );

const FILES = [
  ...filesIn('src/core/wording', /\.ts$/),
  ...filesIn('src/core/bench', /\.ts$/),
  ...filesIn('src/core/drills', /\.ts$/),
  ...filesIn('src/core/packet', /\.ts$/),
  ...filesIn('src/features', /\.tsx?$/),
  ...filesIn('src/ui', /\.tsx?$/),
];

test('no sentence of the product tells anybody to lift a bond, to work live, or that something is safe', () => {
  const said = FILES.flatMap((file) => saidIn(file).map((text) => ({ file, text })));
  expect(said.length).toBeGreaterThan(3000);
  expect(said.filter(({ text }) => dangerous(text))).toEqual([]);
});

test.each([
  'Lift the bond, then read.',
  'Work live where there is no other way.',
  'Off at the panel: it is safe.',
  'Torque the lug while it is energized.',
])('"%s" would be found', (text) => {
  expect(dangerous(text)).toBe(true);
});
