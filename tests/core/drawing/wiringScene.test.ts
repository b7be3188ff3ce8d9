import { describe, expect, test } from 'vitest';
import { familyList, freshAppliance } from '../../../src/core/appliances/registry';
import type { Circuit } from '../../../src/core/circuit/circuitSchema';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { wiringScenes, type ScenePoint, type WiringScene } from '../../../src/core/drawing/wiringScene';
import { enclosuresOf } from '../../../src/core/wiring/enclosures';
import { wiring } from '../../../src/core/wiring/terminations';
import { appliance } from '../../support/appliances';
import { circuit, context, segment } from '../../support/circuits';
import { lookedAt } from '../../support/workedSheet';

function scenesOf(about: Circuit): readonly WiringScene[] {
  const solved = solveCircuit(about, context());
  const wired = wiring(about, solved, { ...context(), panel: lookedAt(about.site) });
  return wired === null ? [] : wiringScenes(enclosuresOf(about, solved.figures, wired));
}

type Straight = readonly [ScenePoint, ScenePoint];

const straights = (path: readonly ScenePoint[]): readonly Straight[] =>
  path.slice(1).flatMap((to, at) => {
    const from = path[at];
    return from === undefined ? [] : [[from, to] as const];
  });

const within = (value: number, a: number, b: number): boolean =>
  value >= Math.min(a, b) && value <= Math.max(a, b);

/** Whether two level or upright lines touch. */
const touch = ([a, b]: Straight, [c, d]: Straight): boolean => {
  const boxes = (p: 'x' | 'y') =>
    Math.max(Math.min(a[p], b[p]), Math.min(c[p], d[p])) <=
    Math.min(Math.max(a[p], b[p]), Math.max(c[p], d[p]));
  return boxes('x') && boxes('y');
};

/** The paths of an enclosure that must stay apart. */
const pathsOf = ({ wires, splices }: WiringScene): readonly (readonly ScenePoint[])[] => [
  ...wires.map(({ path }) => path),
  ...splices.flatMap(({ line, load }) =>
    [line, load].flatMap((strand) => (strand === null ? [] : [strand.path])),
  ),
];

function crossings(scene: WiringScene): number {
  const paths = pathsOf(scene);
  let count = 0;
  for (const [at, path] of paths.entries())
    for (const other of paths.slice(at + 1)) {
      // The two strands of a splice meet at their connector.
      const meet = path.at(-1)?.x === other.at(-1)?.x && path.at(-1)?.y === other.at(-1)?.y;
      if (meet) continue;
      for (const one of straights(path)) for (const two of straights(other)) if (touch(one, two)) count += 1;
    }
  return count;
}

const METHODS = ['nm-b', 'pvc40', 'mc', 'emt'] as const;
const FAMILIES = familyList.map(({ id }) => id);

describe('the enclosures of a circuit, drawn', () => {
  test.each(FAMILIES)('%s: no conductor crosses another, each ends inside', (family) => {
    for (const first of METHODS)
      for (const last of METHODS)
        for (const panel of ['service', 'subpanel'] as const) {
          const run =
            first === last
              ? [segment({ method: first })]
              : [segment({ id: 'a', method: first }), segment({ id: 'b', method: last })];
          const scenes = scenesOf(
            circuit({
              appliance: freshAppliance(family),
              run,
              site: { panel, disconnectFt: 6, disconnectInSight: true },
            }),
          );
          for (const scene of scenes) {
            expect(crossings(scene), `${first} to ${last}`).toBe(0);
            for (const { x, y } of pathsOf(scene).flat()) {
              expect(within(x, 0, scene.width)).toBe(true);
              expect(within(y, 0, scene.height)).toBe(true);
            }
          }
        }
  });

  const tub = appliance('hot-tub', { amps: 40, volts: 240, neutral: true, breakerA: 50 });
  const nearTub = { disconnectFt: 6, disconnectInSight: true, waterFt: 7 };

  test('a tub by its spa panel: load neutral on the device, pigtail to the bar, screw in at the service alone', () => {
    const scenes = scenesOf(circuit({ appliance: tub, run: [segment({ method: 'pvc40' })], site: nearTub }));
    expect(scenes.map(({ enclosure }) => [enclosure.kind, enclosure.bond])).toEqual([
      ['panel', 'in'],
      ['spa-enclosure', 'out'],
      ['appliance', null],
    ]);
    const spa = scenes[1];
    const ends = new Map(spa?.wires.map(({ key, path }) => [key, path.at(-1)]));
    const neutralBar = spa?.bars.find(({ name }) => name === 'neutral');
    expect(ends.get('load-side pigtail')?.y).toBe(neutralBar?.y);
    expect(ends.get('line-side neutral')?.y).toBe(neutralBar?.y);
    const loadNeutral = ends.get('load-side neutral');
    expect(loadNeutral?.y).toBeLessThan(spa?.device?.bottom ?? 0);
    expect(loadNeutral?.x).toBeGreaterThan(spa?.device?.right ?? Infinity);
    expect(spa?.enclosure.device).toEqual({ poles: 2, amps: 50, gfci: true });
  });

  test('landings are numbered through, the tub first, the hots of the panel last', () => {
    const scenes = scenesOf(circuit({ appliance: tub, run: [segment({ method: 'pvc40' })], site: nearTub }));
    const orders = scenes.flatMap(({ wires }) =>
      wires.map(({ key, entered }) => [entered.landing.order, key] as const),
    );
    const sorted = orders.toSorted(([a], [b]) => a - b);
    expect(sorted.map(([order]) => order)).toEqual(Array.from({ length: 17 }, (_, at) => at + 1));
    expect(sorted[0]?.[1]).toBe('load ground');
    expect(sorted.at(-1)?.[1]).toBe('panel hot-2');
  });

  test('in a subpanel the screw is out', () => {
    const [panel] = scenesOf(circuit({ run: [segment()], site: { panel: 'subpanel' } }));
    expect(panel?.enclosure.bond).toBe('out');
  });

  test('a feeder ends in a subpanel with its bars apart', () => {
    const feeder = appliance('feeder', {
      loadVA: 9600,
      continuousVA: 0,
      volts: 240,
      neutral: true,
      building: 'same',
      wires: 4,
    });
    const scenes = scenesOf(circuit({ appliance: feeder, run: [segment({ method: 'emt' })] }));
    const last = scenes.at(-1);
    expect(last?.enclosure.kind).toBe('subpanel');
    expect(last?.bars.map(({ name }) => name)).toEqual(['neutral', 'ground']);
    expect(last?.wires.find(({ key }) => key === 'load neutral')?.path.at(-1)?.y).toBe(last?.bars[0]?.y);
  });

  test('a box between cable and raceway: white to red, bare to green, a spare capped at the side of the cable', () => {
    const run = [
      segment({ id: 'a', method: 'nm-b' }),
      segment({ id: 'b', method: 'pvc40', place: 'outdoor' }),
    ];
    const box = scenesOf(circuit({ run })).find(({ enclosure }) => enclosure.kind === 'box');
    expect(box?.enclosure.station).toBe(1);
    expect(box?.splices.map(({ line, load }) => [line?.letters, load?.letters])).toEqual([
      ['BK', 'BK'],
      ['RD', 'RD'],
      ['WH', undefined],
      ['BARE', 'GN'],
    ]);
  });

  test('the other way around the spare is capped at the side of the load', () => {
    const run = [
      segment({ id: 'a', method: 'pvc40', place: 'outdoor' }),
      segment({ id: 'b', method: 'nm-b' }),
    ];
    const box = scenesOf(circuit({ run })).find(({ enclosure }) => enclosure.kind === 'box');
    const spare = box?.splices.find(({ key }) => key.startsWith('spare'));
    expect([spare?.line, spare?.load?.letters]).toEqual([null, 'WH']);
  });
});
