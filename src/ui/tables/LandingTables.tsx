import { stationLetter } from '../../core/circuit/stations';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { enclosuresOf, type Enclosure, type Entering } from '../../core/wiring/enclosures';
import type { Wiring } from '../../core/wiring/terminations';
import { enclosureName, enclosureNote, jointWords, terminalShort } from '../../core/wording/terminals';
import { WireStroke } from '../pictures/wiring/WireStroke';
import classes from './tables.module.css';

const SAMPLE = [
  { x: 2, y: 6 },
  { x: 20, y: 6 },
];

interface LandingsProps {
  readonly entered: readonly Entering[];
  /** Torque that was applied, by end and purpose of the conductor. */
  readonly torques: Readonly<Record<string, number>>;
}

function Landings({ entered, torques }: LandingsProps) {
  return (
    <table>
      <tbody>
        {entered.map(({ end, landing }) => {
          const { order, letters, marked, size, terminal, role, torqueLbIn } = landing;
          const applied = torques[`${end} ${role}`];
          return (
            <tr key={order}>
              <td className="fig">{order}</td>
              <td>
                <svg width="22" height="12" aria-hidden="true">
                  <WireStroke letters={letters} points={SAMPLE} />
                </svg>
              </td>
              <th scope="row" className="fig">
                {letters} {role === 'pigtail' ? 'pigtail' : size}
                {marked !== null && ` as ${marked}`}
              </th>
              <td>{terminalShort[terminal]}</td>
              <td className="fig">{terminal === 'capped' ? '' : torqueLbIn}</td>
              <td className="fig">{applied === undefined ? '' : `${applied} applied`}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

interface OneProps extends Pick<LandingsProps, 'torques'> {
  readonly enclosure: Enclosure;
  readonly name: string;
  readonly receptacle: string | null;
}

function One({ enclosure, name, receptacle, torques }: OneProps) {
  const { kind, station, line, load, splice } = enclosure;
  return (
    <figure className={classes['landings']}>
      <figcaption>
        {station !== null && <b className={classes['flag']}>{stationLetter(station)}</b>}
        <b>{enclosureName(kind, name)}</b> <span>{enclosureNote(enclosure, receptacle)}</span>
      </figcaption>
      {load.length > 0 && line.length > 0 && <p>To the load</p>}
      {load.length > 0 && <Landings entered={load} torques={torques} />}
      {load.length > 0 && line.length > 0 && <p>From the panel</p>}
      {line.length > 0 && <Landings entered={line} torques={torques} />}
      {splice !== null && (
        <ul>
          {splice.joints.map((joint, at) => (
            <li key={at}>{jointWords(joint)}</li>
          ))}
        </ul>
      )}
    </figure>
  );
}

interface LandingTablesProps {
  readonly view: CircuitEvaluation;
  readonly wired: Wiring;
  /** Torque that was applied, by terminal. */
  readonly torques: Readonly<Record<string, number>>;
}

/** Every landing of a circuit on paper, enclosure by enclosure: order, conductor, terminal, torque in pound-inches. */
export function LandingTables({ view: { circuit, solved }, wired, torques }: LandingTablesProps) {
  const receptacle = solved.figures.outlet.receptacle?.config ?? null;
  return (
    <div className={classes['enclosures']}>
      {enclosuresOf(circuit, solved.figures, wired).map((enclosure, at) => (
        <One key={at} enclosure={enclosure} name={circuit.name} receptacle={receptacle} torques={torques} />
      ))}
    </div>
  );
}
