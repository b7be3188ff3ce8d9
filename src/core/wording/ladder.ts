import type { SolvedCircuit } from '../circuit/figures';
import type { Circuit } from '../circuit/circuitSchema';
import { printNumber as n } from '../units/number';
import { printWireSize, sizeUnit } from '../units/wireSize';
import type { Link } from '../working/finding';
import { inFeet, methodName } from './words';

/** One figure of the ladder: what stands large, and why in a few words. */
export interface LadderWords {
  readonly name: string;
  readonly figure: string;
  readonly unit: string;
  readonly reason: string;
  readonly pinned: boolean;
}

/** Names of the figures. */
export const linkName: Readonly<Record<Link, string>> = {
  load: 'Load',
  breaker: 'Breaker',
  conductor: 'Conductor',
  ground: 'Ground',
  raceway: 'Raceway',
  drop: 'Drop',
  disconnect: 'Disconnect',
  protection: 'Protection',
};

type Words = Omit<LadderWords, 'name' | 'pinned'>;
type Tell = (solved: SolvedCircuit, circuit: Circuit) => Words;

const TELL: Readonly<Record<Link, Tell>> = {
  load: ({ figures: { load } }) => ({
    figure: n(load.continuousA + load.otherA, 1),
    unit: 'A',
    reason: `${n(load.volts)} V, ${load.otherA === 0 ? 'continuous' : load.continuousA === 0 ? 'not continuous' : `${n(load.continuousA)} A continuous`}`,
  }),
  breaker: ({ figures: { ocpd, load } }) => ({
    figure: n(ocpd.ratingA),
    unit: `A ${ocpd.poles}P`,
    reason: load.continuousA > 0 ? `${n(load.continuousA)} A × 125 %${load.otherA > 0 ? ` + ${n(load.otherA)} A` : ''}` : 'by the load',
  }),
  conductor: ({ figures }) => {
    const at = figures.stretches[figures.governing];
    const column = at === undefined ? '' : `${n(at.verdict.finalA)} A at ${at.terms.columnC} °C`;
    return {
      figure: figures.size,
      unit: sizeUnit(figures.size),
      reason: figures.raisedForDrop ? `${column}, up for drop` : column,
    };
  },
  ground: ({ figures }) => ({
    figure: figures.groundTaken,
    unit: sizeUnit(figures.groundTaken),
    reason: figures.ground.increased
      ? `raised with the phases from ${figures.ground.base}`
      : `by the ${n(figures.ocpd.ratingA)} A breaker`,
  }),
  raceway: ({ figures: { raceway } }) =>
    raceway === null
      ? { figure: 'none', unit: '', reason: 'cable all the way' }
      : {
          figure: raceway.taken,
          unit: methodName(raceway.method).replace(' Sch ', ' '),
          reason:
            raceway.taken === raceway.legal
              ? `fill ${n(raceway.fillPct, 0)} of ${n(raceway.limitPct)} %`
              : `pulls easier; by rule ${raceway.legal}`,
        },
  drop: ({ figures: { drop } }, circuit) => ({
    figure: drop.percent.toFixed(1),
    unit: '%',
    reason: `${n(drop.volts, 1)} V over ${inFeet(circuit.run.reduce((sum, { lengthFt }) => sum + lengthFt, 0))}`,
  }),
  disconnect: ({ figures: { outlet } }) => {
    const { disconnect } = outlet;
    if (disconnect.required === 'ask') return { figure: 'ask', unit: '', reason: 'maker and article decide' };
    if (disconnect.kind === 'plug') return { figure: outlet.receptacle?.config ?? 'plug', unit: '', reason: 'the plug disconnects' };
    return disconnect.required
      ? { figure: n(disconnect.ratingA ?? 0), unit: 'A', reason: 'lockable, in ready reach' }
      : { figure: 'none', unit: '', reason: 'breaker is enough here' };
  },
  protection: ({ figures: { outlet } }) => {
    if (outlet.gfci.required === 'ask') return { figure: 'ask', unit: '', reason: 'by place and appliance' };
    return outlet.gfci.required
      ? { figure: 'GFCI', unit: '', reason: outlet.gfci.why === 'receptacle' ? 'vehicle receptacle, breaker' : 'outlet in a listed place' }
      : { figure: 'none', unit: '', reason: 'not asked for here' };
  },
}; // prettier-ignore

const PIN_OF: Partial<Record<Link, keyof Circuit['pins']>> = {
  breaker: 'ocpdA',
  conductor: 'size',
  ground: 'egc',
  raceway: 'trade',
};

/** Which pin a figure takes; undefined where it cannot be pinned. */
export const pinOf = (link: Link): keyof Circuit['pins'] | undefined => PIN_OF[link];

/** A figure of the ladder in words. */
export function ladderWords(link: Link, solved: SolvedCircuit, circuit: Circuit): LadderWords {
  const pin = PIN_OF[link];
  const pinned = pin !== undefined && circuit.pins[pin] !== undefined;
  const told = TELL[link](solved, circuit);
  return { ...told, name: linkName[link], pinned, reason: pinned ? `pinned · ${told.reason}` : told.reason };
}

/** Breaker and conductor of a circuit in one line: "60 A 2P × NM-B 6/2", "60 A 2P × 6 AWG THWN-2". */
export function circuitLine({ figures }: SolvedCircuit, circuit: Circuit): string {
  const { ratingA, poles } = figures.ocpd;
  const cables = figures.stretches.map(({ cable }) => cable?.name);
  const conductor =
    cables.length === 1 && cables[0] !== undefined
      ? cables[0]
      : `${printWireSize(figures.size)}${circuit.material === 'al' ? ' Al' : ''}${cables.includes(undefined) ? ` ${circuit.insulation}` : ''}`;
  return `${n(ratingA)} A ${poles}P × ${conductor}`;
}
