import { withSegment } from '../../../src/core/circuit/edits/circuitEdits';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Segment } from '../../../src/core/circuit/circuitSchema';
import { ROUTE_FITTINGS } from '../../../src/core/code/routeKinds';
import { layIntoSticks, STICK_FT } from '../../../src/core/route/cutList';
import { soldAs } from '../../../src/core/route/makeUp';
import { withEnd, withFitting, withRouteOf } from '../../../src/core/circuit/edits/routeEdits';
import { stripRows } from '../../../src/core/route/strip';
import { findingSentence } from '../../../src/core/wording/findings';
import { fixWords } from '../../../src/core/wording/fixes';
import { circuit, load, segment } from '../../support/circuits';
import { after, fixesIn, jobOf } from '../../support/jobs';
import { routeCodes, routeOf, trench } from '../../support/routes';

const LOCATED = { locate: { ticket: 'T-1', date: '2025-06-01' } };

const kiln = load({ amps: 48, continuousAmps: 48 });

describe('boxes', () => {
  const run: Segment[] = [
    segment({ id: 'a', method: 'mc', lengthFt: 31 }),
    segment({ id: 'b', method: 'emt', lengthFt: 12 }),
  ];

  test('a splice of 6 AWG from cable to raceway: 4 × 5.00 and 2.50 for the grounds, the smallest box that holds it', () => {
    const { boxes } = routeOf({ appliance: kiln, run });
    expect(boxes[0]).toMatchObject({ station: 1, kind: 'box', needsIn3: 22.5, hasIn3: null, minIn: null });
    expect(boxes[0]!.box!.in3).toBeGreaterThanOrEqual(22.5);
    expect(boxes[0]!.parts.map(({ in3 }) => in3)).toEqual([10, 10, 2.5]);
  });

  test('clamps inside count one of the largest; a ring adds its volume; a box that is too small is a stop', () => {
    const with_ = (end: Segment['end']) => routeOf({ appliance: kiln, run: [{ ...run[0]!, end }, run[1]!] });
    expect(with_({ clamps: true }).boxes[0]!.needsIn3).toBe(27.5);
    expect(routeCodes(with_({ boxIn3: 21 }))).toContain('box.fill');
    expect(routeCodes(with_({ boxIn3: 21, ringIn3: 3.5 }))).not.toContain('box.fill');
  });

  test('4 AWG goes by length: 6 times the raceway turned, 8 times straight; a body asks for its mark', () => {
    const large = load({ amps: 64, continuousAmps: 64 });
    const pipes = (end: Segment['end']) =>
      routeOf({
        appliance: large,
        run: [segment({ id: 'a', method: 'emt', end }), segment({ id: 'b', method: 'emt' })],
        pins: { trade: '1-1/4' },
      });
    expect(pipes({ kind: 'box' }).boxes[0]!.minIn).toBe(7.5);
    expect(pipes({ kind: 'pull-box' }).boxes[0]!.minIn).toBe(10);
    expect(routeCodes(pipes({ kind: 'pull-box', lengthIn: 8 }))).toContain('box.pull-length');
    const body = pipes({ kind: 'body' }).findings.find(({ code }) => code === 'body.marked');
    expect(body).toMatchObject({ severity: 'ask', data: { minIn: 7.5, trade: '1-1/4' } });
  });

  test('in a pull box conductors that pass count once; a body takes none, and is twice its raceway inside', () => {
    const at = (kind: 'pull-box' | 'body' | 'disconnect') =>
      routeOf({
        appliance: kiln,
        run: [segment({ id: 'a', method: 'emt', end: { kind } }), segment({ id: 'b', method: 'emt' })],
      }).boxes[0]!;
    expect(at('pull-box').needsIn3).toBe(12.5);
    expect(at('body')).toMatchObject({ parts: [], needsIn3: 0, box: null });
    expect(at('body').minAreaIn2).toBeCloseTo(2 * 0.533, 9);
    expect(at('disconnect')).toMatchObject({ parts: [], minAreaIn2: null, minIn: null });
  });

  test('behind a 50 A receptacle two gangs count four of its conductor', () => {
    const range = { family: 'range', nameplate: { kw: 12, volts: 240, connection: 'receptacle' } } as const;
    const box = routeOf({ appliance: range, run: [segment()] }).boxes[0]!;
    expect(box.kind).toBe('appliance');
    expect(box.parts.find(({ what }) => what.startsWith('device'))?.in3).toBe(12);
  });

  test('a trade size is no hole: 3/4 takes 1.109 in', () => {
    const hole = (holeIn: number) =>
      routeOf({ appliance: kiln, run: [{ ...run[0]!, end: { holeIn } }, run[1]!] });
    expect(routeCodes(hole(0.75))).toContain('knockout.size');
    expect(routeCodes(hole(1.109))).not.toContain('knockout.size');
    expect(hole(0.75).boxes[0]!.knockouts).toContainEqual({
      trade: '3/4',
      holeIn: 1.109,
      entering: 'raceway',
    });
  });
});

describe('burial', () => {
  const depth = (part: Partial<Segment>, appliance = kiln) =>
    routeOf({ appliance, run: [trench(part)] }).burials[0]!;

  test.each([
    [{}, 18],
    [{ method: 'rmc' }, 6],
    [{ method: 'uf-b' }, 24],
    [{ burial: 'driveway' }, 18],
    [{ burial: 'street' }, 24],
    [{ burial: 'under-slab' }, 4],
    [{ burial: 'under-building' }, 0],
    [{ burial: 'under-concrete' }, 12],
  ] as const)('%j asks for %d in', (part, coverIn) => {
    expect(depth(part).needs?.coverIn).toBe(coverIn);
  });

  test('a 120 V, 20 A circuit behind a GFCI breaker may lie at 12 in; one with its device at the far end may not', () => {
    const outlet = {
      family: 'receptacle',
      nameplate: { amps: 20, count: 1, place: 'outdoor', serves: 'general' },
    } as const;
    const near = routeOf({ appliance: outlet, run: [trench()], site: { groundFault: 'breaker' } })
      .burials[0]!;
    const far = routeOf({ appliance: outlet, run: [trench()], site: { groundFault: 'receptacle' } })
      .burials[0]!;
    expect([near.needs?.coverIn, far.needs?.coverIn]).toEqual([12, 18]);
  });

  test('too shallow is a stop whose remedy buries it as deep as is asked', () => {
    const of = circuit({ appliance: kiln, run: [trench({ heightFt: -1 })] });
    const job = jobOf([of], LOCATED);
    const [finding] = routeOf(of).findings.filter(({ code }) => code === 'burial.depth');
    expect(findingSentence(finding!)).toBe('12 in of cover; a yard requires 18 in.');
    const [fix] = fixesIn(job, 'burial.depth');
    expect(routeCodes(routeOf(after(job, fix!.command).job.circuits[0]!))).not.toContain('burial.depth');
  });

  test('nothing is dug before the lines are located, and what is bored asks for its listing', () => {
    expect(routeCodes(routeOf({ run: [trench()] }, { located: false }))).toContain('work.before-locate');
    expect(routeCodes(routeOf({ run: [trench({ bored: true })] }))).toEqual(['burial.bored']);
  });

  test('two circuits in one trench lie side by side in it', () => {
    const shares = { trench: 't' };
    const other = circuit({
      id: 'other',
      name: 'Another',
      run: [trench({ method: 'uf-b', heightFt: -2, shares })],
    });
    const { routes, trench: dug } = routeOf({ run: [trench({ shares })] }, { others: [other] }).burials[0]!;
    expect(routes.map(({ name, own, cable }) => [name, own, cable])).toEqual([
      ['A circuit', true, false],
      ['Another', false, true],
    ]);
    expect(dug.depthIn).toBeGreaterThan(26);
  });
});

describe('what the way needs', () => {
  const needs = (run: Segment[], appliance = kiln) =>
    routeOf({ appliance, run }).fittings.map(
      ({ fitting, segment: at, count }) => `${fitting} ${at} ${count}`,
    );

  test('a raceway from a warm room to the cold is sealed, out of the ground at both ends', () => {
    expect(needs([segment({ method: 'emt', place: 'outdoor' })])).toEqual(['seal 0 1']);
    expect(needs([trench()])).toContain('seal 0 2');
    expect(needs([segment({ method: 'emt' })])).toEqual([]);
  });

  test('PVC that grows 1/4 in takes an expansion fitting, 6 ft in the sun does not', () => {
    const wall = (lengthFt: number) =>
      needs([segment({ method: 'pvc40', place: 'outdoor', lengthFt, heightFt: 5, endHeightFt: 5 })]);
    expect(wall(6)).toEqual(['seal 0 1']);
    expect(wall(7)).toEqual(['seal 0 1', 'expansion 0 1']);
  });

  test('buried cable is guarded where it rises, with a bushing, a loop and a ribbon; bored it has no ribbon', () => {
    expect(needs([trench({ method: 'uf-b', heightFt: -2 })])).toEqual([
      'riser 0 2',
      'bushing 0 2',
      'ribbon 0 60',
      's-loop 0 2',
    ]);
    expect(needs([trench({ bored: true })])).toEqual(['seal 0 2', 's-loop 0 2']);
  });

  test('holes nearer than 1-1/4 in to the edge are plated; threaded raceway has bushings', () => {
    expect(needs([segment({ edgeIn: 1, lengthFt: 12 })])).toEqual(['plates 0 9']);
    expect(needs([segment({ edgeIn: 1.25 })])).toEqual([]);
    expect(needs([segment({ method: 'rmc' })])).toEqual(['bushing 0 2']);
  });

  test('whatever is left out becomes a finding, and planning it again takes that away', () => {
    const everything = circuit({
      appliance: kiln,
      run: [
        segment({ id: 'a', edgeIn: 1, end: { kind: 'box' } }),
        segment({ id: 'b', method: 'pvc40', place: 'outdoor', lengthFt: 30, heightFt: 5, endHeightFt: 5 }),
        trench({ id: 'c', method: 'uf-b', heightFt: -2 }),
      ],
    });
    expect(routeCodes(routeOf(everything))).toEqual([]);
    for (const { fitting, segment: at } of routeOf(everything).fittings) {
      const without = withFitting(everything, at, fitting, false);
      const [finding, ...more] = routeOf(without).findings;
      expect(more, fitting).toEqual([]);
      expect(findingSentence(finding!).length).toBeGreaterThan(20);
      const job = jobOf([without], LOCATED);
      const [fix] = fixesIn(job, finding!.code);
      expect(fixWords(fix!.change)).toMatch(/^Plan it: /);
      expect(after(job, fix!.command).job.circuits).toEqual([everything]);
    }
    const seen = new Set(routeOf(everything).fittings.map(({ fitting }) => fitting));
    expect([...seen].sort()).toEqual([...ROUTE_FITTINGS].sort());
  });
});

describe('bends and pulls along the route', () => {
  const pipe = (id: string, part: Partial<Segment> = {}) =>
    segment({ id, method: 'emt', lengthFt: 40, bendsDeg: 270, ...part });

  test('bends past a coupling add up; a body there divides them', () => {
    const coupled = circuit({ appliance: kiln, run: [pipe('a', { end: { kind: 'coupling' } }), pipe('b')] });
    const report = routeOf(coupled);
    expect(report.pulls).toHaveLength(1);
    expect(report.pulls[0]).toMatchObject({ degrees: 540, limitDeg: 360, from: 0, to: 2 });
    expect(report.pulls[0]!.added).toHaveLength(1);
    const job = jobOf([coupled], LOCATED);
    const [fix] = fixesIn(job, 'route.bends');
    const [mended] = after(job, fix!.command).job.circuits;
    expect(routeOf(mended!).pulls.map(({ degrees }) => degrees)).toEqual([270, 270]);
    expect(routeCodes(routeOf(mended!))).toEqual([]);
  });

  test('the hard spot is told from the start of the pull, couplings passed', () => {
    const run = [
      pipe('a', { lengthFt: 50, bendsDeg: 0, heightFt: 5, endHeightFt: 5, end: { kind: 'coupling' } }),
      pipe('b', { lengthFt: 20, bendsDeg: 180, heightFt: 5, endHeightFt: 5 }),
    ];
    const [pull] = routeOf({ appliance: kiln, run }).pulls;
    expect(pull!.hardAtFt).toBeGreaterThan(50);
    expect(pull!.hardAtFt).toBeLessThanOrEqual(60);
  });

  test('cable goes over into raceway in a box; any other fitting is asked about', () => {
    const over = (kind: 'coupling' | 'box') =>
      routeOf({ run: [segment({ id: 'a', end: { kind } }), pipe('b', { bendsDeg: 0 })] });
    expect(routeCodes(over('coupling'))).toEqual(['station.transition']);
    expect(findingSentence(over('coupling').findings[0]!)).toBe(
      'Is this fitting listed to go over from NM-B to EMT? Otherwise it is a box.',
    );
    expect(routeCodes(over('box'))).toEqual([]);
  });

  test('a hard pull of large wire is a check, and the easier end is the one to pull from', () => {
    const heavy = routeOf({
      appliance: load({ amps: 160, continuousAmps: 160 }),
      run: [pipe('a', { lengthFt: 300, bendsDeg: 360 })],
    });
    expect(heavy.findings.find(({ code }) => code === 'pull.tension')?.severity).toBe('check');
    const { forward, back, better, pounds } = heavy.pulls[0]!;
    expect(pounds).toBe(Math.min(forward.pounds, back.pounds));
    expect(better).toBe(back.pounds < forward.pounds ? 'back' : 'forward');
  });

  test('a cable in a sleeve: the circle on its wider side, 53 % at most, and tight before that', () => {
    const sleeved = (part: Partial<Segment>, pins = {}) =>
      routeOf({ run: [segment({ sleeve: 'pvc40', ...part })], pins: { size: '6', ...pins } });
    const [sleeve] = sleeved({}).sleeves;
    expect(sleeve).toMatchObject({ trade: '1' });
    expect(sleeve!.fillPct).toBeCloseTo((((Math.PI / 4) * 0.74 ** 2) / 0.832) * 100, 1);
    expect(routeCodes(sleeved({}))).toContain('raceway.tight');
    expect(routeCodes(sleeved({}, { trade: '3/4' }))).toContain('raceway.sleeve-full');
  });
});

describe('cut list and wire list', () => {
  test('the worked example: 85 ft of cable from panel to box is bought as 100 ft', () => {
    const outlet = {
      family: 'ev',
      nameplate: { outputAmps: 40, volts: 240, connection: 'receptacle', plug: 'three-wire' },
    } as const;
    const { bought, wires } = routeOf({ appliance: outlet, run: [segment({ lengthFt: 85 })] });
    expect(wires[0]).toMatchObject({ cable: 'NM-B 6/2', routeFt: 85, cutFt: 91 });
    expect(bought[0]).toMatchObject({ name: 'NM-B 6/2', coil: true });
    expect(bought[0]!.wantedFt).toBeCloseTo(100.1, 9);
    expect([soldAs(99.55, true), soldAs(100, true), soldAs(251, true), soldAs(78.8, false)]).toEqual([
      100, 100, 251, 79,
    ]);
  });

  test('conductors run unbroken through a body, and end in a box', () => {
    const emt = (id: string, end?: Segment['end']) =>
      segment({ id, method: 'emt', lengthFt: 20, ...(end && { end }) });
    const through = routeOf({
      appliance: kiln,
      run: [emt('a'), emt('b'), emt('c', { kind: 'box' }), emt('d')],
    });
    expect(through.wires.map(({ from, to, routeFt }) => [from, to, routeFt])).toEqual([
      [0, 3, 60],
      [3, 4, 20],
    ]);
    expect(through.bought.map(({ name }) => name)).toEqual(['6 THWN-2 BK', '6 THWN-2 RD', '10 THWN-2 GN']);
  });

  test('of two circuits in one raceway one brings the ground', () => {
    const shares = { raceway: 'w' };
    const of = (id: string, amps: number) =>
      circuit({
        id,
        appliance: load({ amps, continuousAmps: amps }),
        run: [segment({ id: 's', method: 'emt', shares })],
      });
    const grounds = (own: string, other: string, amps: number) =>
      routeOf(of(own, 24), { others: [of(other, amps)] }).bought.filter(({ name }) => name.endsWith('GN'))
        .length;
    expect([grounds('a', 'b', 24), grounds('b', 'a', 24), grounds('a', 'b', 60)]).toEqual([1, 0, 0]);
  });

  test('a piece on hand that ends shorter than its boxes need is a stop', () => {
    const with_ = (pieceFt: number) => routeOf({ run: [segment({ lengthFt: 40, pieceFt })] });
    expect(routeCodes(with_(40.5))).toEqual(['piece.short']);
    expect(routeCodes(with_(41))).toEqual([]);
    expect(findingSentence(with_(40).findings[0]!)).toContain('41 ft');
  });

  const anySegment = fc.record({
    lengthFt: fc.integer({ min: 2, max: 300 }),
    heightFt: fc.integer({ min: -2, max: 12 }),
    endHeightFt: fc.integer({ min: 0, max: 10 }),
    method: fc.constantFrom('emt' as const, 'pvc40' as const, 'rmc' as const, 'lfnc' as const),
  });

  test('cuts cover the run exactly, and no stick is cut longer than it is', () => {
    fc.assert(
      fc.property(fc.array(anySegment, { minLength: 1, maxLength: 5 }), (parts) => {
        const run = parts.map((part, at) => segment({ ...part, id: String(at) }));
        const { raceways, about } = routeOf({ appliance: kiln, run });
        const total = run.reduce((sum, { lengthFt }) => sum + lengthFt, 0);
        expect(raceways.reduce((sum, { lengthFt }) => sum + lengthFt, 0)).toBeCloseTo(total, 6);
        for (const [index, { lengthFt }] of run.entries()) {
          expect(about.legs[index]!.reduce((sum, leg) => sum + leg.lengthFt, 0)).toBeCloseTo(lengthFt, 6);
        }
        for (const { pieces, leftFt } of raceways.flatMap(({ sticks }) => sticks)) {
          const used = pieces.reduce((sum, piece) => sum + piece.lengthFt, 0);
          expect(used + leftFt).toBeLessThanOrEqual(STICK_FT + 1e-9);
        }
      }),
    );
  });

  test('sticks are laid by the longest first, and saw cuts count', () => {
    const piece = (lengthFt: number) => ({ segment: 0, lengthFt });
    expect(
      layIntoSticks([4, 6, 5, 5, 10].map(piece)).map(({ pieces }) => pieces.map(({ lengthFt }) => lengthFt)),
    ).toEqual([[10], [6], [5, 4], [5]]);
    expect(layIntoSticks([6, 3.9].map(piece))).toHaveLength(1);
  });

  test('a strip goes to the second support and no further', () => {
    const rows = stripRows([12, 46.8, 81.6]);
    expect(rows.flatMap(({ marksIn }) => marksIn)).toEqual([12, 46.8]);
    expect(rows.every(({ fromIn, toIn }) => toIn - fromIn === 7)).toBe(true);
    expect(rows.at(-1)!.toIn).toBeGreaterThan(46.8);
  });
});

describe('edits of the route', () => {
  const of = circuit({ run: [segment({ id: 'a' }), segment({ id: 'b', method: 'emt' })] });

  test('what is as usual is not kept', () => {
    const boxed = withEnd(of, 0, { boxIn3: 30 });
    expect(boxed.run[0]!.end).toEqual({ boxIn3: 30 });
    expect(withEnd(boxed, 0, { boxIn3: undefined })).toEqual(of);
    expect(withSegment(withSegment(of, 0, { edgeIn: 1 }), 0, { edgeIn: undefined })).toEqual(of);
  });

  test('a way is taken over with new ids, and goes alone', () => {
    const from = circuit({
      startHeightFt: 6,
      run: [trench({ shares: { trench: 'w' }, pieceFt: 70 })],
    });
    const taken = withRouteOf(of, from, () => 'fresh');
    expect(taken).toMatchObject({ startHeightFt: 6, appliance: of.appliance });
    expect(taken.run[0]).toEqual({ ...trench(), id: 'fresh' });
  });

  test('raceways that are shared and no longer alike are a check', () => {
    const shares = { raceway: 'w' };
    const other = circuit({
      id: 'other',
      name: 'Another',
      run: [segment({ method: 'emt', lengthFt: 30, shares })],
    });
    const codes = (lengthFt: number) =>
      routeCodes(routeOf({ run: [segment({ method: 'emt', lengthFt, shares })] }, { others: [other] }));
    expect(codes(30)).toEqual([]);
    expect(codes(31)).toEqual(['route.differs']);
    const sized = routeOf(
      { run: [segment({ method: 'emt', lengthFt: 30, shares })], pins: { trade: '1' } },
      { others: [other] },
    );
    expect(routeCodes(sized)).toEqual(['route.differs']);
  });
});
