import { stationLetter } from '../../../core/circuit/stations';
import type { Citation, SectionKey } from '../../../core/code/sections';
import type { BoxReport } from '../../../core/route/boxes';
import type { PullSection } from '../../../core/route/pulls';
import { inCubicInches, stationName } from '../../../core/wording/routeWords';
import { printNumber as n } from '../../../core/units/number';
import classes from './route.module.css';

/** Sections as they are numbered for one segment. */
export type Rules = (key: SectionKey) => Citation;

/** One figure with its reason and its section. */
interface FigureProps {
  readonly name: string;
  readonly figure: string;
  readonly why: string;
  readonly rule?: Citation | undefined;
}

export function Figure({ name, figure, why, rule }: FigureProps) {
  return (
    <tr>
      <th scope="row">{name}</th>
      <td className="fig">{figure}</td>
      <td>{why}</td>
      <td className="fig second">
        {rule?.section}
        {rule?.certain === false && '?'}
      </td>
    </tr>
  );
}

/** How hard the pull is from either end, and where it is hardest. */
export function PullFigures({ pull, rules }: { readonly pull: PullSection; readonly rules: Rules }) {
  const [from, to] = [stationLetter(pull.from), stationLetter(pull.to)];
  const side = (pull.better === 'forward' ? pull.forward : pull.back).sidewall;
  return (
    <table className={classes['figures']}>
      <caption>
        Pull {from} to {to}
      </caption>
      <tbody>
        <Figure
          name="Bends"
          figure={`${n(pull.degrees)}°`}
          why={`of ${n(pull.limitDeg)}° between pull points`}
          rule={rules('raceway.bends')}
        />
        <Figure name={`Fed at ${from}`} figure={`${n(pull.forward.pounds, 0)} lb`} why={`pulled at ${to}`} />
        <Figure name={`Fed at ${to}`} figure={`${n(pull.back.pounds, 0)} lb`} why={`pulled at ${from}`} />
        <Figure
          name="Pull from"
          figure={pull.better === 'forward' ? to : from}
          why={`easier; wire bears ${n(pull.limitLb, 0)} lb`}
        />
        {side !== null && (
          <Figure
            name="Sidewall pressure"
            figure={`${n(side.lbPerFt, 0)} lb/ft`}
            why="500 lb/ft until the manufacturer says"
          />
        )}
        <Figure
          name="Hardest at"
          figure={`${n(pull.hardAtFt, 0)} ft`}
          why={`from ${from}: lubricate, or pull a box there`}
        />
        {pull.added.map(({ segment, atFt, body }) => (
          <Figure
            key={atFt}
            name="Add a body"
            figure={`${n(atFt, 0)} ft`}
            why={`from ${stationLetter(segment)}, ${body === 'turn' ? 'outlet at its back or side' : 'straight through'}`}
          />
        ))}
      </tbody>
    </table>
  );
}

/** What a box needs, and the holes in it. */
export function BoxFigures({ box, rules }: { readonly box: BoxReport; readonly rules: Rules }) {
  const letter = stationLetter(box.station);
  return (
    <table className={classes['figures']}>
      <caption>
        {letter}: {box.kind === 'appliance' ? 'box of the receptacle' : stationName[box.kind].toLowerCase()}
        {box.box !== null && box.hasIn3 === null && `, ${box.box.name} takes it`}
      </caption>
      <tbody>
        {box.parts.map(({ what, in3 }, at) => (
          <Figure key={at} name={what} figure={n(in3)} why="in³" rule={rules('table.conductor-volume')} />
        ))}
        {box.parts.length > 0 && (
          <Figure
            name="Needs"
            figure={n(box.needsIn3)}
            why={`in³, of ${inCubicInches(box.hasIn3 ?? box.box?.in3 ?? 0)}`}
            rule={rules('table.boxes')}
          />
        )}
        {box.minIn !== null && (
          <Figure
            name="Length, minimum"
            figure={`${n(box.minIn, 1)} in`}
            why={
              box.kind === 'pull-box'
                ? '8 times the raceway, straight'
                : '6 times the raceway, turning or spliced'
            }
            rule={rules('box.pull')}
          />
        )}
        {box.minAreaIn2 !== null && (
          <Figure
            name="Inside"
            figure={`${n(box.minAreaIn2)} in²`}
            why="twice its raceway at least; no splices unless its volume is marked"
            rule={rules('box.body')}
          />
        )}
        {box.knockouts.map(({ trade, holeIn, entering }, at) => (
          <Figure
            key={at}
            name={`${entering === 'cable' ? 'Cable connector' : 'Raceway'} ${trade}`}
            figure={`${n(holeIn, 3)} in`}
            why="hole across; fillers in those left open"
            rule={rules('table.knockouts')}
          />
        ))}
      </tbody>
    </table>
  );
}
