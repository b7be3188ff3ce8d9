import type { Circuit } from '../circuit/circuitSchema';
import { sectionGeometry } from '../route/sectionGeometry';
import type { PictureBox } from '../paper/pageFlow';
import type { PageItem } from '../paper/pageSchema';

/** The run as a section from panel to load, to scale; heights drawn to the same. */
export function sectionPicture(circuit: Circuit): (box: PictureBox) => readonly PageItem[] {
  const { segments, stations, widthFt, topFt, bottomFt } = sectionGeometry(
    circuit.run,
    circuit.startHeightFt,
  );
  return ({ x, y, wide, high }) => {
    const perFt = Math.min(wide / Math.max(1, widthFt), (high - 18) / Math.max(1, topFt - bottomFt));
    const at = (xFt: number, heightFt: number): [number, number] => [
      x + xFt * perFt,
      y + (topFt - heightFt) * perFt + 10,
    ];
    const grade: PageItem = {
      kind: 'line',
      points: [at(0, 0), at(widthFt, 0)],
      ink: 'quiet',
      width: 0.5,
    };
    return [
      grade,
      ...segments.map(({ path }): PageItem => ({
        kind: 'line',
        points: path.map(({ xFt, heightFt }) => at(xFt, heightFt)),
        ink: 'copper',
        width: 2,
      })),
      ...stations.flatMap(({ letter, xFt, heightFt }, index): readonly PageItem[] => {
        const [left, top] = at(xFt, heightFt);
        const isLast = index > 0 && index === stations.length - 1;
        return [
          { kind: 'box', x: left - 3, y: top - 3, wide: 6, high: 6, fill: 'ink', edge: null },
          {
            kind: 'text',
            x: isLast ? left : left + 5,
            y: top - 5,
            text: letter,
            face: 'strong',
            size: 8,
            ink: 'ink',
            align: isLast ? 'right' : 'left',
          },
        ];
      }),
    ];
  };
}
