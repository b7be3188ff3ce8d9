import type { Edition } from '../code/edition';
import { diagnose, type Candidate, type Diagnosis } from '../network/diagnose';
import type { Network } from '../network/network';
import { nextMeasurement, type NextMeasurement } from '../network/nextMeasurement';
import { outletFault } from '../network/outletFault';
import { networkDangers, outletDangers, type ReadingDanger } from '../network/readingDangers';
import { networkOf } from '../network/singleFaults';
import { printNumber as n } from '../units/number';
import { readingDangerWords } from '../wording/dangerWords';
import { candidateWords, measurementWords, OUTLET_FAULT, VERDICT } from '../wording/faultWords';
import { counted } from '../wording/words';
import { defaultLines, type ItemAnswer, type WorkingLine } from './answer';
import type { NetworkFaultItem, OutletFaultItem } from './faultSchemas';

type TypedItem = Readonly<Record<string, unknown>>;

/** Candidates past the tied ones that are told too. */
const BESIDES = 6;
const FEET = 1000;

const line = (step: string, formula: string, result: string): WorkingLine => ({
  step,
  formula,
  result,
  rule: 'readings',
});

const dangerLine = (danger: ReadingDanger): WorkingLine =>
  line('Danger', readingDangerWords(danger), danger.code);

/** What the voltages of an outlet say. */
export function answerOutletFault(item: OutletFaultItem, given: TypedItem): ItemAnswer {
  const { outlet, readings, meter } = item;
  const { verdict, candidates } = outletFault(outlet, readings, meter);
  const dangers = outletDangers(outlet, readings, meter);
  return {
    id: item.id,
    kind: item.kind,
    result: {
      verdict: VERDICT[verdict],
      candidates: candidates.map(({ fault, likelihood }) => {
        const { what, why, next } = OUTLET_FAULT[fault];
        return { fault: what, likelihood, why, nextTest: next };
      }),
      dangers,
    },
    findings: [],
    working: [
      ...defaultLines(given, { meter: 'not known' }),
      ...dangers.map(dangerLine),
      ...Object.entries(item.readings)
        .filter(([, volts]) => volts !== undefined)
        .map(([pair, volts]) => line(pair, 'read', `${n(volts ?? 0, 1)} V`)),
      ...candidates.map(({ fault, likelihood }) =>
        line(OUTLET_FAULT[fault].what, OUTLET_FAULT[fault].why, `${n(100 * likelihood, 0)} %`),
      ),
    ],
  };
}

/** The network of an item: hots and neutral of one size, the ground of its own. */
function networkIn({ segments, supply, loads }: NetworkFaultItem, code: Edition): Network {
  const { rows } = code.tables.conductors;
  return networkOf(
    segments.map(({ from, to, size, egc, material, lengthFt, neutral }) => {
      const ohms = (wire: typeof size): number =>
        ((material === 'cu' ? rows[wire].cuOhmPerKft : rows[wire].alOhmPerKft) * lengthFt) / FEET;
      return { from, to, wireOhms: ohms(size), groundOhms: ohms(egc), neutral };
    }),
    supply,
    loads,
  );
}

const candidateLine = ({ fault, conductor, at, ohms, misfit }: Candidate) => ({
  fault,
  conductor,
  at,
  ohms,
  misfit,
});

const nextLine = ({ at, pair, on, live, predicts }: NextMeasurement) => ({
  at,
  pair,
  on,
  live,
  predicts: predicts.map((value, candidate) =>
    live ? { candidate, volts: value } : { candidate, ohms: value },
  ),
});

const workingOf = (
  { sound, soundMisfit, candidates, tied }: Diagnosis,
  next: NextMeasurement | null,
): readonly WorkingLine[] => [
  line(
    'No fault',
    sound ? 'every reading within the error of the tester' : 'readings outside the error of the tester',
    `misfit ${n(soundMisfit, 2)}`,
  ),
  ...candidates
    .slice(0, tied + BESIDES)
    .map((each) => line(candidateWords(each), each.fault, `misfit ${n(each.misfit, 2)}`)),
  ...(next === null
    ? []
    : [line('Measure next', measurementWords(next), `leaves ${counted(next.leaves, 'candidate')} at most`)]),
];

/** Every single fault of a circuit fitted to its readings, and the measurement that tells the best of them apart. */
export function answerNetworkFault(item: NetworkFaultItem, given: TypedItem, code: Edition): ItemAnswer {
  const network = networkIn(item, code);
  const found = diagnose(network, item.readings);
  const next = nextMeasurement(network, found.candidates.slice(0, found.tied), item.readings);
  const dangers = networkDangers(network, item.readings, item.meter);
  return {
    id: item.id,
    kind: item.kind,
    result: {
      candidates: found.candidates.slice(0, found.tied + BESIDES).map(candidateLine),
      next: next === null ? null : nextLine(next),
      dangers,
    },
    findings: [],
    working: [
      ...defaultLines(given, { loads: 'none', meter: 'low-z' }),
      ...dangers.map(dangerLine),
      ...workingOf(found, next),
    ],
  };
}
