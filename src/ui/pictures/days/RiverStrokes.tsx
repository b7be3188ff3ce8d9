import { HOURS_FROM_PX, NAME_FROM_PX } from './gateNames';
import { fitted, LEFT_PX, type Drawn } from './riverDrawn';
import type { RiverStep, RiverStroke } from './riverParts';

const STROKE_PX = 12;
/** Two steps in one lane are told apart. */
const GAP_PX = 1.5;

interface StrokeProps extends Drawn {
  readonly stroke: RiverStroke;
  readonly step: RiverStep;
}

/** Work that leaves the house dead: a band over every place. */
function DeadBand({ stroke, step, deadText, widthPx, picked, layout }: StrokeProps) {
  const { y, h, first } = stroke;
  return (
    <g>
      <rect
        x={LEFT_PX}
        y={y}
        width={widthPx - LEFT_PX}
        height={h}
        fill="var(--dead)"
        stroke={picked === step.id ? 'var(--copper)' : 'var(--ink)'}
        strokeWidth={picked === step.id ? 3 : 1}
      />
      {first && !layout.unnamed.has(stroke) && (
        <>
          <text className="small strong" x={LEFT_PX + 24} y={y + 15} style={{ fill: 'var(--on-dead)' }}>
            {fitted(`House dead: ${step.name}, ${step.hours}`, widthPx - LEFT_PX - 30)}
          </text>
          {h > 32 && (
            <text className="small" x={LEFT_PX + 24} y={y + 30} style={{ fill: 'var(--on-dead)' }}>
              {fitted(deadText, widthPx - LEFT_PX - 30)}
            </text>
          )}
        </>
      )}
    </g>
  );
}

/** A piece of work in its lane, with its name where it begins. */
export function Stroke(props: StrokeProps) {
  const { stroke, step, lanePx, picked, layout } = props;
  const { y, h, lane, first } = stroke;
  if (step.dead) return <DeadBand {...props} />;
  const x = LEFT_PX + lane * lanePx + 10;
  const isPicked = picked === step.id;
  const both = step.people.length > 1;
  const named = first && !layout.unnamed.has(stroke);
  return (
    <g>
      {isPicked && (
        <rect x={x - 6} y={y - 1} width={lanePx - 8} height={Math.max(h, 14) + 2} fill="var(--copper-wash)" />
      )}
      {(both ? [0, 7] : [0]).map((dx) => (
        <rect
          key={dx}
          x={x + dx}
          y={y}
          width={both ? STROKE_PX / 2 - 1 : STROKE_PX}
          height={Math.max(2, h - GAP_PX)}
          fill={step.covers ? 'url(#river-cover)' : isPicked ? 'var(--copper)' : 'var(--ink)'}
          stroke={isPicked ? 'var(--copper)' : 'var(--ink)'}
        />
      ))}
      {named && h >= NAME_FROM_PX && (
        <text className="small" x={x + 18} y={y + 10}>
          {fitted(step.name, lanePx - 32)}
        </text>
      )}
      {named && h >= HOURS_FROM_PX && (
        <text className="small quiet figures" x={x + 18} y={y + 23}>
          {step.hours}
        </text>
      )}
    </g>
  );
}
