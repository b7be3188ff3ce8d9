import { isThreeWire } from '../circuit/existingWork';
import { isSized, type CircuitFigures, type SolvedCircuit } from '../circuit/figures';
import { METHODS } from '../code/methods';
import type { LoadModel } from '../appliances/family';
import type { Circuit } from '../circuit/circuitSchema';
import { segmentSpan } from '../circuit/stations';
import { printNumber as n } from '../units/number';
import { printWireSize, sizeUnit } from '../units/wireSize';
import type { FigureKey } from '../findings/subject';
import { disconnectPlace, formFigure, formReason } from './places';
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
export const figureName: Readonly<Record<FigureKey, string>> = {
  load: 'Load',
  breaker: 'Breaker',
  conductor: 'Conductor',
  ground: 'Ground',
  raceway: 'Raceway',
  drop: 'Voltage drop',
  disconnect: 'Disconnect',
  protection: 'Protection',
};

type Words = Omit<LadderWords, 'name' | 'pinned'>;
type Tell = (solved: SolvedCircuit, circuit: Circuit) => Words;

function loadReason({ own, continuousA, otherA }: LoadModel): string {
  if (own === 'motor') return 'by the motor table';
  if (own === 'hermetic') return 'MCA, 125 % in it';
  if (own === 'welder') return 'by its duty';
  if (otherA === 0) return 'continuous';
  return continuousA === 0 ? 'not continuous' : `${n(continuousA, 1)} A continuous`;
}

/** Why the device has its rating. */
function deviceReason({ device, plateOcpdA, continuousA, otherA }: LoadModel, pinned: boolean): string {
  const byLoad =
    continuousA > 0
      ? `${n(continuousA, 1)} A × 125 %${otherA > 0 ? ` + ${n(otherA, 1)} A` : ''}`
      : 'by the load';
  if (pinned) return byLoad;
  if (plateOcpdA !== null) return 'named on the nameplate';
  if (device.kind === 'motor') return `${n(device.flcA, 1)} A × ${n(device.percent)} %, next up`;
  if (device.kind === 'largest') return `MOCP ${n(device.maxA, 1)} A`;
  return device.kind === 'given' ? 'by the outlet' : byLoad;
}

const NO_CONDUCTOR: Words = { figure: 'none', unit: '', reason: 'no conductor fits' };
const NOT_RECORDED: Words = { figure: '?', unit: '', reason: 'existing, not recorded' };

/** What stands where no conductor is known. */
const noConductor = ({ recorded }: CircuitFigures): Words => (recorded ? NO_CONDUCTOR : NOT_RECORDED);

/** Segments that have a conductor of their own: "A to B 6 AWG". */
const ownSizes = (run: Circuit['run']): readonly string[] =>
  run.flatMap(({ size }, index) =>
    size === undefined ? [] : [`${segmentSpan(index)} ${printWireSize(size)}`],
  );

const TELL: Readonly<Record<FigureKey, Tell>> = {
  load: ({ figures: { load } }) => ({
    figure: n(load.continuousA + load.otherA, 1),
    unit: 'A',
    reason: `${n(load.volts)} V, ${loadReason(load)}`,
  }),
  breaker: ({ figures: { ocpd, load } }, { pins, existing }) =>
    existing !== null && pins.ocpdA === undefined
      ? NOT_RECORDED
      : {
          figure: n(ocpd.ratingA),
          unit: `A ${ocpd.poles}P`,
          reason: deviceReason(load, pins.ocpdA !== undefined),
        },
  conductor: ({ figures }, { run }) => {
    if (figures.size === null) return noConductor(figures);
    const at = figures.segments[figures.governing];
    const column = at === undefined ? '' : `${n(at.verdict.finalA, 1)} A at ${at.terms.columnC} °C`;
    return {
      figure: figures.size,
      unit: sizeUnit(figures.size),
      reason: [figures.raisedForDrop ? `${column}, up for drop` : column, ...ownSizes(run)].join('; '),
    };
  },
  ground: ({ figures }, circuit) => {
    if (isThreeWire(circuit)) return { figure: 'none', unit: '', reason: 'the neutral grounds the frame' };
    return isSized(figures)
      ? {
          figure: figures.groundTaken,
          unit: sizeUnit(figures.groundTaken),
          reason: figures.ground.increased
            ? `raised with the phases from ${figures.ground.base}`
            : `by the ${n(figures.ocpd.ratingA, 1)} A breaker`,
        }
      : noConductor(figures);
  },
  raceway: ({ figures }, { run }) => {
    const { raceway, size } = figures;
    return raceway === null
      ? {
          figure: 'none',
          unit: '',
          reason: run.every(({ method }) => METHODS[method].kind === 'cable')
            ? 'cable for the whole run'
            : size === null
              ? noConductor(figures).reason
              : 'none is large enough',
        }
      : {
          figure: raceway.taken,
          unit: methodName(raceway.method).replace(' Sch ', ' '),
          reason:
            raceway.taken === raceway.legal
              ? `fill ${n(raceway.fillPct, 0)} of ${n(raceway.limitPct)} %`
              : `${raceway.legal} legal; upsized for pulling`,
        };
  },
  drop: ({ figures }, circuit) => {
    const { drop } = figures;
    return drop === null
      ? noConductor(figures)
      : {
          figure: drop.percent.toFixed(1),
          unit: '%',
          reason: `${n(drop.volts, 1)} V over ${inFeet(circuit.run.reduce((sum, { lengthFt }) => sum + lengthFt, 0))}`,
        };
  },
  disconnect: ({ figures: { outlet } }) => {
    const { disconnect } = outlet;
    if (disconnect.required === 'ask')
      return { figure: 'ask', unit: '', reason: 'manufacturer and article decide' };
    if (disconnect.kind === 'plug')
      return {
        figure: outlet.receptacle?.config ?? 'plug',
        unit: '',
        reason: disconnect.fromWaterFt === null ? 'the plug disconnects' : disconnectPlace(disconnect),
      };
    return disconnect.required
      ? { figure: n(disconnect.ratingA ?? 0), unit: 'A', reason: disconnectPlace(disconnect) }
      : { figure: 'none', unit: '', reason: 'breaker is enough here' };
  },
  protection: ({ figures: { outlet }, findings }) => {
    const { gfci, afci } = outlet;
    if (gfci.required === false && afci.required === true)
      return { figure: 'AFCI', unit: '', reason: 'by the room' };
    if (gfci.required === 'ask') return { figure: 'ask', unit: '', reason: formReason.unknown };
    // Planned on the safe side while the authority has not said: the figure does not look decided.
    const contested = findings.some(({ code }) => code === 'gfci.contested');
    const reason = `${formReason[gfci.reason]}${contested ? ', the authority decides' : ''}`;
    return { figure: formFigure[gfci.form], unit: '', reason };
  },
};

const PIN_OF: Partial<Record<FigureKey, keyof Circuit['pins']>> = {
  breaker: 'ocpdA',
  conductor: 'size',
  ground: 'egc',
  raceway: 'trade',
};

/** Which pin a figure takes; undefined where it cannot be pinned. */
export const pinOf = (figureKey: FigureKey): keyof Circuit['pins'] | undefined => PIN_OF[figureKey];

/** A figure of the ladder in words. */
export function ladderWords(figureKey: FigureKey, solved: SolvedCircuit, circuit: Circuit): LadderWords {
  const pin = PIN_OF[figureKey];
  const pinned = pin !== undefined && circuit.pins[pin] !== undefined;
  const told = TELL[figureKey](solved, circuit);
  return {
    ...told,
    name: figureName[figureKey],
    pinned,
    reason: pinned ? `${circuit.existing === null ? 'by hand' : 'existing'} · ${told.reason}` : told.reason,
  };
}

/** Breaker and conductor of a circuit in one line: "60 A 2P × NM-B 6/2", "60 A 2P × 6 AWG THWN-2". */
export function circuitLine({ figures }: SolvedCircuit, circuit: Circuit): string {
  const { ratingA, poles } = figures.ocpd;
  const cables = figures.segments.map(({ cable }) => cable?.name);
  if (!figures.recorded) return 'Existing, not recorded';
  if (figures.size === null) return `${n(ratingA, 1)} A ${poles}P × no conductor fits`;
  const conductor =
    cables.length === 1 && cables[0] !== undefined
      ? cables[0]
      : `${printWireSize(figures.size)}${circuit.material === 'al' ? ' Al' : ''}${cables.includes(undefined) ? ` ${circuit.insulation}` : ''}`;
  return `${n(ratingA, 1)} A ${poles}P × ${conductor}`;
}
