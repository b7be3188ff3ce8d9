import { LIMITS } from '../../code/limits';
import { readBreakers } from '../../panel/typedBreakers';
import { readRoute } from '../readRoute';
import { readYard } from '../readYard';
import { draftIds } from './draftIds';
import { namedIn } from './families';
import { tokensOf, type Token } from './tokens';
import type { Unread } from './said';

/** What a line is about. */
export type LineKind = 'circuit' | 'water' | 'panel' | 'route';

const WATER = /\b(pool|spa|hot tub|tub|swim spa|pond|fountain)\b/i;
/** What names a machine of the water, not the water. */
const MACHINE = /\b(pool|spa|tub)\s+(pump|heater|heat pump|light|filter|cover|equipment)\b/i;
const SIDES =
  /\d\s*(?:ft|feet|'|′)?\s*(?:x|×|by)\s*\d|\b\d+\s*(?:ft|feet|'|′)?\s*(?:round|across|diameter)\b|\b(?:above|in)[ -]?ground pool\b/i;
/** "1,3 2p30 dryer", "4 20 bed": spaces, a rating, what it feeds. */
const BREAKER =
  /^\s*\d{1,2}(?:\s*[,-]\s*\d{1,2})*\s+(?:(?:2p|1p|mw|mu)\s*)?(?:15|20|25|30|35|40|45|50|60|70|80|90|100)(?:\/\d+)?\s+(?!a\b|amps?\b|ft\b|feet\b|v\b|kw\b|hp\b)[a-z]/i;
const WORDS_OF_A_POOL = /\bpool\b/i;

/** What a line is about, by how it is written; undefined where it is none of these. */
export function kindOf(line: string): LineKind | undefined {
  const rows = line.split(/[;\n]/).filter((row) => row.trim() !== '');
  if (rows.length > 0 && rows.every((row) => BREAKER.test(row))) return 'panel';
  if (WATER.test(line) && SIDES.test(line) && !MACHINE.test(line.split(/[,;]/)[0] ?? '')) return 'water';
  if (namedIn(tokensOf(line)) !== undefined) return 'circuit';
  return WORDS_OF_A_POOL.test(line) ? 'water' : undefined;
}

const asUnread = ({ word, from, to }: Token): Unread => ({ word, from, to, suggestion: null });

/** The words of a part of a line that was not understood, with their places in the line. */
const partUnread = (line: string, part: string): readonly Unread[] => {
  const at = Math.max(0, line.toLowerCase().indexOf(part.toLowerCase()));
  return tokensOf(line)
    .filter(({ from, to, is }) => from >= at && to <= at + part.length && is.kind !== 'stop')
    .map(asUnread);
};

/** What is not understood of a line about a yard, a panel or a route. */
export function unreadOf(line: string, kind: Exclude<LineKind, 'circuit'>): readonly Unread[] {
  if (line.length > LIMITS.typedLine) return [];
  if (kind === 'panel')
    return readBreakers(line.replaceAll(';', '\n'), 42, draftIds()).problems.flatMap(({ text }) =>
      partUnread(line, text),
    );
  if (kind === 'route') {
    const read = readRoute(line, 4);
    return read.ok ? [] : partUnread(line, read.part === '' ? line : read.part);
  }
  const parts = line.split(/[,;\n]/).map((part) => part.trim());
  const [water = ''] = parts;
  return parts
    .filter((part) => part !== '')
    .flatMap((part) => {
      const text = part === water ? part : `${water}, ${part}`;
      const read = readYard(text, { newId: draftIds(), water: undefined, northDeg: 0 });
      return 'problem' in read ? partUnread(line, part) : [];
    });
}
