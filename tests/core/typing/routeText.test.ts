import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { SLEEVES, type Segment } from '../../../src/core/circuit/circuitSchema';
import { USUAL_DESIGN } from '../../../src/core/circuit/jobDefaults';
import { STATION_KINDS } from '../../../src/core/code/routeKinds';
import { usualStation } from '../../../src/core/circuit/stations';
import { METHOD_IDS, ENVIRONMENTS } from '../../../src/core/code/methods';
import { BURIAL_PLACES } from '../../../src/core/code/burialPlaces';
import { readRoute, type TypedSegment } from '../../../src/core/typing/readRoute';
import { printRoute, routeCompletions, withTypedRoute } from '../../../src/core/typing/routeText';
import { circuit, segment } from '../../support/circuits';

const read = (text: string): readonly TypedSegment[] => {
  const typed = readRoute(text, 5);
  if (!typed.ok) throw new Error(typed.message);
  return typed.segments;
};

const message = (text: string): string => {
  const typed = readRoute(text, 5);
  return typed.ok ? '' : typed.message;
};

describe('a way by typing', () => {
  test('the example of the field: joists, a box, down the wall, the trench, the whip', () => {
    expect(read('nm 38 joists, box, emt 12 down wall, pvc 45 trench 18, lfnc 4')).toMatchObject([
      { method: 'nm-b', lengthFt: 38, place: 'indoor', heightFt: 8, endHeightFt: 6, station: 'box' },
      { method: 'emt', lengthFt: 12, place: 'indoor', heightFt: 6, endHeightFt: 1, station: null },
      { method: 'pvc40', lengthFt: 45, place: 'underground', heightFt: -1.5, endHeightFt: 2 },
      { method: 'lfnc', lengthFt: 4, place: 'outdoor', endHeightFt: 4 },
    ]);
  });

  test('what is not said of a place follows from where the run came from', () => {
    expect(read('uf 80 trench 24, nm 20').map(({ place }) => place)).toEqual(['underground', 'indoor']);
    expect(read('uf 80 trench 24, uf 20').map(({ place }) => place)).toEqual(['underground', 'underground']);
    expect(read('nm 20 attic, emt 9, emt 4').map(({ place }) => place)).toEqual([
      'attic',
      'indoor',
      'indoor',
    ]);
  });

  test.each([
    ['pvc sch 80 12 outside', { method: 'pvc80', place: 'outdoor', lengthFt: 12 }],
    ['emt 12\'6" garage 2 bends', { lengthFt: 12.5, place: 'garage', bendsDeg: 180 }],
    ['rmc 30 driveway', { method: 'rmc', place: 'underground', burial: 'driveway' }],
    ['UF 80 trench 24 bored', { method: 'uf-b', heightFt: -2, bored: true }],
    ['uf 80 buried', { heightFt: -2 }],
    ['emt 9 up wall 90°', { endHeightFt: 9, bendsDeg: 90 }],
    ['nm 20 attic carrying 6 sleeve emt', { place: 'attic', currentCarrying: 6, sleeve: 'emt' }],
    ['emt 20 at 7 to 3', { heightFt: 7, endHeightFt: 3 }],
    ['nm 20 crawl', { place: 'damp', heightFt: 1.5 }],
  ])('"%s"', (text, expected) => {
    expect(read(text)[0]).toMatchObject(expected);
  });

  test.each([
    ['wire 20', /"wire" is neither a method nor a station: start with nm, uf/],
    ['nm joists', /After nm comes its length in feet, 0.5 to 2000, as in "nm 38"/],
    ['nm 0.2', /After nm comes its length/],
    ['nm 38 sideways', /"sideways" was not understood: say where it runs/],
    ['box, nm 20', /A station stands between two segments/],
    ['nm 20, box', /A station stands between two segments/],
    ['nm 20, box, lb, emt 9', /A station stands between two segments/],
    ['', /Type segments with commas between/],
    [Array.from({ length: 13 }, () => 'nm 5').join(', '), /12 segments at most/],
    ['nm 20 at 99', /"at 99" was not understood/],
  ])('refuses "%s" and says what is accepted', (text, told) => {
    expect(message(text)).toMatch(told);
  });

  const anySegment: fc.Arbitrary<Partial<Segment>> = fc
    .record({
      method: fc.constantFrom(...METHOD_IDS),
      lengthFt: fc.integer({ min: 2, max: 4000 }).map((each) => each / 2),
      place: fc.constantFrom(...ENVIRONMENTS),
      heightFt: fc.integer({ min: -24, max: 24 }).map((each) => each / 2),
      endHeightFt: fc.integer({ min: -4, max: 24 }).map((each) => each / 2),
      bendsDeg: fc.integer({ min: 0, max: 40 }).map((each) => each * 9),
      currentCarrying: fc.option(fc.integer({ min: 1, max: 60 })),
      burial: fc.option(fc.constantFrom(...BURIAL_PLACES.filter((place) => place !== 'yard')), {
        nil: undefined,
      }),
      bored: fc.constantFrom(true, undefined),
      sleeve: fc.option(fc.constantFrom(...SLEEVES), { nil: undefined }),
      kind: fc.option(fc.constantFrom(...STATION_KINDS), { nil: undefined }),
    })
    .map(({ kind, ...part }) => (kind === undefined ? part : { ...part, end: { kind } }));

  test('what is printed reads back as the same way', () => {
    fc.assert(
      fc.property(fc.array(anySegment, { minLength: 1, maxLength: 12 }), (parts) => {
        const of = circuit({ run: parts.map((part, at) => segment({ ...part, id: String(at) })) });
        const back = read(printRoute(of));
        expect(back).toHaveLength(of.run.length);
        for (const [index, typed] of back.entries()) {
          const was = of.run[index]!;
          const next = of.run[index + 1];
          const { method, lengthFt, place, endHeightFt, bendsDeg, currentCarrying, burial, sleeve } = was;
          expect(typed).toMatchObject({
            method,
            lengthFt,
            place,
            endHeightFt,
            bendsDeg,
            currentCarrying,
            burial,
            sleeve,
          });
          expect(typed.heightFt).toBeCloseTo(was.heightFt, 3);
          expect(typed.bored).toBe(was.bored === true);
          const kind = next === undefined ? undefined : was.end?.kind;
          expect(typed.station).toBe(kind === undefined || kind === usualStation(was, next!) ? null : kind);
        }
      }),
    );
  });

  test('typing over a way keeps what else was known of segments that stay', () => {
    const of = circuit({
      run: [
        segment({ id: 'a', edgeIn: 1, ambientC: 35 }),
        segment({
          id: 'b',
          method: 'pvc40',
          place: 'underground',
          shares: { trench: 'w' },
          end: { boxIn3: 30 },
        }),
      ],
    });
    const typed = withTypedRoute(
      of,
      read('nm 44 joists, pull box, pvc 60 trench 24, lfnc 6'),
      USUAL_DESIGN,
      () => 'new',
    );
    expect(typed.run[0]).toMatchObject({
      id: 'a',
      lengthFt: 44,
      edgeIn: 1,
      ambientC: 35,
      end: { kind: 'pull-box' },
    });
    expect(typed.run[1]).toMatchObject({ id: 'b', heightFt: -2, shares: { trench: 'w' } });
    expect(typed.run[2]).toMatchObject({ id: 'new', ambientC: USUAL_DESIGN.outdoor });
    const changed = withTypedRoute(of, read('emt 44 garage'), USUAL_DESIGN, () => 'new');
    expect(changed.run).toEqual([
      expect.objectContaining({ id: 'a', method: 'emt', ambientC: USUAL_DESIGN.garage }),
    ]);
    expect(changed.run[0]).not.toHaveProperty('edgeIn');
  });

  test('completions go by what may come next', () => {
    expect(routeCompletions('p')).toEqual(['pvc40 20', 'pvc80 20', 'pvc 20']);
    expect(routeCompletions('nm 38 jo')).toEqual(['nm 38 joists']);
    expect(routeCompletions('nm 38 joists, bo')).toEqual(['nm 38 joists, box', 'nm 38 joists, body']);
    expect(routeCompletions('nm 38')).toEqual([]);
    for (const text of ['', 'e', 'nm 38 tr', 'nm 38 joists, ']) {
      for (const each of routeCompletions(text))
        expect(readRoute(each.endsWith('box') ? `${each}, emt 5` : each, 5).ok || each.includes(', ')).toBe(
          true,
        );
    }
  });
});
