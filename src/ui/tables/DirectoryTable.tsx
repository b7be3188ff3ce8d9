import { directory } from '../../core/panel/directory';
import type { InstalledBreaker } from '../../core/panel/spaces';
import { unclearWords } from '../../core/wording/panelWords';
import classes from './tables.module.css';

interface DirectoryTableProps {
  readonly installed: readonly InstalledBreaker[];
}

/** What stands in a panel: every circuit by its spaces, with what it feeds. */
export function DirectoryTable({ installed }: DirectoryTableProps) {
  return (
    <table className={classes['directory']}>
      <thead>
        <tr>
          <th scope="col">Space</th>
          <th scope="col">Breaker</th>
          <th scope="col">Feeds</th>
        </tr>
      </thead>
      <tbody>
        {directory(installed).map(({ installed: each, spaces, text, unclear }) => (
          <tr key={each.id}>
            <th scope="row" className="fig">
              {spaces}
            </th>
            <td className="fig">
              {each.amps} A{each.poles === 2 ? ' 2P' : ''}
            </td>
            <td>
              {text === '' ? '____________' : text}
              {unclear !== null && <span className="second"> ({unclearWords[unclear]})</span>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
