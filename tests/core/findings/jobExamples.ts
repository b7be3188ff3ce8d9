import { freshCheck } from '../../../src/core/checks/checksDocument';
import type { Segment } from '../../../src/core/circuit/circuitSchema';
import { DEFAULT_PRACTICES } from '../../../src/core/circuit/jobDefaults';
import type { Amendment } from '../../../src/core/code/amendment';
import type { RouteFitting } from '../../../src/core/code/routeKinds';
import type { FindingCode } from '../../../src/core/findings/finding';
import type { panelCatalog } from '../../../src/core/findings/panelCatalog';
import type { routeCatalog } from '../../../src/core/findings/routeCatalog';
import type { serviceCatalog } from '../../../src/core/findings/serviceCatalog';
import type { Job } from '../../../src/core/job/jobSchema';
import type { Panel } from '../../../src/core/panel/panelSchema';
import { FRESH_HOUSE } from '../../../src/core/service/freshHouse';
import type { House, Measured } from '../../../src/core/service/houseSchema';
import { charger, circuit, load, segment } from '../../support/circuits';
import { daysDocument } from '../../../src/core/timing/daysDocument';
import { jobOf } from '../../support/jobs';
import { measuredHouse } from '../../support/houses';
import { bondedOutbuilding, panel, placed } from '../../support/panels';
import { trench } from '../../support/routes';
import { tub, withPlate } from './raised';
import { raisedByBuildings } from './raisedByBuildings';
import { raisedByExisting } from './raisedByExisting';
import { raisedByMotors } from './raisedByMotors';
import { raisedByOutlet } from './raisedByOutlet';
import { raisedBySizes } from './raisedBySizes';
import { raisedByWater } from './raisedByWater';

type RouteCode = keyof typeof routeCatalog;
type HouseCode = keyof typeof panelCatalog | keyof typeof serviceCatalog;

const LOCATED = { locate: { ticket: 'T-1', date: '2025-06-01' } };
const kiln = load({ amps: 48, continuousAmps: 48 });

const routed = (run: readonly Segment[], part: Parameters<typeof circuit>[0] = {}): Job =>
  jobOf([circuit({ appliance: kiln, run: [...run], ...part })], LOCATED);
const emt = (part: Partial<Segment> = {}) => segment({ method: 'emt', ...part });
const without = (fitting: RouteFitting, part: Partial<Segment>) =>
  routed([segment({ ...part, without: [fitting] })]);
const sleeved = (trade?: '3/4') =>
  routed([segment({ sleeve: 'pvc40' })], { pins: { size: '6', ...(trade && { trade }) } });
const shares = { raceway: 'w' };

/** A mini split outdoors, under an edition and with a permit of a day. */
const hvac = (edition: 2020 | 2023, permitDate: string | null): Job =>
  jobOf(
    [
      circuit({
        ...withPlate('mini-split', { mca: 18, mocp: 25, volts: 240 }),
        run: [segment({ method: 'pvc40', place: 'outdoor' })],
      }),
    ],
    { edition, permitDate },
  );

/** Two raceways that circuits share, with a box between them. */
const crowded = [
  emt({ id: 'in', shares, end: { kind: 'box' } }),
  emt({ id: 'out', shares: { raceway: 'v' } }),
];

const wall = { method: 'pvc40', place: 'outdoor', lengthFt: 30, heightFt: 5, endHeightFt: 5 } as const;
const ufInTrench = trench({ method: 'uf-b', heightFt: -2 });

/** A job for each finding about a route. */
const ofRoutes: Readonly<Record<RouteCode, Job>> = {
  'burial.depth': routed([trench({ heightFt: -1 })]),
  'burial.bored': routed([trench({ bored: true })]),
  'work.before-locate': { ...routed([trench()]), locate: null },
  'station.transition': routed([segment({ id: 'a', end: { kind: 'coupling' } }), emt({ id: 'b' })]),
  'box.fill': routed([segment({ id: 'a', method: 'mc', end: { boxIn3: 21 } }), emt({ id: 'b' })]),
  'box.none': jobOf(
    ['a', 'b', 'c', 'd'].map((id) => circuit({ id, appliance: kiln, run: crowded })),
    LOCATED,
  ),
  'box.pull-length': routed([emt({ id: 'a', end: { kind: 'pull-box', lengthIn: 8 } }), emt({ id: 'b' })], {
    appliance: load({ amps: 64, continuousAmps: 64 }),
    pins: { trade: '1-1/4' },
  }),
  'box.unbonded': routed([
    segment({ id: 'a', method: 'mc', end: { kind: 'box' }, without: ['box-bond'] }),
    emt({ id: 'b' }),
  ]),
  'body.marked': routed([emt({ id: 'a', end: { kind: 'body' } }), emt({ id: 'b' })], {
    appliance: load({ amps: 64, continuousAmps: 64 }),
    pins: { trade: '1-1/4' },
  }),
  'route.bends': routed([
    emt({ id: 'a', bendsDeg: 270, end: { kind: 'coupling' } }),
    emt({ id: 'b', bendsDeg: 270 }),
  ]),
  'pull.tension': routed([emt({ lengthFt: 300, bendsDeg: 360 })], {
    appliance: load({ amps: 160, continuousAmps: 160 }),
  }),
  'pull.sidewall': routed([emt({ lengthFt: 500, bendsDeg: 360 })], {
    appliance: load({ amps: 160, continuousAmps: 160 }),
  }),
  'raceway.tight': sleeved(),
  'raceway.sleeve-full': sleeved('3/4'),
  'burial.under-building': routed([trench({ method: 'uf-b', burial: 'under-building', heightFt: -2 })]),
  'seal.missing': without('seal', { method: 'emt', place: 'outdoor' }),
  'bushing.missing': without('bushing', { method: 'rmc' }),
  'nailplate.needed': without('plates', { edgeIn: 1 }),
  'ribbon.missing': without('ribbon', ufInTrench),
  'expansion.missing': without('expansion', wall),
  'riser.unguarded': without('riser', ufInTrench),
  'cable.attic': routed([segment({ place: 'attic' })]),
  'cable.joist-edges': routed([segment({ exposed: 'edges' })], { appliance: load(), pins: { size: '10' } }),
  'cable.sunlight': routed([segment({ method: 'uf-b', place: 'outdoor' })]),
  's-loop.missing': without('s-loop', ufInTrench),
  'knockout.size': routed([segment({ id: 'a', method: 'mc', end: { holeIn: 0.75 } }), emt({ id: 'b' })]),
  'piece.short': routed([segment({ pieceFt: 40 })]),
  'route.differs': jobOf([
    circuit({ run: [emt({ lengthFt: 31, shares })] }),
    circuit({ id: 'other', name: 'Another', run: [emt({ lengthFt: 30, shares })] }),
  ]),
};

const EV = circuit({ id: 'ev', name: 'EV charger' });

const chargerGroup = (listed: boolean | null) => ({
  id: 'g',
  name: 'Garage chargers',
  limitA: 48,
  listed,
  circuitIds: ['ev', 'ev-2'],
  feederId: null,
});

const housed = (part: Partial<House>): Job =>
  jobOf([EV], { house: { ...FRESH_HOUSE, areaFt2: 1800, ratingA: 200, ...part } });

const measured = (part: Partial<Measured>): Job => housed(measuredHouse(part));

type PanelPart = Partial<Panel> & { readonly typed?: string };

/** A job whose circuit is to go into a panel. */
const panelled = (part: PanelPart, house: Partial<House> = {}): Job =>
  jobOf([EV], { panels: [panel(part)], house: { ...FRESH_HOUSE, ...house } });
/** A subpanel that holds a charger, on a feeder that is computed for so much. */
const fedPanel = (loadVA: number): Job => {
  const feeder = circuit({
    id: 'feeder',
    name: 'Feeder',
    ...withPlate('feeder', { loadVA, continuousVA: 0, volts: 240, neutral: true, wires: 4 }),
  });
  const sub = panel({
    id: 'sub',
    role: 'subpanel',
    fedFrom: 'panel',
    feederId: 'feeder',
    neutrals: 'apart',
    bondingScrew: 'out',
    plan: { gone: [], moved: [], placed: [{ circuitId: EV.id, at: { slot: 1, half: null } }] },
  });
  return jobOf([EV, feeder], { panels: [panel(), sub] });
};
const full = '1 20 a; 2 20 b; 3 20 c; 4 20 d; 5 20 e; 6 20 f; 7 20 g; 8 20 h';

/** A job for each finding about the service or a panel. */
const ofHouses: Readonly<Record<HouseCode, Job>> = {
  'house.built': housed({}),
  'house.old-materials': housed({ builtYear: 1964 }),
  'house.aluminum': housed({ builtYear: 1968 }),
  'service.unknown': housed({ ratingA: null }),
  'service.overload': housed({ ratingA: 50 }),
  'service.tight': housed({ ratingA: 60 }),
  'service.least': housed({ ratingA: 60 }),
  'service.sharing': housed({ sharing: { circuitId: 'ev', loadId: 'x' } }),
  'service.managed': housed({ managedA: 80 }),
  'service.charger-group': housed({ groups: [chargerGroup(null)] }),
  'service.group-unlisted': housed({ groups: [chargerGroup(false)] }),
  'demand.too-short': measured({ problems: ['too-short'], days: 70 }),
  'demand.hourly': measured({ problems: ['hourly'], intervalMinutes: 60 }),
  'demand.season': measured({ problems: ['season'] }),
  'demand.gaps': measured({ problems: ['gaps'] }),
  'demand.export': measured({ problems: ['export'] }),
  'demand.unit': measured({ problems: ['unit'], peakA: 900 }),
  'panel.no-space': panelled({ typed: full }),
  'panel.unplaced': panelled({}),
  'panel.too-many-circuits': panelled({ typed: '2 20 a', mostPoles: 2, ...placed(1) }),
  'panel.tandem-not-allowed': panelled({ ...placed(5, 'a') }),
  'panel.tandem-unknown': panelled({ typed: full, tandems: null }),
  'panel.clash': panelled({ typed: '1 20 a', ...placed(1) }),
  'panel.same-leg': panelled({ ...placed(1, 'a') }),
  'panel.breaker-not-listed': panelled({ listings: [] }),
  'panel.neutrals-mixed': panelled({ role: 'subpanel', bondingScrew: 'in', building: 'same', feedWires: 3 }),
  'panel.bond-ask': panelled({ role: 'subpanel', bondingScrew: 'in' }),
  'panel.bond-stays': panelled(bondedOutbuilding),
  'panel.bond-unseen': panelled({ neutrals: 'apart', bondingScrew: null, serviceDisconnect: 'here' }),
  'panel.service-where': panelled({ neutrals: 'apart', bondingScrew: null, serviceDisconnect: null }),
  'panel.is-subpanel': panelled({ neutrals: 'apart', bondingScrew: 'out', serviceDisconnect: 'outside' }),
  'panel.series-rated': panelled({ seriesRatedKA: 22 }, { faultA: 14000 }),
  'panel.neutral-shared-terminal': panelled({ neutralsShare: true }),
  'panel.unlabelled': panelled({ typed: '1 20 plugs' }),
  'panel.openings': panelled({ openings: 2 }),
  'panel.known-to-fail': panelled({ knownToFail: true }),
  'panel.sources': panelled({ secondSources: null }),
  'panel.untied': panelled({ typed: '1 mu20 lights; 3 mu20 plugs' }),
  'panel.bus-below-main': panelled({ busA: 125 }),
  'panel.no-main': panelled({ mainA: null, typed: full }),
  'panel.feeder-load': fedPanel(5000),
  'panel.working-space': panelled({ installed: 'new' }),
  'panel.height': panelled({ topHandleIn: 84 }),
  'panel.hold-down': panelled({ mainKind: 'back-fed', holdDown: false }),
  'panel.feed-through': panelled({ feedThrough: true }),
  'panel.surge': panelled({ installed: 'new' }),
  'panel.lug-range': panelled({ lugFrom: '14', lugTo: '10' }),
  'panel.interrupting-rating': panelled({}, { faultA: 14000 }),
  'panel.interrupting-unknown': panelled({ interruptingKA: null }, { faultA: 5000 }),
  'service.unbalanced': panelled({ typed: '1 20 a 9600 VA; 5 20 b 9600 VA', ...placed(2) }),
};

const amendedBy = (...changes: Amendment['changes'][number][]): Partial<Job> => ({
  amendments: [{ id: 't', title: 'A rule of the town', source: 'town', date: '2024-01-01', changes }],
});

/** Findings about circuits that an edition, a practice or a town raises. */
const ofRules: Readonly<Partial<Record<FindingCode, Job>>> = {
  'load.setting-edition': jobOf(
    [circuit({ appliance: charger({ settingA: 32, settingRestricted: true }) })],
    { edition: 2017 },
  ),
  'load.house-voltage': jobOf([circuit()], { house: { ...FRESH_HOUSE, volts: 208 } }),
  'gfci.hvac-date': hvac(2023, null),
  'gfci.hvac-exempt': hvac(2023, '2026-03-02'),
  'gfci.hvac-amendment': hvac(2020, '2022-06-01'),
  'drop.total': jobOf([
    circuit({
      ...withPlate('hot-tub', { ...tub, feeds: 'pair' }),
      run: [emt({ lengthFt: 180 })],
      maxDropPct: null,
    }),
    circuit({
      id: 'heater',
      feedId: 'circuit',
      ...withPlate('hot-tub', { volts: 240, neutral: false, breakerA: 30, part: 'heater' }),
      run: [emt({ lengthFt: 120 })],
      maxDropPct: null,
    }),
  ]),
  'edition.unverified': jobOf([circuit()], { edition: 2026 }),
  'welder.only': jobOf(
    [circuit(withPlate('welder', { inputAmps: 40, dutyPct: 20, volts: 240, type: 'arc' }))],
    { practices: { ...DEFAULT_PRACTICES, welderGeneralUse: false } },
  ),
  'disconnect.spa-emergency': jobOf([circuit(withPlate('hot-tub', tub))], { occupancy: 'two-family' }),
  'method.forbidden': jobOf(
    [circuit({ run: [segment({ place: 'garage' })] })],
    amendedBy({ kind: 'forbid-method', method: 'nm-b', place: 'garage' }),
  ),
  'ocpd.none': jobOf([circuit({ appliance: load({ amps: 5000, continuousAmps: 5000 }) })]),
  'gfci.required': jobOf([
    circuit({
      appliance: charger({ outputAmps: 32, connection: 'receptacle' }),
      site: { groundFault: 'none' },
    }),
  ]),
  'afci.required': jobOf([
    circuit({
      ...withPlate('receptacle', { amps: 20, count: 2, place: 'bedroom' }),
      site: { arcFault: 'none' },
    }),
  ]),
  'conductor.short-part': jobOf([
    circuit({
      appliance: charger({ outputAmps: 32 }),
      run: [emt({ id: 'a', lengthFt: 60 }), emt({ id: 'b', lengthFt: 6, ambientC: 50 })],
    }),
  ]),
  'method.corrosive': jobOf([circuit({ run: [segment({ place: 'corrosive' })] })]),
  'conductor.practice': jobOf(
    [
      circuit({
        ...withPlate('mini-split', { mca: 18, mocp: 30, volts: 240 }),
        run: [emt()],
        pins: { size: '12' },
      }),
    ],
    { practices: { ...DEFAULT_PRACTICES, matchBreaker: true } },
  ),
  'conductor.not-in-tables': jobOf([circuit({ run: [segment({ method: 'ser' })] })]),
  'raceway.none': jobOf([
    circuit({
      appliance: load({ amps: 280, continuousAmps: 0, neutral: true }),
      run: [segment({ method: 'lfnc' })],
    }),
  ]),
  'raceway.jam': jobOf([
    circuit({
      appliance: load({ amps: 160, continuousAmps: 160, neutral: true }),
      run: [emt({ bendsDeg: 90 })],
      pins: { size: '250', trade: '2' },
    }),
  ]),
  'local.requirement': jobOf([circuit()], amendedBy({ kind: 'requirement', text: 'Engraved plates.' })),
  'conductor.below-local': jobOf(
    [circuit({ appliance: charger({ outputAmps: 8 }), pins: { size: '14' } })],
    amendedBy({ kind: 'smallest-copper', size: '12' }),
  ),
};

const ofCircuits = [
  ...raisedBySizes,
  ...raisedByMotors,
  ...raisedByOutlet,
  ...raisedByExisting,
  ...raisedByBuildings,
].map(([code, , given]): readonly [FindingCode, Job] => [code, jobOf([circuit(given)])]);

/** A job for each finding, by its code: the first that raises it. */
export const jobExamples: ReadonlyMap<string, Job> = new Map<string, Job>([
  [
    'conductor.spacing',
    jobOf(
      ['a', 'b', 'c'].map((id) =>
        circuit({
          id,
          name: id,
          appliance: kiln,
          run: [trench({ method: 'uf-b', shares: { trench: 't' } })],
        }),
      ),
      LOCATED,
    ),
  ],
  ...ofCircuits.toReversed(),
  ...Object.entries(ofRules),
  ...Object.entries(ofRoutes),
  ...Object.entries(ofHouses),
  ...Object.entries(raisedByWater),
  ...Object.entries({
    'check.danger': { readings: [{ at: 'A', pair: 'L2G' as const, on: false, volts: 240 }] },
    'check.reading': { readings: [{ at: 'A', pair: 'L1G' as const, on: false, volts: 60 }] },
    'check.figure': { insulationMohm: 0.5 },
    'check.torque': { left: 'locked' as const },
    'check.left-on': { left: 'on' as const },
  }).map(([code, part]): readonly [string, Job] => [
    code,
    jobOf([circuit()], { checks: [{ ...freshCheck('circuit'), ...part }] }),
  ]),
  [
    'work.refused',
    jobOf([circuit()], {
      days: {
        ...daysDocument.fresh,
        gates: [
          { id: 'rough-in', booked: null, until: null, passed: null, failed: 'Box over full', photos: [] },
        ],
      },
    }),
  ],
  [
    'work.unmarked',
    jobOf([circuit({ appliance: kiln, run: [trench()] })], {
      days: { ...daysDocument.fresh, done: [{ id: 'dig circuit 0', hours: 2, on: '2026-03-20' }] },
    }),
  ],
  [
    'work.before-inspection',
    jobOf([circuit({ appliance: kiln, run: [trench()] })], {
      days: { ...daysDocument.fresh, done: [{ id: 'backfill circuit 0', hours: 2, on: '2026-03-20' }] },
    }),
  ],
]);
