import type { PlateChangeKind } from '../appliances/family';
import { applianceChanges } from '../appliances/registry';
import type { Circuit, Pins, Segment } from '../circuit/circuitSchema';
import type { SizedFigures } from '../circuit/figures';
import { usualHeightFt } from '../circuit/newCircuit';
import { allowedIn, isWet, type Environment, type MethodId } from '../code/methods';
import type { AnyFinding } from '../findings/finding';
import { segmentIndex } from '../findings/subject';
import type { Site } from '../protection/siteSchema';
import { sizeRank, WIRE_SIZES } from '../units/wireSize';
import type { Candidates, CandidatesByCode } from './candidate';
import type { FixChange, SiteFix } from './change';
import { ofCircuit } from './ofCircuit';
import { planPair } from './planPair';
import { pullPoint } from './pullPoint';

const without = (circuit: Circuit, pin: keyof Pins): Circuit => {
  const { [pin]: _gone, ...pins } = circuit.pins;
  return { ...circuit, pins };
};

/** A pinned figure left to the rules again. */
const free = (
  pin: keyof Pins,
  kind: FixChange['kind'],
  describe: (figures: SizedFigures, finding: AnyFinding) => FixChange,
): Candidates =>
  ofCircuit((circuit, finding) =>
    circuit.pins[pin] === undefined
      ? []
      : [{ kind, circuit: without(circuit, pin), describe: (figures) => describe(figures, finding) }],
  );

const freeSize = free('size', 'free-size', ({ size, metal, segments }, { subject }) => ({
  kind: 'free-size',
  size,
  metal,
  what: segments[segmentIndex(subject) ?? 0]?.cable?.name ?? '',
}));
const freeBreaker = free('ocpdA', 'free-breaker', ({ ocpd }) => ({
  kind: 'free-breaker',
  ocpdA: ocpd.ratingA,
}));
const freeGround = free('egc', 'free-ground', ({ groundTaken }) => ({
  kind: 'free-ground',
  size: groundTaken,
}));
const freeTrade = free('trade', 'free-trade', ({ raceway }) => ({
  kind: 'free-trade',
  trade: raceway?.taken ?? '1/2',
}));

/** The segment that a finding is about changed, or every one where it is about the whole run. */
const inSegments = (
  circuit: Circuit,
  { subject }: AnyFinding,
  change: (segment: Segment) => Segment,
): Circuit => {
  const at = segmentIndex(subject);
  return {
    ...circuit,
    run: circuit.run.map((segment, index) => (at === undefined || at === index ? change(segment) : segment)),
  };
};

/** Methods worth trying in the place of another, cheapest way of working first. */
const INSTEAD: readonly MethodId[] = ['mc', 'emt', 'pvc40', 'uf-b', 'pvc80'];

const mayRun = (method: MethodId, place: Environment): boolean => {
  if (isWet(place) || place === 'damp') return allowedIn(method, place) === 'yes';
  return method !== 'uf-b' && method !== 'pvc80';
};

/** A segment in another method: in the ground as deep as that method usually lies, or deeper where it was. */
const inMethod = (segment: Segment, method: MethodId): Segment =>
  segment.place === 'underground'
    ? { ...segment, method, heightFt: Math.min(segment.heightFt, usualHeightFt(segment.place, method)) }
    : { ...segment, method };

const otherMethod = ofCircuit((circuit, finding) => {
  const index = segmentIndex(finding.subject) ?? 0;
  const at = circuit.run[index];
  if (at === undefined) return [];
  return INSTEAD.filter((method) => method !== at.method && mayRun(method, at.place)).map((method) => ({
    kind: 'method',
    circuit: inSegments(circuit, finding, (segment) => inMethod(segment, method)),
    describe: ({ size, segments }) => ({
      kind: 'method',
      method,
      size,
      trade: segments[index]?.raceway?.taken ?? null,
    }),
  }));
});

/** Another plate for the same appliance, of one kind of change. */
const plate = (
  change: PlateChangeKind,
  kind: FixChange['kind'],
  describe: (figures: SizedFigures) => FixChange,
): Candidates =>
  ofCircuit((circuit) =>
    applianceChanges(circuit.appliance, change).map((appliance) => ({
      kind,
      circuit: { ...circuit, appliance },
      describe,
    })),
  );

const lowerSetting = plate('setting', 'setting', ({ load }) => ({
  kind: 'setting',
  settingA: load.continuousA,
}));
const guardSetting = plate('guard-setting', 'guard-setting', ({ load }) => ({
  kind: 'guard-setting',
  settingA: load.continuousA,
}));
const fullOutput = plate('full-output', 'full-output', ({ load }) => ({
  kind: 'full-output',
  outputA: load.continuousA,
}));
const sharedLimit = plate('shared-limit', 'shared-limit', ({ load }) => ({
  kind: 'shared-limit',
  sharedA: load.continuousA,
}));
const hardwire = plate('hardwire', 'hardwire', ({ ocpd }) => ({ kind: 'hardwire', ocpdA: ocpd.ratingA }));
const feeds = plate('feeds', 'feeds', ({ load }) => ({
  kind: 'feeds',
  amps: load.continuousA + load.otherA,
}));
const onePole = plate('one-pole', 'one-pole', () => ({ kind: 'one-pole' }));
const largerOutlet = plate('larger-outlet', 'larger-outlet', ({ ocpd }) => ({
  kind: 'larger-outlet',
  ocpdA: ocpd.ratingA,
}));
const ownCircuit = plate('own-circuit', 'own-circuit', () => ({ kind: 'own-circuit' }));
const plugOf = (change: 'three-wire-plug' | 'four-wire-plug') =>
  plate(change, 'plug', ({ outlet }) => ({ kind: 'plug', config: outlet.receptacle?.config ?? '' }));

const plateToCode = plate('plate-to-code', 'plate-to-code', () => ({ kind: 'plate-to-code' }));

const noDropLimit = ofCircuit((circuit) => [
  {
    kind: 'no-drop-limit',
    circuit: { ...circuit, maxDropPct: null },
    describe: ({ drop }) => ({ kind: 'no-drop-limit', dropPct: drop.percent }),
  },
]);

const marked75 = ofCircuit((circuit) => [
  {
    kind: 'marked-75',
    circuit: without({ ...circuit, terminals: { panel: 75, load: 75 } }, 'size'),
    describe: ({ size }) => ({ kind: 'marked-75', size }),
  },
]);

/** Whether a segment has neighbors that it could do without. */
const isCrowded = ({ currentCarrying, shares }: Segment): boolean =>
  currentCarrying !== null || shares?.raceway !== undefined || shares?.bundle !== undefined;

/** A segment in a raceway and a bundle of its own; the trench may be shared all the same. */
const byItself = ({ shares, ...rest }: Segment): Segment => ({
  ...rest,
  currentCarrying: null,
  ...(shares?.trench !== undefined && { shares: { trench: shares.trench } }),
});

const spreadOut = ofCircuit((circuit, finding) =>
  circuit.run.some(isCrowded)
    ? [
        {
          kind: 'spread-out',
          circuit: inSegments(circuit, finding, byItself),
          describe: ({ size }) => ({ kind: 'spread-out', size }),
        },
      ]
    : [],
);

const copper = ofCircuit((circuit) =>
  circuit.material === 'al'
    ? [
        {
          kind: 'copper',
          circuit: without({ ...circuit, material: 'cu' }, 'size'),
          describe: ({ size }) => ({ kind: 'copper', size }),
        },
      ]
    : [],
);

const aluminum = ofCircuit((circuit) =>
  circuit.material === 'cu'
    ? [
        {
          kind: 'aluminum',
          circuit: without({ ...circuit, material: 'al' }, 'size'),
          describe: ({ size }) => ({ kind: 'aluminum', size }),
        },
      ]
    : [],
);

/** The site as it should be: what was planned otherwise is left to the rules again. */
const bySite = (what: SiteFix, ...keys: readonly (keyof Site)[]): Candidates =>
  ofCircuit((circuit) => {
    const site = { ...circuit.site };
    for (const key of keys) Reflect.deleteProperty(site, key);
    return [
      {
        kind: 'reset-to-code',
        circuit: { ...circuit, site },
        describe: () => ({ kind: 'reset-to-code', what }),
      },
    ];
  });

/** A receptacle at the least distance that water allows. */
const movedReceptacle = ofCircuit((circuit, { data }) =>
  'minFt' in data
    ? [
        {
          kind: 'move-receptacle',
          circuit: { ...circuit, site: { ...circuit.site, waterFt: data.minFt } },
          describe: () => ({ kind: 'move-receptacle', ft: data.minFt }),
        },
      ]
    : [],
);

/** A receptacle as near to the equipment as it must be. */
const serviceOutlet = ofCircuit((circuit, { data, severity }) =>
  severity === 'stop' && 'maxFt' in data
    ? [
        {
          kind: 'reset-to-code',
          circuit: { ...circuit, site: { ...circuit.site, serviceOutletFt: data.maxFt } },
          describe: () => ({ kind: 'reset-to-code', what: 'service-outlet' }),
        },
      ]
    : [],
);

/** An emergency shutoff that is planned, labeled and where it is reached. */
const plannedShutoff = ofCircuit((circuit) => [
  {
    kind: 'reset-to-code',
    circuit: { ...circuit, site: { ...circuit.site, emergencyShutoff: 'planned' } },
    describe: () => ({ kind: 'reset-to-code', what: 'shutoff' }),
  },
]);

/** A disconnect of the other building, where the supply enters. */
const plannedBuildingDisconnect = ofCircuit((circuit, { severity }) =>
  severity === 'stop'
    ? [
        {
          kind: 'reset-to-code',
          circuit: { ...circuit, site: { ...circuit.site, buildingDisconnect: 'planned' } },
          describe: () => ({ kind: 'reset-to-code', what: 'building-disconnect' }),
        },
      ]
    : [],
);

/** The circuit from the panel that the other building has already. */
const feedFromThere = ofCircuit((circuit) =>
  circuit.site.supply === 'feeder' && circuit.appliance.family !== 'feeder'
    ? [
        {
          kind: 'feed-from-there',
          circuit: { ...circuit, site: { ...circuit.site, building: 'same', panel: 'subpanel' } },
          describe: () => ({ kind: 'feed-from-there' }),
        },
      ]
    : [],
);

/** How many sizes up are tried. */
const SIZES_UP = 12;

/** The next sizes up, for what a larger conductor cures. */
const larger = ofCircuit((circuit, { data }) => {
  const from = circuit.pins.size ?? ('size' in data ? data.size : undefined);
  const at = from === undefined ? 0 : sizeRank(from) + 1;
  return WIRE_SIZES.slice(at, at + SIZES_UP).map((size) => ({
    kind: 'larger',
    circuit: { ...circuit, pins: { ...circuit.pins, size } },
    describe: () => ({ kind: 'larger', size }),
  }));
});

const CONDUCTOR: readonly Candidates[] = [freeSize, otherMethod, lowerSetting, spreadOut];

/** What is worth trying for each finding about a circuit that a change can clear. */
export const circuitFixes: CandidatesByCode = {
  'load.setting-open': [guardSetting, fullOutput],
  'load.setting-above-plate': [fullOutput],
  'load.individual-circuit': [sharedLimit],
  'load.setting-edition': [fullOutput],
  'ocpd.below-load': [freeBreaker, lowerSetting],
  'ocpd.above-ampacity': [freeSize, freeBreaker, ...CONDUCTOR.slice(1)],
  'ocpd.above-mocp': [freeBreaker],
  'ocpd.not-standard': [freeBreaker],
  'ocpd.start-exception': [freeBreaker],
  'conductor.practice': [freeSize],
  'egc.raised-by-floor': [copper],
  'egc.aluminum': [otherMethod],
  'conductor.terminal-60c': CONDUCTOR,
  'conductor.too-small': CONDUCTOR,
  'conductor.small-rule': [freeSize, freeBreaker],
  'conductor.none': [otherMethod, copper, lowerSetting],
  'conductor.not-in-tables': [otherMethod, copper, aluminum],
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
  'load.subdivide': [feeds],
  'load.own-circuit': [ownCircuit],
  'disconnect.spa-emergency': [plannedShutoff],
  'rv30.not-240': [onePole],
  'load.spa-pair': [planPair],
  'feeder.surge': [plateToCode],
  'feeder.emergency': [plateToCode],
  'outlet.service': [serviceOutlet],
  'disconnect.height': [bySite('disconnect-mounting', 'disconnectHandleFt')],
  'disconnect.working-space': [bySite('disconnect-mounting', 'disconnectClear')],
  'building.second-supply': [feedFromThere],
  'building.disconnect': [plannedBuildingDisconnect],
  'rv.larger': [largerOutlet],
  'feeder.four-wires': [plateToCode],
  'feeder.electrode': [plateToCode],
  'panel.neutral-ground-mixed': [plateToCode],
  'receptacle.which-plug': [plugOf('four-wire-plug'), plugOf('three-wire-plug')],
  'receptacle.near-water': [movedReceptacle],
  'receptacle.no-neutral': [bySite('receptacle', 'receptacle', 'plug'), plugOf('four-wire-plug')],
  'load.setting-plugged': [fullOutput, hardwire],
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
    hardwire,
    freeBreaker,
    lowerSetting,
  ],
};
