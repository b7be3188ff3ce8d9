import type { Circuit } from '../circuit/circuitSchema';
import type { CircuitFigures } from '../circuit/figures';
import { stationKinds, stationLetter, type StationKind } from '../circuit/stations';
import type { Edition } from '../code/edition';
import type { Network, Pair } from '../network/network';
import { SERVICE_LEG_V } from '../network/readingDangers';
import { networkOf, type NetworkSegment } from '../network/singleFaults';
import type { CircuitCheck, VoltageReading } from './checksDocument';

/** Stations where conductors are landed or spliced: where leads can be put. */
const READ_AT: readonly StationKind[] = ['panel', 'box', 'disconnect', 'appliance'];
const FEET = 1000;
const LEG_V = 120;
/** Volts of what lies between two legs of a 208Y/120 house, and its share of both legs together. */
const TWO_PHASES = { least: 200, most: 220, share: Math.sqrt(3) / 2 } as const;
/** Of a load with a neutral so much is taken between one hot and the neutral: controls, jets, lamps. */
const NEUTRAL_SHARE = 0.2;

/** The wire of each segment as the network has it, stations without a joint left out. */
function segmentsOf(
  { run }: Circuit,
  figures: CircuitFigures,
  code: Edition,
  built: CircuitCheck['built'],
): readonly NetworkSegment[] {
  const kinds = stationKinds(run);
  const { rows } = code.tables.conductors;
  const { metal, groundMetal, ocpd, load } = figures;
  const neutral = ocpd.poles === 1 || load.neutral;
  const all: NetworkSegment[] = [];
  let [from, wireOhms, groundOhms] = [stationLetter(0), 0, 0];
  const builtFt = new Map(built.map((each) => [each.segment, each.lengthFt]));
  for (const [at, { id, lengthFt: plannedFt }] of run.entries()) {
    const lengthFt = builtFt.get(id) ?? plannedFt;
    const segment = figures.segments[at];
    if (segment === undefined) return [];
    const [wire, ground] = [rows[segment.size], rows[segment.ground]];
    wireOhms += ((metal === 'cu' ? wire.cuOhmPerKft : wire.alOhmPerKft) * lengthFt) / FEET;
    groundOhms += ((groundMetal === 'cu' ? ground.cuOhmPerKft : ground.alOhmPerKft) * lengthFt) / FEET;
    if (!READ_AT.includes(kinds[at + 1] ?? 'appliance')) continue;
    const to = stationLetter(at + 1);
    all.push({ from, to, wireOhms, groundOhms, neutral: neutral || segment.feedNeutral });
    [from, wireOhms, groundOhms] = [to, 0, 0];
  }
  return all;
}

/**
 * The volts of a leg: as they were read at the panel alone with the load off, to the neutral before the ground, where a
 * service may have so many; else nominal. A station past it may have lost what the panel has.
 */
function legVolts(readings: readonly VoltageReading[], pairs: readonly Pair[], nominal: number): number {
  const atPanel = pairs.flatMap((pair) =>
    readings.filter((each) => each.at === stationLetter(0) && !each.on && each.pair === pair),
  );
  const read = atPanel.find(({ volts }) => volts >= SERVICE_LEG_V.least && volts <= SERVICE_LEG_V.most);
  return read?.volts ?? nominal;
}

/**
 * A planned circuit as a network: its wire by Chapter 9 Table 8 at its length as built, as planned until that is known, its load by the current while it runs, or by the
 * current that was read.
 *
 * @returns Null where no conductor was found for it, or it has three phases.
 */
export function circuitNetwork(
  circuit: Circuit,
  figures: CircuitFigures,
  code: Edition,
  check: CircuitCheck,
): Network | null {
  const { load, ocpd } = figures;
  const segments = segmentsOf(circuit, figures, code, check.built);
  const last = segments.at(-1)?.to;
  if (last === undefined || load.phase === 3) return null;
  const nominal = ocpd.poles === 1 ? Math.min(load.volts, LEG_V) : Math.max(load.volts / 2, LEG_V);
  const L1 = legVolts(check.readings, ['L1N', 'L1G'], nominal);
  const amps = check.loadA ?? load.runA;
  if (ocpd.poles === 1)
    return networkOf(segments, { L1 }, amps > 0 ? [{ at: last, between: 'L1N', ohms: L1 / amps }] : []);
  const L2 = legVolts(check.readings, ['L2N', 'L2G'], nominal);
  const between = load.neutral ? amps * (1 - NEUTRAL_SHARE) : amps;
  const isTwoPhases = load.volts >= TWO_PHASES.least && load.volts <= TWO_PHASES.most;
  const network = networkOf(
    segments,
    { L1, L2 },
    amps <= 0
      ? []
      : [
          { at: last, between: 'L1L2', ohms: (L1 + L2) / between },
          ...(load.neutral ? [{ at: last, between: 'L1N' as const, ohms: L1 / (amps * NEUTRAL_SHARE) }] : []),
        ],
  );
  return isTwoPhases ? { ...network, lineShare: TWO_PHASES.share } : network;
}
