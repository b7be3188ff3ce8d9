import { stationLetter } from '../../core/circuit/stations';
import type { Splice } from '../../core/wiring/splices';
import { jointWords } from '../../core/wording/terminals';

/** What is spliced in every box between two segments, conductor to conductor. */
export function SpliceList({ splices }: { readonly splices: readonly Splice[] }) {
  return splices.map(({ station, joints }) => (
    <section key={station} aria-label={`Splices in box ${stationLetter(station)}`}>
      <h3>Box {stationLetter(station)}: splices</h3>
      <ul>
        {joints.map((joint, at) => (
          <li key={at}>{jointWords(joint)}</li>
        ))}
      </ul>
    </section>
  ));
}
