import { useElementSize } from '@mantine/hooks';
import { stationKinds, stationLetter, type StationKind } from '../../core/circuit/stations';
import type { CircuitReport } from '../../core/checks/circuitReport';
import type { Diagnosed } from '../../core/checks/diagnosed';
import type { Circuit } from '../../core/circuit/circuitSchema';
import { PAIR_OF, PAIRS, type Conductor, type Pair } from '../../core/network/network';
import { printNumber as n } from '../../core/units/number';
import { counted } from '../../core/wording/words';
import { CheckLadder } from '../../ui/pictures/checks/CheckLadder';
import classes from './checks.module.css';

interface CircuitLadderProps {
  readonly circuit: Circuit;
  readonly report: CircuitReport;
  readonly diagnosis: Diagnosed | null;
}

const KIND_NAME: Readonly<Record<StationKind, string>> = {
  panel: 'Panel',
  box: 'Box',
  'pull-box': 'Pull box',
  body: 'Body',
  disconnect: 'Disconnect',
  coupling: 'Coupling',
  appliance: 'Load',
};

/** Stations where leads can be put, by letter and name. */
export function stationsOf({ circuit, report }: Pick<CircuitLadderProps, 'circuit' | 'report'>) {
  const kinds = stationKinds(circuit.run);
  return report.network.stations.map((letter) => {
    const kind = kinds.find((_, at) => stationLetter(at) === letter) ?? 'box';
    return { letter, name: KIND_NAME[kind] };
  });
}

/** The length between each station and the next. */
function lengthsOf({ circuit: { run }, report }: CircuitLadderProps): readonly string[] {
  const positions = report.network.stations.map((letter) => letter.charCodeAt(0) - 'A'.charCodeAt(0));
  return positions.slice(1).map((to, at) => {
    const between = run.slice(positions[at] ?? 0, to);
    return `${n(
      between.reduce((sum, { lengthFt }) => sum + lengthFt, 0),
      0,
    )} ft`;
  });
}

/** A conductor, or both of a pair. */
function conductorsOf(name: Conductor | Pair): readonly Conductor[] {
  const pair = PAIRS.find((each) => each === name);
  if (pair !== undefined) return PAIR_OF[pair];
  return (['L1', 'L2', 'N', 'G'] as const).filter((each) => each === name);
}

/** The circuit from panel to load with what explains its readings, and where is measured next. */
export function CircuitLadder(props: CircuitLadderProps) {
  const { circuit, report, diagnosis } = props;
  const { ref, width } = useElementSize<HTMLDivElement>();
  const { network } = report;
  const next = diagnosis?.next ?? null;
  return (
    <div ref={ref} className={classes['ladder']}>
      <CheckLadder
        stations={stationsOf(props)}
        conductors={network.conductors}
        lengths={lengthsOf(props)}
        marks={(diagnosis?.first ?? []).flatMap(({ conductor, at }, index) =>
          conductorsOf(conductor).map((name) => ({ conductor: name, at, rank: index + 1 })),
        )}
        leads={
          next && { at: next.at, conductors: conductorsOf(next.pair), unit: next.live ? 'volts' : 'ohm' }
        }
        widthPx={Math.max(320, Math.floor(width))}
        label={`${circuit.name}: ${counted(network.conductors.length, 'conductor')} over ${counted(network.stations.length, 'station')}`}
      />
    </div>
  );
}
