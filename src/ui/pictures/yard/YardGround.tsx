import { piecesOf } from '../../../core/water/segments';
import { apart } from '../../../core/water/point';
import type { Yard, YardArea, YardLine } from '../../../core/water/yardSchema';
import { pathOf, type YardScale } from './yardScale';

interface GroundProps {
  readonly yard: Pick<Yard, 'lines' | 'areas'>;
  readonly scale: YardScale;
  readonly picked: string | null;
}

/** A deck with its boards, or a slab. */
function Area({ area, scale, picked }: Pick<GroundProps, 'scale'> & { area: YardArea; picked: boolean }) {
  return (
    <path
      d={pathOf(area.points, scale, true)}
      fill={area.kind === 'deck' ? 'url(#yard-boards)' : 'var(--back)'}
      stroke={picked ? 'var(--copper)' : 'var(--ink2)'}
      strokeWidth={picked ? 2.5 : 1}
    />
  );
}

const POST_FT = 8;

/** Posts of a fence, at their spacing along it. */
function Fence({ line, scale }: { readonly line: YardLine; readonly scale: YardScale }) {
  const posts = piecesOf(line.points).flatMap(([from, to]) => {
    const count = Math.max(1, Math.round(apart(from, to) / POST_FT));
    return Array.from({ length: count + 1 }, (_, at) => {
      const share = at / count;
      return [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share] as const;
    });
  });
  return (
    <>
      <path d={pathOf(line.points, scale)} fill="none" stroke="var(--ink)" strokeWidth="1.5" />
      {posts.map(([x, y], at) => (
        <rect key={at} x={scale.x(x) - 3.5} y={scale.y(y) - 3.5} width="7" height="7" fill="var(--ink)" />
      ))}
    </>
  );
}

const WALL_PX = 8;

function Line({ line, scale }: { readonly line: YardLine; readonly scale: YardScale }) {
  const d = pathOf(line.points, scale);
  switch (line.kind) {
    case 'wall':
      return (
        <>
          <path d={d} fill="none" stroke="var(--ink)" strokeWidth={WALL_PX} />
          <path d={d} fill="none" stroke="var(--ground)" strokeWidth={WALL_PX - 2.5} />
          <path d={d} fill="none" stroke="url(#yard-hatch)" strokeWidth={WALL_PX - 2.5} />
        </>
      );
    case 'fence':
      return <Fence line={line} scale={scale} />;
    case 'overhead':
      return <path d={d} fill="none" stroke="var(--ink)" strokeWidth="1.5" strokeDasharray="18 3 3 3 3 3" />;
    case 'pipe':
      return <path d={d} fill="none" stroke="var(--ink2)" strokeWidth="2.5" strokeDasharray="12 3" />;
    case 'wiring':
      return (
        <>
          <path d={d} fill="none" stroke="var(--ink)" strokeWidth="7" />
          <path d={d} fill="none" stroke="var(--sheet)" strokeWidth="4.6" />
          <path d={d} fill="none" stroke="var(--wire)" strokeWidth="2" />
        </>
      );
  }
}

/** Decks, slabs, walls, fences and lines. */
export function YardGround({ yard, scale, picked }: GroundProps) {
  return (
    <>
      <defs>
        <pattern id="yard-boards" width="7" height="7" patternUnits="userSpaceOnUse">
          <rect width="7" height="7" fill="var(--sheet)" />
          <path d="M0 0H7" stroke="var(--rule2)" strokeWidth="0.8" />
        </pattern>
        <pattern
          id="yard-hatch"
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0V5" stroke="var(--ink)" strokeWidth="1.6" />
        </pattern>
      </defs>
      {yard.areas.map((area) => (
        <Area key={area.id} area={area} scale={scale} picked={area.id === picked} />
      ))}
      {yard.lines.map((line) => (
        <g key={line.id}>
          {line.id === picked && (
            <path d={pathOf(line.points, scale)} fill="none" stroke="var(--copper-wash)" strokeWidth="16" />
          )}
          <Line line={line} scale={scale} />
        </g>
      ))}
    </>
  );
}
