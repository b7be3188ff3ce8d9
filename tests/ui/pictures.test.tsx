import { render, screen } from '@testing-library/react';
import { describe, expect, test } from 'vitest';
import { alongPath } from '../../src/core/route/alongPath';
import { sectionGeometry } from '../../src/core/route/sectionGeometry';
import { tableFace } from '../../src/core/code/tableFace';
import { edition } from '../../src/core/code/edition';
import { RacewayCrossSection } from '../../src/ui/pictures/RacewayCrossSection';
import { RunSection } from '../../src/ui/pictures/RunSection';
import { roundedPath, sectionRoom, sectionScale } from '../../src/ui/pictures/sectionScale';
import { TableFaceView } from '../../src/ui/working/TableFaceView';
import { bendMarks } from '../../src/core/route/bendMarks';
import { stripRows } from '../../src/core/route/strip';
import { BendPicture } from '../../src/ui/pictures/BendPicture';
import { SupportStrip } from '../../src/ui/pictures/SupportStrip';
import { TrenchPicture } from '../../src/ui/pictures/TrenchPicture';
import { svgFile } from '../../src/ui/files/svgFile';
import { segment } from '../support/circuits';
import { routeOf, trench } from '../support/routes';

const geometry = sectionGeometry([segment({ lengthFt: 62 })], 5);

describe('the scale of the section', () => {
  const scale = sectionScale(geometry, sectionRoom(1280, 214));

  test('puts the whole run between its margins, and grade inside the picture', () => {
    expect(scale.x(0)).toBe(100);
    expect(scale.x(geometry.widthFt)).toBeCloseTo(1280 - 120, 9);
    expect(scale.y(0)).toBeGreaterThan(0);
    expect(scale.y(0)).toBeLessThan(214);
    expect(scale.exaggeration).toBeCloseTo(scale.pxPerFtUp / scale.pxPerFtAlong, 9);
  });

  test('higher is further up', () => {
    expect(scale.y(8)).toBeLessThan(scale.y(4));
  });

  test('a path starts and ends at its points, with its corners rounded', () => {
    const d = roundedPath(
      [
        { xFt: 0, heightFt: 5 },
        { xFt: 0, heightFt: 8 },
        { xFt: 10, heightFt: 8 },
      ],
      scale,
      12,
    );
    expect(d.startsWith(`M${scale.x(0).toFixed(1)} ${scale.y(5).toFixed(1)}`)).toBe(true);
    expect(d.endsWith(`${scale.x(10).toFixed(1)} ${scale.y(8).toFixed(1)}`)).toBe(true);
    expect(d.match(/Q/g)).toHaveLength(1);
  });

  test('half way along a path is half of its length, up or along', () => {
    const path = [
      { xFt: 0, heightFt: 0 },
      { xFt: 0, heightFt: 4 },
      { xFt: 4, heightFt: 4 },
    ];
    expect(alongPath(path, 0.25)).toEqual({ at: { xFt: 0, heightFt: 2 }, upright: true });
    expect(alongPath(path, 0.75)).toEqual({ at: { xFt: 2, heightFt: 4 }, upright: false });
  });
});

describe('pictures', () => {
  const label = {
    name: 'NM-B 6/2',
    severity: 'stop' as const,
    trouble: 'Stop: carries 55 A',
    supports: [0.1, 0.9],
  };
  const drawing = {
    geometry,
    labels: [label],
    panelLabel: '60 A',
    applianceLabel: 'EV charger',
    applianceAmps: '48 A',
    family: 'ev' as const,
    plugged: false,
    spaPanel: false,
    disconnect: null,
    highlighted: null,
    heightPx: 214,
  };

  test('the section says in words what it shows', () => {
    render(<RunSection {...drawing} widthPx={1280} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      'Section of the run from the panel to EV charger. A to B: 62 ft of NM-B 6/2.',
    );
    expect(screen.getByText('Stop: carries 55 A')).toBeTruthy();
  });

  test('on a phone only the run is drawn: the words are on the tape', () => {
    render(<RunSection {...drawing} widthPx={390} />);
    expect(screen.queryByText('Stop: carries 55 A')).toBeNull();
  });

  test('the raceway names its conductors', () => {
    const conductors = ['BK', 'RD', 'GN'].map((letters) => ({ letters, diameterIn: 0.254 }));
    render(<RacewayCrossSection insideIn={0.804} conductors={conductors} sizePx={112} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toContain('BK, RD, GN');
  });

  test('the cell that was read is the current one', () => {
    const face = tableFace(edition(2023), { table: 'ampacity', row: '6', column: '60' }, 'cu');
    if (face === undefined) throw new Error('no face');
    render(
      <TableFaceView
        face={face}
        marks={[
          { row: '6', column: '60', mark: 'lit' },
          { row: '4', column: '60', mark: 'remedy' },
        ]}
      />,
    );
    expect(document.querySelector('[aria-current]')?.textContent).toBe('55');
    expect(document.querySelector('[data-mark="remedy"]')?.textContent).toBe('70');
  });
});

describe('pictures of the route', () => {
  test('a trench has every way at its depth, its ribbon and its figures in words', () => {
    const [burial] = routeOf({ run: [trench()] }).burials;
    render(<TrenchPicture burial={burial!} widthPx={460} />);
    const picture = screen.getByRole('img', { name: 'Trench 6 in wide and 22 in deep with A circuit' });
    expect(picture.textContent).toContain('18 in of cover');
    expect(picture.textContent).toContain('18 in by rule');
    expect(picture.textContent).toContain('ribbon, 6 in down');
    expect(picture.querySelectorAll('circle')).toHaveLength(2);
  });

  test('a strip is as wide on paper as it says, and has its mark', () => {
    const [, second] = stripRows([12, 46.8]);
    render(<SupportStrip row={second!} />);
    const strip = screen.getByRole('img', { name: 'Strip from 7 to 14 in: support at 12 in' });
    expect(strip.style.width).toBe('7in');
    expect(strip.getAttribute('viewBox')).toBe('0 0 672 74');
  });

  test('a bend shows its marks and the distance between them', () => {
    const bend = bendMarks({ kind: 'offset', angleDeg: 30, riseIn: 6, toIn: 36 });
    render(<BendPicture bend={bend} turns={[1, -1]} riseIn={6} widthPx={560} />);
    const picture = screen.getByRole('img', { name: 'Marks: 30° at 25-5/8 in, 30° at 37-5/8 in' });
    expect(picture.textContent).toContain('12 in');
    expect(picture.textContent).toContain('6 in');
  });

  test('a picture becomes a file that fetches nothing: colors by value', () => {
    document.documentElement.style.setProperty('--ink', '#16221b');
    render(
      <RunSection
        geometry={geometry}
        labels={[]}
        panelLabel="60 A"
        applianceLabel="Charger"
        applianceAmps="48 A"
        family="ev"
        plugged={false}
        spaPanel={false}
        disconnect={null}
        highlighted={null}
        widthPx={900}
        heightPx={200}
      />,
    );
    const file = svgFile(screen.getByRole<SVGSVGElement & HTMLElement>('img'));
    const read = new DOMParser().parseFromString(file, 'image/svg+xml');
    expect(read.querySelector('parsererror')).toBeNull();
    expect(read.documentElement.getAttribute('viewBox')).toBe('0 0 900 222');
    expect(file).toContain('#16221b');
    expect(file).not.toContain('var(--ink)');
    expect(read.documentElement.textContent).toContain('Charger');
  });
});
