import { readCsv, writeCsv } from '../files/csvTable';
import type { Panel } from './panelSchema';
import { bySpace, legOf, planned, type Wanted } from './spaces';
import { ratingWord, readBreakers, spaceWord, type ReadBreakers } from './typedBreakers';

const COLUMNS = ['space', 'rating', 'kind', 'feeds', 'va'] as const;

/** A cell without what would end an entry. */
const plain = (cell: string | undefined): string => (cell ?? '').replaceAll(/[;\n]/g, ' ').trim();

/**
 * Breakers of a panel from a CSV schedule with the columns space, rating, kind, feeds, va: the same words as they
 * are typed. Rows are counted from 1 with the header as row 1.
 */
export function readPanelCsv(
  text: string,
  spaces: number,
  newId: () => string,
): ReadBreakers | { readonly problem: string } {
  const table = readCsv(text);
  if ('problem' in table) return table;
  const missing = COLUMNS.slice(0, 2).find((column) => !table.headers.includes(column));
  if (missing !== undefined)
    return {
      problem: `A panel schedule has a column "${missing}"; this one has ${table.headers.join(', ')}.`,
    };
  const lines = table.rows.map(({ cells }) => {
    const [space, rating, kind, feeds, va] = COLUMNS.map((column) => plain(cells[column]));
    const load = va === '' || va === undefined ? '' : `${va} VA`;
    return [(space ?? '').replaceAll(/\s+/g, ''), rating, kind === 'plain' ? '' : kind, feeds, load]
      .filter((each) => each !== '' && each !== undefined)
      .join(' ');
  });
  const { breakers, problems } = readBreakers(lines.join('\n'), spaces, newId);
  return { breakers, problems: problems.map((each) => ({ ...each, row: each.row + 1 })) };
}

/** The schedule of a panel as its plan leaves it, with what becomes of each breaker and the load on each leg. */
export function writePanelCsv(panel: Panel, wanted: readonly Wanted[]): string {
  const rows = planned(panel, wanted)
    .toSorted(bySpace)
    .map((each) => ({
      space: spaceWord(each),
      rating: ratingWord(each),
      kind: each.kind,
      feeds: each.name,
      va: each.va ?? '',
      leg: each.poles === 2 ? 'A B' : legOf(each.place.slot),
      fate: each.fate,
    }));
  return writeCsv(rows);
}
