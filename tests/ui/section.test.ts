import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { familyList, freshAppliance } from '../../src/core/appliances/registry';
import { circuitSchema } from '../../src/core/circuit/circuitSchema';
import { METHODS, type MethodId } from '../../src/core/code/methods';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import { sectionGeometry } from '../../src/core/route/sectionGeometry';
import { placeWords, type Box } from '../../src/ui/pictures/placeWords';
import { applianceBox, appliancePlace, bodyBoxes } from '../../src/ui/pictures/sectionBodies';
import type { DrawnSection } from '../../src/ui/pictures/sectionDrawing';
import { sectionFacts } from '../../src/ui/pictures/sectionFacts';
import { sectionLabels } from '../../src/ui/pictures/sectionLabels';
import { sectionRoom, sectionScale } from '../../src/ui/pictures/sectionScale';
import { sectionWordsWanted } from '../../src/ui/pictures/sectionWords';
import { drawnZones } from '../../src/ui/pictures/sectionZones';
import { silhouettes } from '../../src/ui/pictures/silhouettes/silhouettes';
import { stationNotes } from '../../src/ui/pictures/stationNotes';
import { circuit, segment } from '../support/circuits';
import { jobOf } from '../support/jobs';
import { runs } from '../support/luck';

const anySegment = fc.record({
  method: fc.constantFrom(...(Object.keys(METHODS) as MethodId[])),
  place: fc.constantFrom('indoor', 'attic', 'garage', 'outdoor', 'underground'),
  lengthFt: fc.integer({ min: 2, max: 240 }),
  heightFt: fc.integer({ min: -3, max: 12 }),
  endHeightFt: fc.integer({ min: -1, max: 9 }),
});
const anyCircuit = fc.record({
  family: fc.constantFrom(...familyList.map(({ id }) => id)),
  name: fc.constantFrom<string>(
    'Hot tub, deck',
    'EV charger',
    'A very long name of an appliance in the far barn',
  ),
  startHeightFt: fc.integer({ min: 0, max: 8 }),
  run: fc.array(anySegment, { minLength: 1, maxLength: 8 }),
  disconnectFt: fc.option(fc.integer({ min: 1, max: 60 }), { nil: undefined }),
});
type AnyCircuit = typeof anyCircuit extends fc.Arbitrary<infer T> ? T : never;

const WIDTHS = [1280, 820, 720, 640];

function drawnAt(about: AnyCircuit, widthPx: number): DrawnSection {
  const made = circuitSchema.parse(
    circuit({
      name: about.name,
      appliance: freshAppliance(about.family),
      startHeightFt: about.startHeightFt,
      run: about.run.map((each, at) => segment({ id: `s${at}`, ...each })),
      site:
        about.disconnectFt === undefined ? {} : { disconnectFt: about.disconnectFt, disconnectInSight: true },
    }),
  );
  const evaluation = evaluateJob(jobOf([made]));
  const [view] = evaluation.circuits;
  if (view === undefined) throw new Error('No circuit.');
  const { report, open } = evaluation.routeOf(view);
  const geometry = sectionGeometry(made.run, made.startHeightFt);
  const scale = sectionScale(geometry, sectionRoom(widthPx, 214));
  return {
    geometry,
    scale,
    zones: drawnZones(geometry, scale),
    labels: sectionLabels({ ...view, onRoute: open }),
    stationNotes: stationNotes(report),
    ...sectionFacts(view, geometry),
    highlighted: null,
    widthPx,
    heightPx: 214,
  };
}

const meet = (a: Box, b: Box): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

describe('the words of the section', () => {
  test('over random runs no words cover others, nor what is drawn, nor leave the picture', () => {
    fc.assert(
      fc.property(anyCircuit, fc.constantFrom(...WIDTHS), (about, widthPx) => {
        const drawn = drawnAt(about, widthPx);
        const room = { left: 0, top: 0, right: widthPx, bottom: 214 };
        const placed = placeWords(sectionWordsWanted(drawn), room, bodyBoxes(drawn));
        for (const [at, { box }] of placed.entries()) {
          expect(box.left).toBeGreaterThanOrEqual(0);
          expect(box.right).toBeLessThanOrEqual(widthPx);
          for (const other of placed.slice(at + 1)) expect(meet(box, other.box)).toBe(false);
          for (const body of bodyBoxes(drawn)) expect(meet(box, body)).toBe(false);
        }
      }),
      runs(60),
    );
  });

  test('panel and appliance are always named on a run of usual length', () => {
    for (const { id } of familyList) {
      const drawn = drawnAt(
        {
          family: id,
          name: 'Appliance',
          startHeightFt: 5,
          run: [{ method: 'pvc40', place: 'outdoor', lengthFt: 60, heightFt: 1, endHeightFt: 3 }],
          disconnectFt: 8,
        },
        1280,
      );
      const room = { left: 80, top: 2, right: 1278, bottom: 212 };
      const keys = placeWords(sectionWordsWanted(drawn), room, bodyBoxes(drawn)).map(({ key }) => key);
      expect(keys, id).toEqual(expect.arrayContaining(['panel', 'appliance', 'segment 0']));
    }
  });

  test('words that find no place are left out, the first wanted keeps its own', () => {
    const lines = [{ text: 'Panel', style: 'strong' as const }];
    const spots = [{ x: 10, y: 20, anchor: 'start' as const }];
    const room = { left: 0, top: 0, right: 100, bottom: 100 };
    const placed = placeWords(
      [
        { key: 'one', lines, spots },
        { key: 'two', lines, spots },
      ],
      room,
      [],
    );
    expect(placed.map(({ key }) => key)).toEqual(['one']);
  });
});

describe('what stands along the run', () => {
  test('every family has a silhouette within its own bounds', () => {
    for (const { id } of familyList) {
      const { widthFt, topFt, bottomFt, parts } = silhouettes[id];
      expect(parts.length, id).toBeGreaterThan(1);
      expect(widthFt).toBeGreaterThan(0.5);
      expect(topFt).toBeGreaterThan(bottomFt);
    }
  });

  test.each([
    [40, 1280],
    [15, 1280],
    [600, 640],
  ])(
    'an appliance beside %d ft at %d px is never under 9 by 12 px nor out of the picture',
    (lengthFt, widthPx) => {
      for (const { id } of familyList) {
        const drawn = drawnAt(
          {
            family: id,
            name: id,
            startHeightFt: 5,
            run: [{ method: 'emt', place: 'indoor', lengthFt, heightFt: 8, endHeightFt: 4 }],
            disconnectFt: undefined,
          },
          widthPx,
        );
        const { left, right, top, bottom } = applianceBox(drawn);
        expect(right - left, id).toBeGreaterThanOrEqual(9);
        expect(bottom - top, id).toBeGreaterThanOrEqual(12);
        expect(right, id).toBeLessThanOrEqual(widthPx);
        expect(appliancePlace(drawn).perFtAlong / appliancePlace(drawn).perFtUp, id).toBeLessThanOrEqual(
          1.41,
        );
      }
    },
  );

  test('a spa panel stands as far from the tub as was measured', () => {
    const tub = {
      family: 'hot-tub' as const,
      name: 'Tub',
      startHeightFt: 5,
      run: [
        { method: 'pvc40' as const, place: 'outdoor' as const, lengthFt: 50, heightFt: 1, endHeightFt: 1 },
      ],
    };
    const { disconnect, geometry } = drawnAt({ ...tub, disconnectFt: 10 }, 1280);
    expect(disconnect).toMatchObject({
      kind: 'spa-panel',
      name: 'Spa panel',
      note: '50 A GFCI',
      heightFt: 4.5,
    });
    expect(geometry.widthFt - (disconnect?.xFt ?? 0)).toBeCloseTo(10, 5);
    expect(drawnAt({ ...tub, disconnectFt: undefined }, 1280).disconnect).toBeNull();
  });
});
