import { lesserAppliances, type Appliance } from '../appliances/registry';
import { METHODS, type MethodId } from '../code/methods';
import type { AnyFinding, FindingCode } from '../working/finding';
import type { Circuit, Pins, Stretch } from './circuitSchema';

/** A change worth trying. Its figures are read off once it was solved. */
export interface Candidate {
  readonly kind:
    | 'free-size' | 'free-breaker' | 'free-ground' | 'free-trade' | 'method' | 'setting' | 'guard-setting'
    | 'full-output' | 'no-drop-limit' | 'hardwire' | 'marked-75' | 'spread-out' | 'pull-point' | 'copper'; // prettier-ignore
  readonly circuit: Circuit;
}

type Try = (circuit: Circuit, finding: AnyFinding) => readonly Candidate[];

const without = (circuit: Circuit, pin: keyof Pins): Circuit => {
  const { [pin]: _gone, ...pins } = circuit.pins;
  return { ...circuit, pins };
};

const free =
  (pin: keyof Pins, kind: Candidate['kind']): Try =>
  (circuit) =>
    circuit.pins[pin] === undefined ? [] : [{ kind, circuit: without(circuit, pin) }];

const freeSize = free('size', 'free-size');
const freeBreaker = free('ocpdA', 'free-breaker');
const freeGround = free('egc', 'free-ground');
const freeTrade = free('trade', 'free-trade');

const inStretches = (
  circuit: Circuit,
  finding: AnyFinding,
  change: (stretch: Stretch) => readonly Stretch[],
): Circuit => ({
  ...circuit,
  run: circuit.run.flatMap((stretch, index) =>
    finding.stretch === undefined || finding.stretch === index ? change(stretch) : [stretch],
  ),
});

/** Methods worth trying in the place of another, cheapest way of working first. */
const INSTEAD: readonly MethodId[] = ['mc', 'emt', 'pvc40', 'uf-b', 'pvc80'];

const otherMethods: Try = (circuit, finding) => {
  const at = circuit.run[finding.stretch ?? 0];
  if (at === undefined) return [];
  return INSTEAD.filter((method) => method !== at.method && METHODS[method][sideOf(at)] === 'yes').map((method) => ({
    kind: 'method',
    circuit: inStretches(circuit, finding, (stretch) => [{ ...stretch, method }]),
  }));
};

const sideOf = ({ place }: Stretch): 'outdoor' | 'underground' => (place === 'underground' ? 'underground' : 'outdoor');

/** Indoors any method may be tried; the side only matters in the weather and in the ground. */
const methodsHere: Try = (circuit, finding) => {
  const at = circuit.run[finding.stretch ?? 0];
  if (at === undefined || at.place === 'outdoor' || at.place === 'underground') return otherMethods(circuit, finding);
  return INSTEAD.filter((method) => method !== at.method && method !== 'uf-b').map((method) => ({
    kind: 'method',
    circuit: inStretches(circuit, finding, (stretch) => [{ ...stretch, method }]),
  }));
};

const withAppliance = (circuit: Circuit, appliance: Appliance): Circuit => ({ ...circuit, appliance });

const lowerSetting: Try = (circuit) =>
  lesserAppliances(circuit.appliance).map((appliance) => ({
    kind: 'setting',
    circuit: withAppliance(circuit, appliance),
  }));

const guardSetting: Try = (circuit) =>
  circuit.appliance.family === 'ev'
    ? [
        {
          kind: 'guard-setting',
          circuit: withAppliance(circuit, {
            family: 'ev',
            nameplate: { ...circuit.appliance.nameplate, settingRestricted: true },
          }),
        },
      ]
    : [];

const fullOutput: Try = (circuit) => {
  if (circuit.appliance.family !== 'ev') return [];
  const { settingA: _set, settingRestricted: _guard, ...nameplate } = circuit.appliance.nameplate;
  return [{ kind: 'full-output', circuit: withAppliance(circuit, { family: 'ev', nameplate }) }];
};

const hardwire: Try = (circuit) =>
  circuit.appliance.family === 'ev'
    ? [
        {
          kind: 'hardwire',
          circuit: withAppliance(circuit, {
            family: 'ev',
            nameplate: { ...circuit.appliance.nameplate, connection: 'hardwired' },
          }),
        },
      ]
    : [];

const noDropLimit: Try = (circuit) => [{ kind: 'no-drop-limit', circuit: { ...circuit, maxDropPct: null } }];

const marked75: Try = (circuit) => [
  { kind: 'marked-75', circuit: without({ ...circuit, terminals: { panel: 75, load: 75 } }, 'size') },
];

const spreadOut: Try = (circuit, finding) =>
  circuit.run.some(({ currentCarrying }) => currentCarrying !== null)
    ? [
        {
          kind: 'spread-out',
          circuit: inStretches(circuit, finding, (stretch) => [{ ...stretch, currentCarrying: null }]),
        },
      ]
    : [];

/** A pull box halves the bends between two pull points. */
const pullPoint: Try = (circuit, finding) => [
  {
    kind: 'pull-point',
    circuit: inStretches(circuit, finding, (stretch) => {
      const half = { ...stretch, lengthFt: stretch.lengthFt / 2, bendsDeg: stretch.bendsDeg / 2 };
      return [
        { ...half, endHeightFt: stretch.heightFt },
        { ...half, id: `${stretch.id}-b` },
      ];
    }),
  },
];

const copper: Try = (circuit) =>
  circuit.material === 'al' ? [{ kind: 'copper', circuit: without({ ...circuit, material: 'cu' }, 'size') }] : [];

const CONDUCTOR: readonly Try[] = [freeSize, methodsHere, lowerSetting, spreadOut];

/** What is worth trying for each finding that a change can clear; the rest are answered, not cleared. */
const TRIES: Partial<Record<FindingCode, readonly Try[]>> = {
  'load.setting-open': [guardSetting, fullOutput],
  'load.setting-above-plate': [fullOutput],
  'load.setting-edition': [fullOutput],
  'ocpd.below-load': [freeBreaker, lowerSetting],
  'ocpd.above-ampacity': [freeSize, freeBreaker, ...CONDUCTOR.slice(1)],
  'ocpd.above-mocp': [freeBreaker],
  'ocpd.not-standard': [freeBreaker],
  'conductor.terminal-60c': CONDUCTOR,
  'conductor.too-small': CONDUCTOR,
  'conductor.small-rule': [freeSize, freeBreaker],
  'conductor.none': [methodsHere, copper, lowerSetting],
  'conductor.not-made': [freeSize, methodsHere],
  'conductor.below-local': [freeSize],
  'conductor.too-hot': [methodsHere],
  'conductor.aluminum-ends': [copper],
  'terminal.unmarked': [marked75],
  'egc.too-small': [freeGround, methodsHere],
  'egc.not-upsized': [freeGround, freeSize, methodsHere, noDropLimit],
  'method.wet-location': [methodsHere],
  'method.underground': [methodsHere],
  'method.ask-listing': [methodsHere],
  'raceway.fill': [freeTrade],
  'raceway.none': [methodsHere],
  'raceway.jam': [freeTrade],
  'raceway.bends': [pullPoint],
  'drop.branch': [freeSize, noDropLimit],
  'receptacle.rating-mismatch': [hardwire, freeBreaker, lowerSetting],
};

/** The changes worth trying for a finding, untried. */
export const remedyCandidates = (circuit: Circuit, finding: AnyFinding): readonly Candidate[] =>
  (TRIES[finding.code] ?? []).flatMap((each) => each(circuit, finding));
