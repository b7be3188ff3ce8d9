import type { PlateChangeKind } from '../appliances/family';
import { applianceChanges } from '../appliances/registry';
import { allowedIn, isWet, type MethodId, type Environment } from '../code/methods';
import type { Site } from '../protection/siteSchema';
import { sizeRank, WIRE_SIZES } from '../units/wireSize';
import type { AnyFinding, FindingCode } from '../findings/finding';
import type { Circuit, Pins, Segment } from './circuitSchema';
import type { RemedyChange, SiteFix } from './remedy';

/** A change worth trying. Its figures are read off once it was solved. */
export interface Candidate {
  readonly kind: RemedyChange['kind'];
  readonly circuit: Circuit;
  /** What of the site is put right, where that is the change. */
  readonly what?: SiteFix;
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

const inSegments = (
  circuit: Circuit,
  finding: AnyFinding,
  change: (segment: Segment) => readonly Segment[],
): Circuit => ({
  ...circuit,
  run: circuit.run.flatMap((segment, index) =>
    finding.segment === undefined || finding.segment === index ? change(segment) : [segment],
  ),
});

/** Methods worth trying in the place of another, cheapest way of working first. */
const INSTEAD: readonly MethodId[] = ['mc', 'emt', 'pvc40', 'uf-b', 'pvc80'];

const mayRun = (method: MethodId, place: Environment): boolean => {
  if (isWet(place) || place === 'damp') return allowedIn(method, place) === 'yes';
  return method !== 'uf-b' && method !== 'pvc80';
};

const otherMethod: Try = (circuit, finding) => {
  const at = circuit.run[finding.segment ?? 0];
  if (at === undefined) return [];
  return INSTEAD.filter((method) => method !== at.method && mayRun(method, at.place)).map((method) => ({
    kind: 'method',
    circuit: inSegments(circuit, finding, (segment) => [{ ...segment, method }]),
  }));
};

/** Another plate for the same appliance, of one kind of change. */
const plate =
  (kind: PlateChangeKind): Try =>
  (circuit) =>
    applianceChanges(circuit.appliance, kind).map((appliance) => ({
      kind,
      circuit: { ...circuit, appliance },
    }));

const lowerSetting = plate('setting');
const fullOutput = plate('full-output');

const noDropLimit: Try = (circuit) => [{ kind: 'no-drop-limit', circuit: { ...circuit, maxDropPct: null } }];

const marked75: Try = (circuit) => [
  { kind: 'marked-75', circuit: without({ ...circuit, terminals: { panel: 75, load: 75 } }, 'size') },
];

/** Whether a segment has neighbors that it could do without. */
const isCrowded = ({ currentCarrying, shares }: Segment): boolean =>
  currentCarrying !== null || shares?.raceway !== undefined || shares?.bundle !== undefined;

/** A segment in a raceway and a bundle of its own; the trench may be shared all the same. */
const byItself = ({ shares, ...rest }: Segment): Segment => ({
  ...rest,
  currentCarrying: null,
  ...(shares?.trench !== undefined && { shares: { trench: shares.trench } }),
});

const spreadOut: Try = (circuit, finding) =>
  circuit.run.some(isCrowded)
    ? [{ kind: 'spread-out', circuit: inSegments(circuit, finding, (segment) => [byItself(segment)]) }]
    : [];

/** A pull box halves the bends between two pull points. */
const pullPoint: Try = (circuit, finding) => [
  {
    kind: 'pull-point',
    circuit: inSegments(circuit, finding, (segment) => {
      const half = { ...segment, lengthFt: segment.lengthFt / 2, bendsDeg: segment.bendsDeg / 2 };
      return [
        { ...half, endHeightFt: segment.heightFt },
        { ...half, id: `${segment.id}-b` },
      ];
    }),
  },
];

const copper: Try = (circuit) =>
  circuit.material === 'al'
    ? [{ kind: 'copper', circuit: without({ ...circuit, material: 'cu' }, 'size') }]
    : [];

/** The site as it should be: what was planned otherwise is left to the rules again. */
const bySite =
  (what: SiteFix, ...keys: readonly (keyof Site)[]): Try =>
  (circuit) => {
    const site = { ...circuit.site };
    for (const key of keys) Reflect.deleteProperty(site, key);
    return [{ kind: 'by-rule', circuit: { ...circuit, site }, what }];
  };

/** The next sizes up, for what a larger conductor cures. */
const larger: Try = (circuit, finding) => {
  const from = circuit.pins.size ?? ('size' in finding.data ? finding.data.size : undefined);
  const at = from === undefined ? 0 : sizeRank(from) + 1;
  return WIRE_SIZES.slice(at, at + 12).map((size) => ({
    kind: 'larger',
    circuit: { ...circuit, pins: { ...circuit.pins, size } },
  }));
};

const CONDUCTOR: readonly Try[] = [freeSize, otherMethod, lowerSetting, spreadOut];

/** What is worth trying for each finding that a change can clear; the rest are answered, not cleared. */
const remedyCandidatesByCode: Partial<Record<FindingCode, readonly Try[]>> = {
  'load.setting-open': [plate('guard-setting'), fullOutput],
  'load.setting-above-plate': [fullOutput],
  'load.setting-edition': [fullOutput],
  'ocpd.below-load': [freeBreaker, lowerSetting],
  'ocpd.above-ampacity': [freeSize, freeBreaker, ...CONDUCTOR.slice(1)],
  'ocpd.above-mocp': [freeBreaker],
  'ocpd.not-standard': [freeBreaker],
  'conductor.terminal-60c': CONDUCTOR,
  'conductor.too-small': CONDUCTOR,
  'conductor.small-rule': [freeSize, freeBreaker],
  'conductor.none': [otherMethod, copper, lowerSetting],
  'conductor.not-made': [freeSize, otherMethod],
  'conductor.below-local': [freeSize],
  'conductor.too-hot': [otherMethod],
  'conductor.aluminum-ends': [copper],
  'terminal.unmarked': [marked75],
  'egc.too-small': [freeGround, otherMethod],
  'egc.not-upsized': [freeGround, freeSize, otherMethod, noDropLimit],
  'method.wet-location': [otherMethod],
  'method.underground': [otherMethod],
  'method.corrosive': [otherMethod],
  'method.ask-listing': [otherMethod],
  'raceway.fill': [freeTrade],
  'raceway.none': [otherMethod],
  'raceway.jam': [freeTrade],
  'raceway.bends': [pullPoint],
  'drop.branch': [freeSize, noDropLimit],
  'conductor.below-article': [freeSize],
  'conductor.lug-range': [bySite('lug', 'lugLeast', 'lugMost')],
  'ocpd.multi-outlet': [freeSize, freeBreaker, larger],
  'egc.insulated': [otherMethod],
  'method.forbidden': [otherMethod],
  'drop.motor-start': [larger],
  'load.subdivide': [plate('feeds')],
  'rv30.not-240': [plate('one-pole')],
  'rv.larger': [plate('larger-outlet')],
  'feeder.four-wires': [plate('set-right')],
  'feeder.electrode': [plate('set-right')],
  'panel.neutral-ground-mixed': [plate('set-right')],
  'receptacle.config-mismatch': [bySite('receptacle', 'receptacle', 'plug')],
  'receptacle.no-ground': [bySite('receptacle', 'receptacle', 'plug')],
  'disconnect.missing': [bySite('disconnect', 'disconnect')],
  'disconnect.rating': [bySite('disconnect', 'disconnectA')],
  'gfci.required': [bySite('ground-fault', 'groundFault')],
  'gfci.neutral-missing': [bySite('ground-fault', 'groundFault')],
  'gfci.neutral-bypassed': [bySite('neutral', 'loadNeutral')],
  'gfci.line-load-reversed': [bySite('line-load', 'lineLoad')],
  'afci.required': [bySite('arc-fault', 'arcFault')],
  'ident.green-as-ungrounded': [bySite('colors', 'hotColor')],
  'ident.white-hot-unmarked': [bySite('colors', 'hotColor', 'whiteMarked')],
  'ident.white-as-egc': [bySite('colors', 'groundColor')],
  'ident.ground-remarked': [bySite('colors', 'groundColor')],
  'receptacle.rating-mismatch': [
    bySite('receptacle', 'receptacle', 'plug'),
    plate('hardwire'),
    freeBreaker,
    lowerSetting,
  ],
};

/** The changes worth trying for a finding, untried. */
export const remedyCandidates = (circuit: Circuit, finding: AnyFinding): readonly Candidate[] =>
  (remedyCandidatesByCode[finding.code] ?? []).flatMap((each) => each(circuit, finding));
