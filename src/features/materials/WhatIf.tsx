import { useMemo } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { sourceKey } from '../../core/takeoff/need';
import type { PricedLine } from '../../core/takeoff/pricedTakeoff';
import { oneMoreFoot, otherWays } from '../../core/takeoff/whatIf';
import { printDollars } from '../../core/units/money';
import { printNumber as n } from '../../core/units/number';
import { partWords } from './partWords';
import classes from './materials.module.css';

interface WhatIfProps {
  readonly job: Job;
  readonly priced: PricedLine;
}

/** What one more foot of run would add, part by part, and what the line would cost if it were bought in another way. */
export function WhatIf({ job, priced: { line, offer, cents, kept } }: WhatIfProps) {
  const { longer, ways } = useMemo(() => {
    const asked = { key: line.key, pieces: line.pieces, offer, kept };
    const parts = new Map<string, { source: (typeof line.needs)[number]['source']; ids: Set<string> }>();
    for (const { source, piece } of line.needs) {
      if (piece === null) continue;
      const part = parts.get(sourceKey(source)) ?? { source, ids: new Set<string>() };
      part.ids.add(piece.id);
      parts.set(sourceKey(source), part);
    }
    return {
      longer: [...parts.values()].map(({ source, ids }) => ({ source, cents: oneMoreFoot(asked, ids) })),
      ways: otherWays(asked),
    };
  }, [line, offer, kept]);
  const others = ways.filter((way) => way.cents !== cents);
  return (
    <>
      <h2>One more foot</h2>
      <table className={classes['working']}>
        <tbody>
          {longer.map(({ source, cents: adds }) => (
            <tr key={sourceKey(source)}>
              <th scope="row">
                {partWords(source, job).mark} {partWords(source, job).name}
              </th>
              <td className="fig">{adds === undefined ? 'fits nothing' : `+${printDollars(adds)}`}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {others.length > 0 && cents !== undefined && (
        <>
          <h2>What changes if</h2>
          <table className={classes['working']}>
            <tbody>
              {others.map(({ packFt, cents: costs, leftFt }) => (
                <tr key={packFt ?? 'cut'}>
                  <th scope="row">
                    {packFt === null ? 'All cut at the counter' : `Only ${n(packFt)} ft coils`}
                    <span className="second"> {n(leftFt, 1)} ft left</span>
                  </th>
                  <td className="fig">+{printDollars(costs - cents)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </>
  );
}
