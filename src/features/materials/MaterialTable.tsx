import { useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { itemKey } from '../../core/takeoff/item';
import type { PricedLine, PricedTakeoff } from '../../core/takeoff/pricedTakeoff';
import type { Takeoff } from '../../core/takeoff/takeoff';
import { printDollars } from '../../core/units/money';
import { itemName } from '../../core/wording/itemWords';
import { boughtWords, needWords, noPrice, truckWords } from '../../core/wording/takeoffWords';
import { counted } from '../../core/wording/words';
import { partWords } from './partWords';
import classes from './materials.module.css';

interface MaterialTableProps {
  readonly job: Job;
  readonly takeoff: Takeoff;
  readonly priced: PricedTakeoff;
  readonly part: string | null;
  readonly line: string | null;
  readonly onLine: (key: string) => void;
}

interface RowProps {
  readonly priced: PricedLine;
  readonly need: string;
  readonly cents: number | undefined;
  readonly chosen: boolean;
  readonly lit: boolean;
  readonly onLine: (key: string) => void;
}

function Row({ priced, need, cents, chosen, lit, onLine }: RowProps) {
  const { line } = priced;
  return (
    <tr data-picked={chosen || undefined} data-lit={lit || undefined}>
      <th scope="row">
        <button
          type="button"
          aria-pressed={chosen}
          onClick={() => {
            onLine(line.key);
          }}
        >
          {itemName(line.item)}
        </button>
      </th>
      <td className="fig">{need}</td>
      <td className="fig">{truckWords(priced)}</td>
      <td className="fig">{boughtWords(priced)}</td>
      <td className="fig">{cents === undefined ? noPrice(priced) : printDollars(cents)}</td>
    </tr>
  );
}

const HEAD = (
  <thead>
    <tr>
      <th scope="col">Item</th>
      <th scope="col">need</th>
      <th scope="col">on the truck</th>
      <th scope="col">buy, as sold</th>
      <th scope="col">price</th>
    </tr>
  </thead>
);

/** Every line once, as it is asked for at the counter. */
function Bought({ priced, part, line, onLine }: MaterialTableProps) {
  return (
    <table className={classes['table']}>
      {HEAD}
      <tbody>
        {priced.lines.map((each) => (
          <Row
            key={each.line.key}
            priced={each}
            need={needWords(each.line)}
            cents={each.cents}
            chosen={each.line.key === line}
            lit={part !== null && each.byPart.has(part)}
            onLine={onLine}
          />
        ))}
      </tbody>
    </table>
  );
}

/** The same lines part by part: how much of each goes where, and what of its price. */
function Used({ job, takeoff, priced, part: lit, line, onLine }: MaterialTableProps) {
  const shown = takeoff.parts.toSorted((a, b) => Number(b.key === lit) - Number(a.key === lit));
  return (
    <table className={classes['table']}>
      {HEAD}
      {shown.map(({ key, source, needs }) => {
        const { mark, name } = partWords(source, job);
        const own = priced.lines.filter((each) => needs.some(({ item }) => itemKey(item) === each.line.key));
        return (
          <tbody key={key}>
            <tr data-part>
              <th scope="rowgroup" colSpan={3}>
                {mark} {name}
              </th>
              <td>{counted(own.length, 'line')}</td>
              <td className="fig">{printDollars(priced.byPart.get(key) ?? 0)}</td>
            </tr>
            {own.map((each) => {
              const count = needs
                .filter(({ item }) => itemKey(item) === each.line.key)
                .reduce((sum, need) => sum + need.count, 0);
              return (
                <Row
                  key={each.line.key}
                  priced={each}
                  need={needWords({ ...each.line, count })}
                  cents={each.cents === undefined ? undefined : (each.byPart.get(key) ?? 0)}
                  chosen={each.line.key === line}
                  lit={key === lit}
                  onLine={onLine}
                />
              );
            })}
          </tbody>
        );
      })}
    </table>
  );
}

/** The list in two groupings: as it is bought, and where it is used. */
export function MaterialTable(props: MaterialTableProps) {
  const [used, setUsed] = useState(false);
  return (
    <div className={classes['tables']}>
      <div className={classes['tabs']} role="group" aria-label="Grouping">
        {[false, true].map((each) => (
          <button
            key={String(each)}
            type="button"
            aria-pressed={used === each}
            onClick={() => {
              setUsed(each);
            }}
          >
            {each ? 'Where it is used' : 'As it is bought'}
          </button>
        ))}
      </div>
      {used ? <Used {...props} /> : <Bought {...props} />}
    </div>
  );
}
