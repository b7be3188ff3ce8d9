import DxfParser from 'dxf-parser';
import { describe, expect, test } from 'vitest';
import { alongPath } from '../../../src/core/route/alongPath';
import { sectionGeometry } from '../../../src/core/route/sectionGeometry';
import {
  snapHeight,
  withLevel,
  withStationAlong,
  withStationHeight,
} from '../../../src/core/circuit/edits/sectionMoves';
import { layOut } from '../../../src/core/route/routeCase';
import { sectionDxf } from '../../../src/core/drawing/sectionDxf';
import { sectionScene } from '../../../src/core/drawing/sectionScene';
import { fullHouse } from '../../support/fullHouse/job';
import { circuit, context, solve, segment } from '../../support/circuits';
import { trench } from '../../support/routes';

const kiln = fullHouse.circuits.find(({ id }) => id === 'kiln')!;
const about = layOut({
  circuit: kiln,
  solved: solve(kiln),
  context: context(),
  neighbors: [],
  located: true,
});

describe('the section as a drawing', () => {
  const scene = sectionScene(about);

  test('has grade, a layer for every method, supports, stations and dimensions', () => {
    expect(new Set(scene.map(({ layer }) => layer))).toEqual(
      new Set(['GRADE', 'MC', 'PVC-SCH-80', 'LFNC', 'SUPPORTS', 'STATIONS', 'DIMENSIONS']),
    );
    expect(
      scene.flatMap((item) => (item.kind === 'text' && item.layer === 'DIMENSIONS' ? [item.text] : [])),
    ).toEqual(['31 ft', '66 ft', '6 ft']);
    expect(scene.filter(({ layer }) => layer === 'SUPPORTS')).toHaveLength(15);
  });

  test('reads back from its file with every point where it was, in feet', () => {
    const read = new DxfParser().parseSync(sectionDxf(scene));
    expect(read?.header['$INSUNITS']).toBe(2);
    const entities = read?.entities ?? [];
    expect(entities).toHaveLength(scene.length);
    const route = entities.find(
      (entity) => entity.layer === 'PVC-SCH-80' && entity.type === 'LWPOLYLINE',
    ) as unknown as { vertices: { x: number; y: number }[] };
    const drawn = about.geometry.segments[1]!.path;
    expect(route.vertices.map(({ x, y }) => [x, y])).toEqual(
      drawn.map(({ xFt, heightFt }) => [xFt, heightFt]),
    );
    const texts = entities.filter(({ type }) => type === 'TEXT') as unknown as { text: string }[];
    expect(texts.map(({ text }) => text)).toContain('B Box 6 ft');
  });
});

describe('moving stations on the section', () => {
  const run = [
    segment({ id: 'a', lengthFt: 30, heightFt: 8, endHeightFt: 6 }),
    trench({ id: 'b', lengthFt: 60 }),
  ];
  const of = circuit({ run });
  const xs = (each: typeof of): readonly number[] =>
    sectionGeometry(each.run, each.startHeightFt).stations.map(({ xFt }) => xFt);

  test('a height that is changed leaves everything where it stands, and takes its wire', () => {
    const lower = withStationHeight(of, 1, 4);
    expect(lower.run.map(({ lengthFt }) => lengthFt)).toEqual([32, 58]);
    expect(xs(lower)).toEqual(xs(of));
    expect(withStationHeight(of, 0, 4).run[0]!.lengthFt).toBe(31);
    expect(withStationHeight(of, 2, 2).run[1]!.lengthFt).toBe(58);
  });

  test('a segment that is lowered takes its wire as well', () => {
    const deeper = withLevel(of, 1, -2);
    expect(deeper.run[1]).toMatchObject({ heightFt: -2, lengthFt: 61 });
    expect(xs(deeper)).toEqual(xs(of));
  });

  test('between two segments the whole stays as long; at the end it grows; the panel stays', () => {
    expect(withStationAlong(of, 1, 5)?.run.map(({ lengthFt }) => lengthFt)).toEqual([35, 55]);
    expect(withStationAlong(of, 2, 7.2)?.run[1]!.lengthFt).toBe(67);
    expect(withStationAlong(of, 2, -60)).toBeUndefined();
    expect(withStationAlong(of, 0, 3)).toBeUndefined();
  });

  test.each([
    [7.8, 8],
    [-1.4, -1.5],
    [0.2, 0],
    [3.3, 3.5],
    [-0.75, -0.5],
    [-1.29, -1.5],
    [-3.04, -3],
    [99, 30],
  ])('%d snaps to %d', (from, to) => {
    expect(snapHeight(from)).toBeCloseTo(to, 6);
  });

  test('a spot along the route is found by its share of it', () => {
    const { path } = sectionGeometry(run, 5).segments[0]!;
    expect(alongPath(path, 0).at).toEqual(path[0]);
    expect(alongPath(path, 1).at).toEqual(path.at(-1));
    expect(alongPath([], 0.5).at).toEqual({ xFt: 0, heightFt: 0 });
  });
});
