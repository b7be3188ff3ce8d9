import type { TableFace } from '../../core/code/tableFaceShape';
import classes from './working.module.css';

/** A cell to be marked: read by the lit step, read elsewhere on the run, or read by the first remedy. */
export interface MarkedCell {
  readonly row: string;
  readonly column: string;
  readonly mark: 'lit' | 'elsewhere' | 'remedy';
}

interface TableFaceViewProps {
  readonly face: TableFace;
  readonly marks: readonly MarkedCell[];
}

const markOf = (marks: readonly MarkedCell[], row: string, column: string): MarkedCell['mark'] | undefined =>
  marks.find((each) => each.row === row && each.column === column)?.mark;

/** The part of a table of the code that was read, row and column washed and the cell filled. */
export function TableFaceView({ face, marks }: TableFaceViewProps) {
  const highlighted = marks.find(({ mark }) => mark === 'lit');
  return (
    <table className={classes['face']}>
      <caption>{face.title}</caption>
      <thead>
        <tr>
          <th scope="col">{face.corner}</th>
          {face.columns.map(({ key, head }) => (
            <th key={key} scope="col" data-column={highlighted?.column === key || undefined}>
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {face.rows.map((row) => (
          <tr key={row.key} data-row={highlighted?.row === row.key || undefined}>
            <th scope="row">{row.head}</th>
            {face.columns.map(({ key }, index) => (
              <td
                key={key}
                data-column={highlighted?.column === key || undefined}
                data-mark={markOf(marks, row.key, key)}
                {...(markOf(marks, row.key, key) === 'lit' && { 'aria-current': true })}
              >
                {row.cells[index]}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
