import type { WaterReport } from '../../core/water/waterReport';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './water.module.css';

/** What the lines of the plan mean. */
export function YardLegend({ report: { ring, grid, copper } }: { readonly report: WaterReport }) {
  return (
    <ul className={columnClass('legend', classes['legend'])} aria-label="Legend">
      {(ring !== null || grid !== null) && <li data-mark="ring">8 AWG bare solid</li>}
      {copper.taps > 1 && <li data-mark="tap">tap to the shell</li>}
      <li data-mark="raceway">buried wiring</li>
      <li data-mark="fence">fence</li>
    </ul>
  );
}
