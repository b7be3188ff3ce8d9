import { useState } from 'react';
import { edition } from '../../core/code/edition';
import { wholeTable } from '../../core/code/tableFace';
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

/** The tables in view: picked by its heading first, then row and column light up. */
export function DrillTable({ tables, figure, judged, onPick }: DrillTableProps) {
  const [heading, setHeading] = useState<string | null>(null);
  const [lit, setLit] = useState<{ readonly row: string; readonly column: string } | null>(null);
  const code = edition(DRILL_YEAR);
  const faces = tables.flatMap((read) => {
    const face = wholeTable(code, read, 'cu');
    return face === undefined ? [] : [{ read, face }];
  });
  if (faces.length === 0) return null;
  const right = judged ? figure.read : null;
  const shown =
    faces.find(({ read }) => read.table === (right?.table ?? heading)) ??
    faces.find(({ read }) => read.table === heading);
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
              setLit(null);
            }}
          >
            {face.title}
          </button>
        ))}
      </div>
      {shown === undefined ? (
        <p className="second">Which table? Pick it by its heading.</p>
      ) : (
        <div className={classes['scroll']} tabIndex={0} role="region" aria-label={shown.face.title}>
          <table>
            <thead>
              <tr>
                <th scope="col">{shown.face.corner}</th>
                {shown.face.columns.map(({ key, head }) => (
                  <th key={key} scope="col" data-lit={lit?.column === key || undefined}>
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {shown.face.rows.map(({ key: row, head, cells }) => (
                <tr key={row} data-lit={lit?.row === row || undefined}>
                  <th scope="row" className="fig">
                    {head}
                  </th>
                  {cells.map((cell, at) => {
                    const column = shown.face.columns[at]?.key ?? '';
                    const isRight = right?.row === row && right.column === column;
                    return (
                      <td
                        key={column}
                        data-lit={lit?.column === column || undefined}
                        data-mine={(lit?.row === row && lit.column === column) || undefined}
                        data-right={isRight || undefined}
                      >
                        <button
                          type="button"
                          className="fig"
                          aria-label={`${head}, ${shown.face.columns[at]?.head ?? ''}: ${cell}`}
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
      )}
    </section>
  );
}
