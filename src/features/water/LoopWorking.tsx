import type { WaterReport } from '../../core/water/waterReport';
import { loopSteps } from '../../core/wording/loopSteps';
import classes from './water.module.css';

/** The copper of the bonding, step by step, with the mistake that comes out short. */
export function LoopWorking({ report }: { readonly report: WaterReport }) {
  const steps = loopSteps(report);
  if (steps.length === 0) return null;
  return (
    <section aria-label="Copper of the bonding">
      <h2>
        Copper <span className="second">8 AWG solid, bare</span>
      </h2>
      <table className={classes['copper']}>
        <tbody>
          {steps.map(({ label, figure, lit }) => (
            <tr key={label} data-lit={lit || undefined}>
              <th scope="row">{label}</th>
              <td className="fig">{figure}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
