import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { panelFindings } from '../../../src/core/panel/panelFindings';
import { panelUnknowns } from '../../../src/core/panel/panelUnknowns';
import { freshPanel, type Panel } from '../../../src/core/panel/panelSchema';
import type { Wanted } from '../../../src/core/panel/spaces';
import { bestSwap, legLoads } from '../../../src/core/panel/legBalance';
import { barCounts } from '../../../src/core/panel/barCounts';
import { directory } from '../../../src/core/panel/directory';
import { found } from '../../../src/core/panel/spaces';
import { FRESH_HOUSE } from '../../../src/core/service/freshHouse';
import type { House } from '../../../src/core/service/houseSchema';
import { serviceFindings } from '../../../src/core/service/serviceFindings';
import { serviceReport } from '../../../src/core/service/serviceReport';
import { unknownWords } from '../../../src/core/wording/panelWords';
import { findingSentence } from '../../../src/core/wording/findings';
import type { panelCatalog } from '../../../src/core/findings/panelCatalog';
import type { serviceCatalog } from '../../../src/core/findings/serviceCatalog';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { circuit, context, segment } from '../../support/circuits';
import { measuredHouse } from '../../support/houses';
import { panel, placed, wanted } from '../../support/panels';

type HouseFindingCode = keyof typeof panelCatalog | keyof typeof serviceCatalog;

const code = edition(2023);
const EV = circuit({ id: 'ev', run: [segment({})] });

const ofPanel = (
  about: Panel,
  needs: readonly Wanted[] = [],
  faultA: number | null = null,
  feederVA: number | null = null,
) =>
  panelFindings({
    feederVA,
    panel: about,
    wanted: needs,
    solved: new Map([['ev', solveCircuit(EV, context())]]),
    faultA,
    code,
  });
const ofHouse = (part: Partial<House>) => {
  const about: House = { ...FRESH_HOUSE, areaFt2: 1800, ratingA: 200, ...part };
  return serviceFindings(
    about,
    serviceReport(about, undefined, [{ circuitId: 'ev', what: 'EV charger', va: 11520, kind: 'ev' }], code),
    code,
  );
};
const full = '1 20 a; 2 20 b; 3 20 c; 4 20 d; 5 20 e; 6 20 f; 7 20 g; 8 20 h';
const pair = [wanted('ev', 2)];

type Row = readonly [
  HouseFindingCode,
  string,
  string,
  () => ReturnType<typeof ofPanel>,
  () => ReturnType<typeof ofPanel>,
];

/** Every code: its severity, its sentence, what raises it, and the mended twin in which it is silent. */
const ROWS: readonly Row[] = [
  [
    'service.unknown',
    'ask',
    'Read the rating of the main',
    () => ofHouse({ ratingA: null }),
    () => ofHouse({}),
  ],
  [
    'service.overload',
    'stop',
    'more than the 50 A of the main breaker',
    () => ofHouse({ ratingA: 50 }),
    () => ofHouse({}),
  ],
  [
    'service.tight',
    'check',
    'are left of 60 A',
    () => ofHouse({ ratingA: 60 }),
    () => ofHouse({ ratingA: 125 }),
  ],
  [
    'service.least',
    'ask',
    'has 100 A at least; this service has 60 A',
    () => ofHouse({ ratingA: 60 }),
    () => ofHouse({ ratingA: 100 }),
  ],
  [
    'service.sharing',
    'ask',
    'EV charger shares with another load',
    () => ofHouse({ sharing: { circuitId: 'ev', loadId: 'x' } }),
    () => ofHouse({}),
  ],
  ['service.managed', 'ask', 'keeps the service to 80 A', () => ofHouse({ managedA: 80 }), () => ofHouse({})],
  [
    'demand.too-short',
    'stop',
    '70 days; 365 are needed',
    () => ofHouse(measuredHouse({ problems: ['too-short'], days: 70 })),
    () => ofHouse(measuredHouse({})),
  ],
  [
    'demand.hourly',
    'ask',
    'judgement and not code',
    () => ofHouse(measuredHouse({ problems: ['hourly'], intervalMinutes: 60 })),
    () => ofHouse(measuredHouse({})),
  ],
  [
    'demand.season',
    'ask',
    'from 2025-04-01 to 2025-05-01',
    () => ofHouse(measuredHouse({ problems: ['season'] })),
    () => ofHouse(measuredHouse({})),
  ],
  [
    'demand.gaps',
    'check',
    'may be among them',
    () => ofHouse(measuredHouse({ problems: ['gaps'] })),
    () => ofHouse(measuredHouse({})),
  ],
  [
    'demand.export',
    'stop',
    'flowed back',
    () => ofHouse(measuredHouse({ problems: ['export'] })),
    () => ofHouse(measuredHouse({})),
  ],
  [
    'demand.unit',
    'ask',
    "is no dwelling's",
    () => ofHouse(measuredHouse({ problems: ['unit'], peakA: 900 })),
    () => ofHouse(measuredHouse({})),
  ],
  [
    'panel.no-space',
    'stop',
    '2 spaces wanted, none free',
    () => ofPanel(panel({ typed: full }), pair),
    () => ofPanel(panel({ typed: '1 20 a' }), pair),
  ],
  [
    'panel.unplaced',
    'ask',
    '1 circuit has no place',
    () => ofPanel(panel({}), pair),
    () => ofPanel(panel(placed(1)), pair),
  ],
  [
    'panel.too-many-circuits',
    'stop',
    '3 poles are more than the 2',
    () => ofPanel(panel({ typed: '2 20 a', mostPoles: 2, ...placed(1) }), pair),
    () => ofPanel(panel({ typed: '2 20 a', mostPoles: 3, ...placed(1) }), pair),
  ],
  [
    'panel.tandem-not-allowed',
    'stop',
    'Space 5 does not take two',
    () => ofPanel(panel({ ...placed(5, 'a') }), [wanted('ev', 1)]),
    () => ofPanel(panel({ ...placed(5, 'a'), tandems: [{ from: 5, to: 5 }] }), [wanted('ev', 1)]),
  ],
  [
    'panel.tandem-unknown',
    'ask',
    'none is taken to',
    () => ofPanel(panel({ typed: full, tandems: null }), pair),
    () => ofPanel(panel({ typed: full }), pair),
  ],
  [
    'panel.clash',
    'stop',
    'Space 1 is taken twice',
    () => ofPanel(panel({ typed: '1 20 a', ...placed(1) }), pair),
    () => ofPanel(panel({ typed: '2 20 a', ...placed(1) }), pair),
  ],
  [
    'panel.same-leg',
    'stop',
    'on one leg: 0 V',
    () => ofPanel(panel({ ...placed(1, 'a') }), pair),
    () => ofPanel(panel({ ...placed(1) }), pair),
  ],
  [
    'panel.breaker-not-listed',
    'ask',
    'which breaker types',
    () => ofPanel(panel({ listings: [] }), pair),
    () => ofPanel(panel({}), pair),
  ],
  [
    'panel.neutrals-mixed',
    'stop',
    'The bond stays until a ground is run. With the feeder off, locked and proved dead: run the ground, separate the bars, then take the screw out.',
    () => ofPanel(panel({ role: 'subpanel', bondingScrew: 'in', building: 'same', feedWires: 3 })),
    () => ofPanel(panel({ role: 'subpanel', neutrals: 'apart', bondingScrew: 'out' })),
  ],
  [
    'panel.neutral-shared-terminal',
    'stop',
    'Two neutrals under one screw',
    () => ofPanel(panel({ neutralsShare: true })),
    () => ofPanel(panel({})),
  ],
  [
    'panel.unlabelled',
    'check',
    'what space 1 feeds',
    () => ofPanel(panel({ typed: '1 20 plugs' })),
    () => ofPanel(panel({ typed: '1 20 Den outlets' })),
  ],
  [
    'panel.openings',
    'stop',
    '2 openings without a filler',
    () => ofPanel(panel({ openings: 2 })),
    () => ofPanel(panel({})),
  ],
  [
    'panel.bus-below-main',
    'stop',
    'bus of 125 A is less than the main of 200 A',
    () => ofPanel(panel({ busA: 125 })),
    () => ofPanel(panel({})),
  ],
  [
    'panel.feeder-load',
    'check',
    'come to 11520 VA; its feeder is computed for 9000 VA',
    () => ofPanel(panel(placed(1)), [wanted('ev', 2, { va: 11520 })], null, 9000),
    () => ofPanel(panel(placed(1)), [wanted('ev', 2, { va: 11520 })], null, 11520),
  ],
  [
    'panel.no-main',
    'ask',
    'No main was read',
    () => ofPanel(panel({ mainA: null, typed: full })),
    () => ofPanel(panel({ typed: full })),
  ],
  [
    'panel.lug-range',
    'stop',
    'The lugs take 14 AWG to 10 AWG, not',
    () => ofPanel(panel({ lugFrom: '14', lugTo: '10' }), pair),
    () => ofPanel(panel({}), pair),
  ],
  [
    'panel.interrupting-rating',
    'stop',
    '14 kA may flow in a fault; the panel interrupts 10 kA',
    () => ofPanel(panel({}), [], 14000),
    () => ofPanel(panel({ interruptingKA: 22 }), [], 14000),
  ],
  [
    'panel.interrupting-unknown',
    'ask',
    'Read the interrupting rating',
    () => ofPanel(panel({ interruptingKA: null }), [], 5000),
    () => ofPanel(panel({}), [], 5000),
  ],
  [
    'service.unbalanced',
    'check',
    '40 A apart',
    () => ofPanel(panel({ typed: '1 20 a 2400 VA; 2 20 b 2400 VA' })),
    () => ofPanel(panel({ typed: '1 20 a 2400 VA; 3 20 b 2400 VA' })),
  ],
];

describe('every finding about service and panel', () => {
  test.each(ROWS)(
    '%s is a %s, says so, and is silent in the mended twin',
    (name, severity, sentence, raised, mended) => {
      const finding = raised().find((each) => each.code === name);
      expect(finding?.severity).toBe(severity);
      expect(finding === undefined ? '' : findingSentence(finding)).toContain(sentence);
      expect(finding?.cite.section).toMatch(/\d|^practice$/);
      expect(mended().map((each) => each.code)).not.toContain(name);
    },
  );

  test('a service without its bond is a stop as well', () => {
    const codes = ofPanel(panel({ neutrals: 'apart', bondingScrew: 'out', serviceDisconnect: 'here' }));
    expect(codes.map(findingSentence)).toContain(
      'The service has no bond between neutral and ground. The line side stays live with the main off: the bond goes in with the utility off.',
    );
  });

  test('nothing is wrong with a good panel', () => {
    expect(ofPanel(panel({ typed: '1 20 Den outlets; 3 20 Hall lights' }))).toEqual([]);
  });
});

describe('what is still unknown of a panel', () => {
  test('all of it on a fresh one, nothing on a surveyed one, each with what it blocks', () => {
    const unknown = panelUnknowns(freshPanel('p', 'Panel', 'service', null));
    expect(unknown).toHaveLength(10);
    expect(unknown.every((each) => unknownWords[each].blocks.length > 10)).toBe(true);
    expect(panelUnknowns(panel({ typed: '1 20 a', tandems: [], knockouts: [] }))).toEqual([]);
  });
});

describe('the legs of a panel', () => {
  test('known loads count, unknown ones half of their rating; two poles load both legs alike', () => {
    const severity = found(panel({ typed: '1 20 a 1500 VA; 3 15 b; 5,7 2p30 c' }));
    expect(legLoads(severity)).toMatchObject({ aVA: 1500, bVA: 900, assumed: 1, apartPct: 40 });
  });
  test('the best swap brings them nearest, and there is none where none helps', () => {
    const severity = found(panel({ typed: '1 20 a 2000 VA; 2 20 b 1000 VA; 3 20 c 600 VA' }));
    expect(bestSwap(severity)).toMatchObject({ one: { id: 'at-1' }, other: { id: 'at-3' }, apartVA: 400 });
    expect(bestSwap(found(panel({ typed: '1 20 a 1000 VA; 3 20 b 1000 VA' })))).toBeUndefined();
  });
});

describe('the bars of a panel', () => {
  test('a neutral for every single pole and shared neutral, a ground for every circuit', () => {
    const severity = found(panel({ typed: '1 20 a; 3,5 2p30 dryer; 2,4 mw20 counter' }));
    expect(barCounts(severity, new Map())).toEqual({ neutrals: 2, grounds: 3 });
  });
});

describe('a directory', () => {
  test.each([
    ['', 'empty'],
    ['Plugs', 'vague'],
    ["Sam's room", 'person'],
    ['Den outlets', null],
  ] as const)('“%s” is %s', (name, unclear) => {
    expect(directory(found(panel({ typed: `1 20 ${name}` })))[0]?.unclear).toBe(unclear);
  });
  test('two lines that say the same are told apart by neither', () => {
    expect(directory(found(panel({ typed: '1 20 Hall; 3 20 hall' }))).map(({ unclear }) => unclear)).toEqual([
      'twice',
      'twice',
    ]);
  });
  test('lines stand in the order of the spaces, halves after each other', () => {
    const lines = directory(found(panel({ typed: '5 20 e; 4 20/20 b, c; 1,3 2p30 a' })));
    expect(lines.map(({ spaces }) => spaces)).toEqual(['1, 3', '4a', '4b', '5']);
  });
});

test.each([
  [14_000, 10, null, ['panel.interrupting-rating']],
  [14_000, 10, 14, ['panel.series-rated']],
  [14_001, 10, 14, ['panel.interrupting-rating']],
  [22_000, 10, 14, ['panel.interrupting-rating']],
  [10_000, 10, 14, []],
] as const)(
  '%i A available, %i kA by itself, series rated %s kA (110.9, 240.86)',
  (faultA, interruptingKA, seriesRatedKA, codes) => {
    const found = ofPanel(panel({ interruptingKA, seriesRatedKA }), [], faultA);
    const said = found.map(({ code: each }) => each).filter((each) => /interrupting|series/.test(each));
    expect(said).toEqual(codes);
  },
);
