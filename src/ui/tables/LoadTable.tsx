import { cite, type Edition } from '../../core/code/edition';
import type { LoadThen } from '../../core/service/serviceReport';
import { printNumber as n } from '../../core/units/number';
import classes from './tables.module.css';

interface LoadTableProps {
  readonly code: Edition;
  readonly houseV: number;
  readonly then: LoadThen;
  readonly name: string;
}

/** A load calculation, line by line, with the section behind each. */
export function LoadTable({ code, houseV, then, name }: LoadTableProps) {
  return (
    <table className={classes['load']}>
      <caption>{name}</caption>
      <thead>
        <tr>
          <th scope="col">Part</th>
          <th scope="col">Connected VA</th>
          <th scope="col">Demand VA</th>
          <th scope="col">Rule</th>
        </tr>
      </thead>
      <tbody>
        {then.parts.map(({ what, connectedVA, countedVA, section }, at) => (
          <tr key={`${what} ${at}`}>
            <th scope="row">{what}</th>
            <td className="fig">{n(connectedVA, 0)}</td>
            <td className="fig">{n(countedVA, 0)}</td>
            <td className="fig">{cite(code, section).section}</td>
          </tr>
        ))}
        <tr>
          <th scope="row">Total ÷ {houseV} V</th>
          <td />
          <td className="fig">{n(then.totalVA, 0)}</td>
          <td className="fig">{n(then.amps, 1)} A</td>
        </tr>
      </tbody>
    </table>
  );
}
