import { bestSwap, legLoads } from '../../core/panel/legBalance';
import { swapped } from '../../core/panel/planEdits';
import { spaceLabel, planned } from '../../core/panel/spaces';
import { printNumber as n } from '../../core/units/number';
import type { PanelEvaluation } from '../../core/job/evaluation';
import { usePanelEditor } from '../../store/usePanelEditor';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import classes from './panel.module.css';

const VOLTS = 120;

/** What each leg carries of the 120 V circuits, and the swap that would bring them nearer. */
export function LegsPane({ view }: { readonly view: PanelEvaluation }) {
  const { panel, wanted, findings } = view;
  const { plan, canWrite } = usePanelEditor(panel);
  const installed = planned(panel, wanted);
  const { aVA, bVA, assumed } = legLoads(installed);
  const swap = bestSwap(installed);
  const max = Math.max(aVA, bVA, 1);
  const apart = findings.some(({ code }) => code === 'service.unbalanced');
  return (
    <section aria-label="Legs">
      <h2>
        Legs, 120 V circuits
        <span className="second">
          <SeverityShape severity={apart ? 'check' : 'ok'} /> {n(Math.abs(aVA - bVA) / VOLTS, 0)} A apart
        </span>
      </h2>
      <dl className={classes['legs']}>
        {(
          [
            ['A', aVA],
            ['B', bVA],
          ] as const
        ).map(([leg, va]) => (
          <div key={leg}>
            <dt className="fig">{leg}</dt>
            <dd>
              <svg viewBox="0 0 200 12" preserveAspectRatio="none" aria-hidden="true">
                <rect data-leg={leg} x={0.75} y={0.75} width={Math.max(1, (198 * va) / max)} height={10.5} />
              </svg>
              <span className="fig">{n(va / VOLTS, 0)} A</span>
            </dd>
          </div>
        ))}
      </dl>
      {assumed > 0 && <p className="second">{assumed} without a known load count half of their rating.</p>}
      {swap !== undefined && apart && (
        <button
          type="button"
          className={classes['swap']}
          disabled={!canWrite}
          onClick={() => {
            plan(swapped(panel, wanted, swap.one.id, swap.other.id), 'Swap two circuits');
          }}
        >
          <span>
            Swap {spaceLabel(swap.one.place)} and {spaceLabel(swap.other.place)}
          </span>
          <span className="fig">{n(swap.apartVA / VOLTS, 0)} A apart</span>
        </button>
      )}
    </section>
  );
}
