import { memo } from 'react';
import { methodAlternatives } from '../../../core/search/methodAlternatives';
import { defaultPrices } from '../../../core/price/defaultPrices';
import { printNumber } from '../../../core/units/number';
import { printPriceChange } from '../../../core/units/money';
import { printWireSize } from '../../../core/units/wireSize';
import { methodName } from '../../../core/wording/words';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { useJobEditor } from '../../../store/useJobEditor';
import { useStageActions } from '../../job/stageActions';
import classes from './WorkingPane.module.css';

const SHOWN = 5;

/** The other wiring methods that hold for the whole run, cheapest first; one click takes one. */
export const Alternatives = memo(function Alternatives({ view }: { readonly view: CircuitEvaluation }) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const { open } = useStageActions();
  const found = methodAlternatives(view.circuit, view.solved, view.context, defaultPrices).slice(0, SHOWN);
  if (found.length === 0) return null;
  return (
    <div className={classes['block']}>
      <h3>The whole run in another method, material by the default price list</h3>
      <table className={classes['editions']}>
        <tbody>
          {found.map(({ method, size, trade, dropPct, cost, circuit }) => (
            <tr key={method}>
              <th scope="row">
                <button
                  type="button"
                  className="act"
                  disabled={!canWrite}
                  onClick={() => {
                    replaceCircuit(circuit, `All in ${methodName(method)}`);
                  }}
                >
                  {methodName(method)}
                </button>
              </th>
              <td className="fig">{printWireSize(size)}</td>
              <td className="fig">{trade ?? ''}</td>
              <td className="fig">{printNumber(dropPct, 1)} %</td>
              <td className="fig">{printPriceChange(cost)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <button
        type="button"
        className="act"
        onClick={() => {
          open('options');
        }}
      >
        Every method, metal and size, compared
      </button>
    </div>
  );
});
