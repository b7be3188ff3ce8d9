import type { SectionGeometry, SectionSegment } from '../../core/route/sectionGeometry';
import type { Environment } from '../../core/code/methods';
import { environmentName } from '../../core/wording/words';
import type { SectionScale } from './sectionScale';

interface Zone {
  readonly fromFt: number;
  readonly toFt: number;
  readonly places: readonly Environment[];
  readonly inside: boolean;
}

const isInside = (place: Environment): boolean => place !== 'outdoor' && place !== 'underground';

const span = ({ path }: SectionSegment): [from: number, to: number] => [
  path[0]?.xFt ?? 0,
  path.at(-1)?.xFt ?? 0,
];

/** Segments next to each other that are both inside, or both outside, share one zone. */
const zonesOf = ({ segments }: SectionGeometry): readonly Zone[] => {
  const zones: Zone[] = [];
  for (const segment of segments) {
    const [fromFt, toFt] = span(segment);
    const inside = isInside(segment.place);
    const last = zones.at(-1);
    if (last?.inside === inside) {
      zones[zones.length - 1] = { ...last, toFt, places: [...last.places, segment.place] };
    } else {
      zones.push({ fromFt, toFt, places: [segment.place], inside });
    }
  }
  return zones;
};

/** Ceilings are drawn at this height. */
export const CEILING_FT = 8.6;
const JOIST_FT = 4 / 3;

function Inside({ zone, scale, from, to }: { zone: Zone; scale: SectionScale; from: number; to: number }) {
  const ceiling = scale.y(CEILING_FT);
  const joists: number[] = [];
  for (let x = from + 12; x < to - 6; x += Math.max(9, JOIST_FT * scale.pxPerFtAlong)) joists.push(x);
  const attic = zone.places.includes('attic');
  return (
    <g>
      <rect
        x={from}
        y={scale.y(0)}
        width={to - from}
        height={7}
        fill="url(#cut)"
        stroke="var(--ink)"
        strokeWidth="1.2"
      />
      <rect x={from} y={ceiling - 4} width={to - from} height={4} fill="var(--ink)" />
      {joists.map((x) => (
        <rect key={x} x={x} y={ceiling} width="2.4" height="11" fill="var(--rule2)" />
      ))}
      {attic && (
        <path
          d={`M${from} ${ceiling - 4}L${(from + to) / 2} ${scale.y(scale.topFt) + 4}L${to} ${ceiling - 4}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.4"
        />
      )}
    </g>
  );
}

function Outside({ scale, from, to }: { scale: SectionScale; from: number; to: number }) {
  const tufts: number[] = [];
  for (let x = from + 40; x < to - 30; x += 97) tufts.push(x);
  const y = scale.y(0);
  return (
    <g fill="none">
      <path d={`M${from} ${y}H${to}`} stroke="var(--ink)" strokeWidth="2" />
      {tufts.map((x) => (
        <path
          key={x}
          d={`M${x} ${y - 5}l3 5M${x + 4} ${y - 7}v7M${x + 8} ${y - 5}l-3 5`}
          stroke="var(--pasture)"
          strokeWidth="1.1"
        />
      ))}
    </g>
  );
}

/** The open trench of every segment in the ground. */
function Trenches({ geometry, scale }: { geometry: SectionGeometry; scale: SectionScale }) {
  const grade = scale.y(0);
  return geometry.segments
    .filter(({ place }) => place === 'underground')
    .map((segment, index) => {
      const [from, to] = span(segment);
      const deep = scale.y(Math.min(...segment.path.map(({ heightFt }) => heightFt))) + 7;
      const [x, width] = [scale.x(from) - 7, scale.x(to) - scale.x(from) + 14];
      return (
        <g key={index}>
          <rect x={x} y={grade} width={width} height={deep - grade} fill="var(--back)" />
          <rect x={x} y={deep} width={width} height="8" fill="url(#soil)" />
        </g>
      );
    });
}

/** The wall between house and yard. */
function Wall({ x, scale }: { x: number; scale: SectionScale }) {
  const top = scale.y(CEILING_FT);
  return (
    <rect
      x={x - 4}
      y={top - 14}
      width="8"
      height={scale.y(0) - top + 21}
      fill="url(#cut)"
      stroke="var(--ink)"
      strokeWidth="1.2"
    />
  );
}

const EDGE_PX = 22;

/** House and yard behind the run: slab and joists inside, grade and earth outside, walls between, trenches open. */
export function SectionGround({ geometry, scale }: { geometry: SectionGeometry; scale: SectionScale }) {
  const zones = zonesOf(geometry);
  const bottom = scale.heightPx;
  const grade = scale.y(0);
  const left = scale.leftPx - EDGE_PX;
  const right = scale.widthPx - 8;
  const within = (px: number): number => Math.min(right, Math.max(left, px));
  // Looked at closer, most of the house lies beside the picture.
  const edges = zones
    .map((zone, index) => ({
      zone,
      from: index === 0 ? left : within(scale.x(zone.fromFt)),
      to: index === zones.length - 1 ? right : within(scale.x(zone.toFt)),
    }))
    .filter(({ from, to }) => to > from);
  return (
    <g>
      <rect x={left} y={grade} width={right - left} height={bottom - grade} fill="var(--earth)" />
      <Trenches geometry={geometry} scale={scale} />
      {edges.map(({ zone, from, to }) =>
        zone.inside ? (
          <Inside key={zone.fromFt} zone={zone} scale={scale} from={from} to={to} />
        ) : (
          <Outside key={zone.fromFt} scale={scale} from={from} to={to} />
        ),
      )}
      {edges.slice(1).map(({ from }) => (
        <Wall key={from} x={from} scale={scale} />
      ))}
      <path
        d={`M${left} ${bottom}V${grade * 0.6}l-5 -4 10 -6 -5 -4V6M${right} ${bottom}V${grade * 0.6}l-5 -4 10 -6 -5 -4V6`}
        fill="none"
        stroke="var(--rule2)"
      />
      {edges
        .filter(({ from, to }) => to - from > 90)
        .map(({ zone, from, to }) => (
          <text
            key={zone.fromFt}
            x={(from + to) / 2}
            y={zone.inside ? grade - 7 : scale.y(scale.topFt) + 14}
            textAnchor="middle"
            className="small quiet halo"
          >
            {zone.inside
              ? [...new Set(zone.places)].map((place) => environmentName[place]).join(', ')
              : 'outdoors'}
          </text>
        ))}
    </g>
  );
}
