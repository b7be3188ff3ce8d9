import { withSegment } from '../../../core/circuit/edits/circuitEdits';
import type { CircuitFigures } from '../../../core/circuit/figures';
import { useState } from 'react';
import { stationLetter } from '../../../core/circuit/stations';
import { soldAs } from '../../../core/route/makeUp';
import { wireBought, wirePieces, type WireBought, type WirePiece } from '../../../core/route/wireList';
import type { RacewayCuts, Stick } from '../../../core/route/cutList';
import { solveCircuit } from '../../../core/circuit/solveCircuit';
import { methodName } from '../../../core/wording/words';
import { printLength } from '../../../core/units/length';
import { printNumber as n } from '../../../core/units/number';
import { feet } from '../../../core/units/quantity';
import { printWireSize } from '../../../core/units/wireSize';
import type { CircuitEvaluation, RouteEvaluation } from '../../../core/job/evaluation';
import { NumberField } from './NumberField';
import classes from './route.module.css';

const ft = (value: number): string => printLength(feet(value));

function Pieces({ pieces }: { readonly pieces: readonly WirePiece[] }) {
  return (
    <table className={classes['figures']}>
      <caption>Wire to cut, make-up at both ends included</caption>
      <thead>
        <tr>
          <th scope="col">Piece</th>
          <th scope="col">Route</th>
          <th scope="col">Cut</th>
          <th scope="col">Of</th>
        </tr>
      </thead>
      <tbody>
        {pieces.map((piece) => (
          <tr key={piece.from}>
            <th scope="row">
              {stationLetter(piece.from)} to {stationLetter(piece.to)}
            </th>
            <td className="fig">{ft(piece.routeFt)}</td>
            <td className="fig">{ft(piece.cutFt)}</td>
            <td>
              {piece.cable ?? piece.conductors.map(({ letters, size }) => `${letters} ${size}`).join(', ')}
              {piece.hasFt !== null && `; ${ft(piece.hasFt)} on hand`}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The longest coil that cable is sold in, feet. */
const LONGEST_COIL_FT = 250;

const soldAsCoil = ({ coil, buyFt }: WireBought): boolean =>
  coil && buyFt === soldAs(buyFt, true) && buyFt <= LONGEST_COIL_FT;

/** One wire to buy, and what would be bought if the run were longer. */
function BoughtRow({ wire, then }: { readonly wire: WireBought; readonly then: WireBought | undefined }) {
  const longer = then?.buyFt === wire.buyFt ? 'the same' : then && `then ${then.buyFt} ft`;
  return (
    <tr>
      <th scope="row">{wire.name}</th>
      <td className="fig">{n(wire.wantedFt, 1)} ft</td>
      <td className="fig">
        <b>{wire.buyFt} ft</b>
      </td>
      <td>{soldAsCoil(wire) ? 'coil' : 'by the foot'}</td>
      <td className="fig">{longer}</td>
    </tr>
  );
}

/** What is bought, and what it would be if the route were so much longer. */
function Bought({ view, route }: { readonly view: CircuitEvaluation; readonly route: RouteEvaluation }) {
  const [moreFt, setMoreFt] = useState<number | undefined>(undefined);
  const { circuit, solved, context } = view;
  const last = circuit.run.length - 1;
  const longest = circuit.run.reduce(
    (max, { lengthFt }, at) => (lengthFt > (circuit.run[max]?.lengthFt ?? 0) ? at : max),
    last,
  );
  const longer = withSegment(circuit, longest, {
    lengthFt: (circuit.run[longest]?.lengthFt ?? 0) + (moreFt ?? 0),
  });
  const then = moreFt === undefined ? null : solveCircuit(longer, context);
  const after = then === null ? null : wireBought(wirePieces(longer, then, context.neighbors), longer);
  return (
    <>
      <table className={classes['figures']}>
        <caption>Wire to buy, waste included</caption>
        <tbody>
          {route.report.bought.map((each) => (
            <BoughtRow key={each.name} wire={each} then={after?.find(({ name }) => name === each.name)} />
          ))}
        </tbody>
      </table>
      <div className={classes['whatIf']}>
        <NumberField
          label="If the run were longer by"
          usual="as it is"
          value={moreFt}
          range={{ min: 0.5, max: 200, units: ['ft', "'"], shown: 'ft' }}
          disabled={false}
          onValue={setMoreFt}
        />
        {then !== null && (
          <p className="second" aria-live="polite">
            {printWireSize(then.figures.size)}
            {then.figures.size === solved.figures.size
              ? ', the same size'
              : `, now ${printWireSize(solved.figures.size)}`}
            ; drop <span className="fig">{printDrop(then.figures)}</span>, now{' '}
            <span className="fig">{printDrop(solved.figures)}</span>.
          </p>
        )}
      </div>
    </>
  );
}

const printDrop = ({ drop }: CircuitFigures): string => (drop === null ? 'none' : `${n(drop.percent, 1)} %`);

/** One stick as a bar: its pieces at their share, what is left hatched. */
function StickBar({ stick }: { readonly stick: Stick }) {
  return (
    <span className={classes['stick']}>
      {stick.pieces.map(({ lengthFt, segment }, at) => (
        <span key={at} className="fig" style={{ flexGrow: lengthFt }}>
          {stationLetter(segment)} {n(lengthFt, 1)}
        </span>
      ))}
      {stick.leftFt > 0.05 && <span className={classes['left']} style={{ flexGrow: stick.leftFt }} />}
    </span>
  );
}

/** Sticks that are cut alike are drawn once, with how many there are. */
function alike(sticks: readonly Stick[]): readonly { readonly stick: Stick; readonly count: number }[] {
  const found = new Map<string, { stick: Stick; count: number }>();
  for (const stick of sticks) {
    const key = stick.pieces.map(({ segment, lengthFt }) => `${segment} ${lengthFt.toFixed(2)}`).join();
    const current = found.get(key);
    found.set(key, current === undefined ? { stick, count: 1 } : { ...current, count: current.count + 1 });
  }
  return [...found.values()];
}

function Sticks({ cuts }: { readonly cuts: RacewayCuts }) {
  const spare = Math.max(0, ...cuts.sticks.map(({ leftFt }) => leftFt));
  return (
    <div className={classes['sticks']}>
      <h3>
        {cuts.trade} {methodName(cuts.method)}, {ft(cuts.lengthFt)}:{' '}
        {cuts.sticks.length === 0 ? 'from the coil' : `${cuts.sticks.length} sticks of 10 ft`}
      </h3>
      {alike(cuts.sticks).map(({ stick, count }, at) => (
        <div key={at} className={classes['stickRow']}>
          <span className="fig">{count} ×</span>
          <StickBar stick={stick} />
        </div>
      ))}
      <p className="second">
        {cuts.couplings > 0 && `${cuts.couplings} couplings, `}
        {cuts.connectors} connectors
        {cuts.elbows > 0 && `, ${cuts.elbows} elbows`}
        {spare > 2 && `; ${ft(spare)} left over to use again`}
      </p>
    </div>
  );
}

/** What is cut and bought for the route: wire piece by piece, raceway stick by stick. */
export function CutLists({
  view,
  route,
}: {
  readonly view: CircuitEvaluation;
  readonly route: RouteEvaluation;
}) {
  if (view.circuit.existing !== null) return <p className="second">Existing: nothing is cut or bought.</p>;
  return (
    <>
      <Pieces pieces={route.report.wires} />
      <Bought view={view} route={route} />
      {route.report.raceways.map((cuts) => (
        <Sticks key={`${cuts.method} ${cuts.trade}`} cuts={cuts} />
      ))}
    </>
  );
}
