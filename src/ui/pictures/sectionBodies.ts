import type { Station } from '../../core/route/sectionGeometry';
import type { StationKind } from '../../core/circuit/stations';
import type { Box } from './placeWords';
import type { DrawnSection } from './sectionDrawing';
import { isNarrow, type SectionScale } from './sectionScale';
import type { SilhouettePlace } from './silhouettes/SilhouettePicture';
import { CEILING_FT } from './sectionZones';
import { silhouettes } from './silhouettes/silhouettes';

/** The smallest that anything is drawn, pixels. */
const MIN_PX = { along: 9, up: 12 };
/** The widest that an appliance is drawn: beside a short run it would fill the picture. */
const MAX_PX = { wide: 96, narrow: 38 };
/** So much broader than high is an appliance drawn at most beside its true shape. */
const BROADEST = 1.4;
/** Room of a receptacle between wire and appliance. */
const RECEPTACLE_PX = 9;

/** Half the width of what stands at a station, and how far it reaches above and below its height, pixels. */
const REACH: Readonly<Record<StationKind, readonly [half: number, up: number, down: number]>> = {
  panel: [13, 2, 60],
  box: [7, 9, 9],
  body: [6, 8, 11],
  'pull-box': [8, 13, 13],
  coupling: [5, 5, 5],
  disconnect: [9, 17, 17],
  appliance: [9, 9, 9],
};

const around = ({ xFt, heightFt, kind }: Station, scale: SectionScale): Box => {
  const [half, up, down] = REACH[kind];
  const [x, y] = [scale.x(xFt), scale.y(heightFt)];
  return { left: x - half, top: y - up, right: x + half, bottom: y + down };
};

/** Where the appliance at the end of a run is drawn. */
export function appliancePlace({ geometry, family, plugged, scale }: DrawnSection): SilhouettePlace {
  const { stands, widthFt, topFt, bottomFt } = silhouettes[family];
  const end = geometry.stations.at(-1);
  const max = isNarrow(scale.widthPx) ? MAX_PX.narrow : MAX_PX.wide;
  const along = Math.min(scale.pxPerFtAlong, max / widthFt, scale.pxPerFtUp * BROADEST);
  return {
    x: scale.x(end?.xFt ?? 0) + (plugged ? RECEPTACLE_PX : 0),
    y: scale.y(stands === 'on-grade' ? 0 : (end?.heightFt ?? 0)),
    perFtAlong: Math.max(along, MIN_PX.along / widthFt),
    perFtUp: Math.max(scale.pxPerFtUp, MIN_PX.up / (topFt - bottomFt)),
  };
}

/** The box that the appliance fills. */
export function applianceBox(drawn: DrawnSection): Box {
  const { widthFt, topFt, bottomFt } = silhouettes[drawn.family];
  const { x, y, perFtAlong, perFtUp } = appliancePlace(drawn);
  return {
    left: x - 4,
    top: y - topFt * perFtUp,
    right: x + widthFt * perFtAlong + 2,
    bottom: y - bottomFt * perFtUp,
  };
}

/** Half the width and half the height of a disconnect that the run does not name as a station, pixels. */
const DISCONNECT_PX = { half: 8, up: 15 };
/** How far it stands from the station before it at least, pixels: both must be seen. */
const APART_PX = 24;

/** The box of a disconnect that the run does not name as a station; null where there is none to draw. */
export function disconnectBox({ disconnect, geometry, scale }: DrawnSection): Box | null {
  if (disconnect === null) return null;
  const before = geometry.stations.at(-2);
  const x = Math.max(scale.x(disconnect.xFt), scale.x(before?.xFt ?? 0) + APART_PX);
  const y = scale.y(disconnect.heightFt);
  const { half, up } = DISCONNECT_PX;
  return { left: x - half, top: y - up, right: x + half, bottom: y + up };
}

/** Half of the broadest casing, and a little. */
const WIRE_PX = 6;

/** Everything that stands along the run as boxes, which words keep clear of. */
export function bodyBoxes(drawn: DrawnSection): readonly Box[] {
  const { geometry, disconnect, zones, scale } = drawn;
  const walls = zones
    .slice(1)
    .map(({ from }) => ({ left: from - 4, top: 0, right: from + 4, bottom: scale.y(0) }));
  const stations = geometry.stations.map((station) => around(station, scale));
  const wires = geometry.segments.flatMap(({ path }) =>
    path.slice(1).flatMap((to, at): readonly Box[] => {
      const from = path[at];
      if (from === undefined) return [];
      const [xs, ys] = [
        [scale.x(from.xFt), scale.x(to.xFt)],
        [scale.y(from.heightFt), scale.y(to.heightFt)],
      ];
      return [
        {
          left: Math.min(...xs) - WIRE_PX,
          top: Math.min(...ys) - WIRE_PX,
          right: Math.max(...xs) + WIRE_PX,
          bottom: Math.max(...ys) + WIRE_PX,
        },
      ];
    }),
  );
  const ceiling = scale.y(CEILING_FT);
  const ceilings = zones
    .filter(({ inside }) => inside)
    .map(({ from, to }) => ({ left: from, top: ceiling - 6, right: to, bottom: ceiling + 2 }));
  const box = disconnectBox(drawn);
  const apart =
    disconnect === null || box === null
      ? []
      : [
          {
            left: box.left - 2,
            top: box.top - 4,
            right: box.right + 2,
            bottom: Math.max(box.bottom, scale.y(disconnect.wireFt), scale.y(0)) + 2,
          },
        ];
  return [...stations, ...wires, ...walls, ...ceilings, ...apart, applianceBox(drawn)];
}
