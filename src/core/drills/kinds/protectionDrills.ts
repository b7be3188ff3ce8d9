import { DEFAULT_PRACTICES } from '../../circuit/jobDefaults';
import { newCircuit, newSegment } from '../../circuit/newCircuit';
import { solveCircuit } from '../../circuit/solveCircuit';
import { cite, edition, type Edition, type EditionYear } from '../../code/edition';
import type { Location } from '../../code/locations';
import type { Appliance } from '../../appliances/registry';
import { numberAnswer as n, wrongRules, type Drill, type Tried } from '../drill';
import type { Lots } from '../lots';

const YEARS: readonly EditionYear[] = [2017, 2020, 2023];
const PLACES: readonly (readonly [Location, string])[] = [
  ['garage', 'garage'],
  ['outdoor', 'outdoors'],
  ['kitchen', 'kitchen'],
  ['laundry', 'laundry area'],
  ['basement', 'unfinished basement'],
  ['bedroom', 'bedroom'],
  ['crawl', 'crawl space'],
];
const motor = (hp: number, volts: 120 | 240, connection: 'receptacle' | 'hardwired'): Appliance => ({
  family: 'motor',
  nameplate: { hp, volts, phase: 1, continuous: false, connection },
});
const OUTLETS: readonly (readonly [string, Appliance])[] = [
  ['receptacle of a compressor, 240 V, 20 A', motor(1.5, 240, 'receptacle')],
  ['receptacle of a compressor, 240 V, 50 A', motor(3, 240, 'receptacle')],
  ['receptacle of a saw, 120 V, 20 A', motor(0.5, 120, 'receptacle')],
  ['compressor, 240 V, hardwired', motor(2, 240, 'hardwired')],
];
/** Findings by which the code leaves it open: no question for a drill. */
const OPEN = ['gfci.ask', 'gfci.contested', 'gfci.hvac-date', 'gfci.hvac-amendment'];

const solvedBefore = new Map<string, boolean | undefined>();

/** Whether an outlet needs GFCI protection under an edition; undefined where that is open. Each is solved once. */
function needsGfci(
  name: string,
  appliance: Appliance,
  place: Location,
  year: EditionYear,
): boolean | undefined {
  const key = `${name} ${place} ${year}`;
  if (!solvedBefore.has(key)) solvedBefore.set(key, solvedNeed(appliance, place, year));
  return solvedBefore.get(key);
}

function solvedNeed(appliance: Appliance, place: Location, year: EditionYear): boolean | undefined {
  const circuit = newCircuit('drill', appliance, [newSegment('segment', 'emt', 30, 'indoor')]);
  const solved = solveCircuit(
    { ...circuit, site: { room: place, sinkFt: 20 } },
    {
      code: edition(year),
      practices: DEFAULT_PRACTICES,
      survey: { permitDate: null, occupancy: 'one-family', houseV: 240 },
    },
  );
  if (solved.findings.some(({ code }) => OPEN.includes(code))) return undefined;
  return solved.figures.outlet.gfci.form !== 'none';
}

/** Every outlet in every place under every edition. */
const ASKED = OUTLETS.flatMap(([name, appliance]) =>
  PLACES.flatMap(([place, where]) => YEARS.map((year) => ({ name, appliance, place, where, year }))),
);

const word = (needs: boolean): string => (needs ? 'yes' : 'no');

/** GFCI by place and edition (210.8): solved as any circuit is. */
export function gfciDrill(lots: Lots): Drill {
  const settled = ASKED.filter(
    ({ name: each, appliance: own, place: at, year: then }) => needsGfci(each, own, at, then) !== undefined,
  );
  const { name, appliance, place, where, year } = lots.of(settled);
  const needs = needsGfci(name, appliance, place, year) === true;
  const answer = word(needs);
  const others = YEARS.filter((each) => each !== year).map((each): Tried => {
    const then = needsGfci(name, appliance, place, each);
    return [
      `as-${each}`,
      `as the ${each} code has it`,
      `${each} code`,
      then === undefined ? undefined : word(then),
    ];
  });
  const code = edition(year);
  return {
    plate: 'Outlet',
    lines: [
      ['OUTLET', name],
      ['WHERE', where],
      ['SINK', '20 ft away'],
      ['CODE', String(year)],
    ],
    figures: [
      {
        id: 'gfci',
        name: 'GFCI',
        hint: 'required there?',
        is: { kind: 'word', words: ['yes', 'no'] },
        answer,
        working: `${name}, ${where}, ${year} code`,
        cite: cite(code, 'gfci.place'),
        read: null,
        picks: null,
        wrong: wrongRules(answer, [
          ...others,
          [
            'taken-for-free',
            name.includes('240 V') ? '240 V taken for free of it' : 'a fixed tool taken for free of it',
            'by habit',
            'no',
          ],
          ['every-outlet', 'every outlet taken for covered', 'by habit', 'yes'],
        ]),
        safe: null,
      },
    ],
    tables: [],
  };
}

interface Distance {
  readonly asks: string;
  readonly hint: string;
  readonly ft: (code: Edition) => number;
  readonly section: 'disconnect.motor' | 'disconnect.pool' | 'zone.receptacle' | 'gfci.place';
}

const DISTANCES: readonly Distance[] = [
  {
    asks: 'Disconnect of a motor, in sight',
    hint: 'at most',
    ft: ({ parameters }) => parameters.inSightFt.value,
    section: 'disconnect.motor',
  },
  {
    asks: 'Disconnect of a pool or tub, from the water',
    hint: 'at least',
    ft: ({ parameters }) => parameters.poolDisconnectFt.value,
    section: 'disconnect.pool',
  },
  {
    asks: 'Receptacle, from the water of a pool',
    hint: 'at least',
    ft: ({ parameters }) => parameters.receptacleFromWaterFt.value,
    section: 'zone.receptacle',
  },
  {
    asks: 'Receptacle near a sink: GFCI within',
    hint: 'feet',
    ft: ({ parameters }) => parameters.gfciSinkFt.value,
    section: 'gfci.place',
  },
];
const HABITS = [3, 10, 20, 25] as const;

/** Distances of disconnects and receptacles. */
export function distanceDrill(lots: Lots, code: Edition): Drill {
  const asked = lots.of(DISTANCES);
  const answer = n(asked.ft(code));
  return {
    plate: 'Tape measure',
    lines: [['MEASURED', asked.asks]],
    figures: [
      {
        id: 'distance',
        name: 'Distance',
        hint: asked.hint,
        is: { kind: 'number', unit: 'ft' },
        answer,
        working: asked.asks,
        cite: cite(code, asked.section),
        read: null,
        picks: null,
        wrong: wrongRules(answer, [
          ...DISTANCES.filter((each) => each !== asked).map(({ asks, ft }): Tried => [
            `of ${asks}`,
            `that of: ${asks.toLowerCase()}`,
            'another rule',
            n(ft(code)),
          ]),
          ...HABITS.map((ft): Tried => [`habit-${ft}`, 'a distance of another rule', `${ft} ft`, n(ft)]),
        ]),
        safe: null,
      },
    ],
    tables: [],
  };
}
