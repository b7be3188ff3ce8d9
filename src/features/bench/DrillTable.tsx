import { useState } from 'react';
import { edition } from '../../core/code/edition';
import { wholeTable } from '../../core/code/tableFace';
import type { TableFace } from '../../core/code/tableFaceShape';
import type { CellRead } from '../../core/code/tableSet';
import type { Figure } from '../../core/drills/drill';
import { DRILL_YEAR } from '../../core/drills/drillKinds';
import classes from './bench.module.css';

interface DrillTableProps {
  readonly tables: readonly CellRead[];
  readonly figure: Figure;
  /** Whether the figure is judged: its cell is shown. */
  readonly judged: boolean;
  readonly onPick: (answer: string) => void;
}

/** What a cell of a table answers. */
function picked(figure: Figure, cell: string, row: string, column: string): string | null {
  switch (figure.picks) {
    case 'cell':
      return cell;
    case 'row':
      return row;
    case 'column':
      return column;
    case null:
      return null;
  }
}

interface FaceProps extends Pick<DrillTableProps, 'figure' | 'judged' | 'onPick'> {
  readonly face: TableFace;
  /** The cell that is right; null: it is not to be seen yet. */
  readonly right: CellRead | null;
}

/** One table: row and column of the cell that was chosen light up. */
function Face({ face, figure, judged, right, onPick }: FaceProps) {
  const [lit, setLit] = useState<{ readonly row: string; readonly column: string } | null>(null);
  return (
    <div className={classes['scroll']} tabIndex={0} role="region" aria-label={face.title}>
      <table>
        <thead>
          <tr>
            <th scope="col">{face.corner}</th>
            {face.columns.map(({ key, head }) => (
              <th key={key} scope="col" data-lit={lit?.column === key || undefined}>
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {face.rows.map(({ key: row, head, cells }) => (
            <tr key={row} data-lit={lit?.row === row || undefined}>
              <th scope="row" className="fig">
                {head}
              </th>
              {cells.map((cell, at) => {
                const { key: column = '', head: over = '' } = face.columns[at] ?? {};
                const isMine = lit?.row === row && lit.column === column;
                return (
                  <td
                    key={column}
                    data-lit={lit?.column === column || undefined}
                    data-mine={isMine || undefined}
                    data-right={(right?.row === row && right.column === column) || undefined}
                  >
                    <button
                      type="button"
                      className="fig"
                      aria-label={`${head}, ${over}: ${cell}`}
                      onClick={() => {
                        setLit({ row, column });
                        const answer = picked(figure, cell, row, column);
                        if (answer !== null && !judged) onPick(answer);
                      }}
                    >
                      {cell}
                    </button>
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** The tables in view: picked by its heading first, then row and column light up. */
export function DrillTable({ tables, figure, judged, onPick }: DrillTableProps) {
  const [heading, setHeading] = useState<string | null>(null);
  const code = edition(DRILL_YEAR);
  const faces = tables.flatMap((read) => {
    const face = wholeTable(code, read, 'cu');
    return face === undefined ? [] : [{ read, face }];
  });
  if (faces.length === 0) return null;
  const right = judged ? figure.read : null;
  const shown = faces.find(({ read }) => read.table === (heading ?? right?.table));
  return (
    <section className={classes['tables']} aria-label="Tables">
      <div role="group" aria-label="Tables, by their heading">
        {faces.map(({ read, face }) => (
          <button
            key={read.table}
            type="button"
            aria-pressed={shown?.read.table === read.table}
            onClick={() => {
              setHeading(read.table);
            }}
          >
            {face.title}
          </button>
        ))}
      </div>
      {shown === undefined ? (
        <p className="second">Which table? Pick it by its heading.</p>
      ) : (
        <Face
          key={shown.read.table}
          face={shown.face}
          figure={figure}
          judged={judged}
          right={right?.table === shown.read.table ? right : null}
          onPick={onPick}
        />
      )}
    </section>
  );
}
