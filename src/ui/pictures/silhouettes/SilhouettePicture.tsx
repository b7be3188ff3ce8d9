import type { PartKind, Silhouette } from './silhouette';
import classes from './silhouettes.module.css';

/** Where a silhouette is drawn: its origin in pixels, and the pixels of a foot along and up. */
export interface SilhouettePlace {
  readonly x: number;
  readonly y: number;
  readonly perFtAlong: number;
  readonly perFtUp: number;
}

const partClass: Readonly<Record<PartKind, string | undefined>> = {
  body: classes['body'],
  bold: classes['bold'],
  line: classes['line'],
  solid: classes['solid'],
  hatch: classes['hatch'],
  copper: classes['copper'],
  basin: classes['basin'],
  pipe: classes['pipe'],
};

/** An appliance drawn in feet at a scale; its lines keep their weight. */
export function SilhouettePicture({
  silhouette,
  place: { x, y, perFtAlong, perFtUp },
}: {
  readonly silhouette: Silhouette;
  readonly place: SilhouettePlace;
}) {
  return (
    <g transform={`translate(${x} ${y}) scale(${perFtAlong} ${-perFtUp})`}>
      {silhouette.parts.map(([kind, path], at) => (
        <path key={at} className={partClass[kind]} d={path} vectorEffect="non-scaling-stroke" />
      ))}
    </g>
  );
}
