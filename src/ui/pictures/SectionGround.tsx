import type { SectionGeometry } from '../../core/route/sectionGeometry';
import type { SectionScale } from './sectionScale';
import { CEILING_FT, groundEdges, span, type DrawnZone } from './sectionZones';

const JOIST_FT = 4 / 3;

interface ZoneProps {
  readonly zone: DrawnZone;
  readonly scale: SectionScale;
}

function Inside({ zone: { from, to, attic }, scale }: ZoneProps) {
  const ceiling = scale.y(CEILING_FT);
  const joists: number[] = [];
  for (let x = from + 12; x < to - 6; x += Math.max(9, JOIST_FT * scale.pxPerFtAlong)) joists.push(x);
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

function Outside({ zone: { from, to }, scale }: ZoneProps) {
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

interface SectionGroundProps {
  readonly geometry: SectionGeometry;
  readonly zones: readonly DrawnZone[];
  readonly scale: SectionScale;
}

/** House and yard behind the run: slab and joists inside, grade and earth outside, walls between, trenches open. */
export function SectionGround({ geometry, zones, scale }: SectionGroundProps) {
  const bottom = scale.heightPx;
  const grade = scale.y(0);
  const { left, right } = groundEdges(scale);
  return (
    <g>
      <rect x={left} y={grade} width={right - left} height={bottom - grade} fill="var(--earth)" />
      <Trenches geometry={geometry} scale={scale} />
      {zones.map((zone) =>
        zone.inside ? (
          <Inside key={zone.from} zone={zone} scale={scale} />
        ) : (
          <Outside key={zone.from} zone={zone} scale={scale} />
        ),
      )}
      {zones.slice(1).map(({ from }) => (
        <Wall key={from} x={from} scale={scale} />
      ))}
      <path
        d={`M${left} ${bottom}V${grade * 0.6}l-5 -4 10 -6 -5 -4V6M${right} ${bottom}V${grade * 0.6}l-5 -4 10 -6 -5 -4V6`}
        fill="none"
        stroke="var(--rule2)"
      />
    </g>
  );
}
