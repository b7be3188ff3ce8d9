import type { ReactNode } from 'react';
import { useGhostDrag } from '../../shell/useGhostDrag';
import { fitted, LEFT_PX, type Drawn, type RiverPictureProps } from './riverDrawn';
import { riverLayout, timeAt, type RiverLayout } from './riverLayout';
import type { RiverStroke } from './riverParts';
import { Stroke } from './RiverStrokes';
import '../pictures.css';

/** Lanes with their names, days with their hours. */
function Ground({ layout, lanes, lanePx, widthPx, dayName, hours: [opens, closes] }: Drawn) {
  const { days, heightPx } = layout;
  const marks = Array.from(
    { length: Math.floor((closes - opens) / 2) + 1 },
    (_, at) => Math.ceil(opens) + 2 * at,
  );
  return (
    <g>
      {lanes.map(({ id, name }, at) => (
        <g key={id}>
          <path d={`M${LEFT_PX + at * lanePx} 26V${heightPx}`} stroke="var(--rule2)" strokeWidth="1" />
          <text className="small strong" x={LEFT_PX + at * lanePx + 8} y="16">
            {fitted(name, lanePx - 8)}
          </text>
        </g>
      ))}
      {days.map(({ date, y, h }) => (
        <g key={date}>
          <path d={`M0 ${y + h + 8}H${widthPx}`} stroke="var(--rule)" strokeDasharray="2 5" />
          <text className="small strong" x="4" y={y + 10}>
            {dayName(date)}
          </text>
          {marks
            .filter((hour) => hour < closes)
            .map((hour) => (
              <text
                key={hour}
                className="small quiet figures"
                x={LEFT_PX - 8}
                y={y + ((hour - opens) / (closes - opens)) * h + 4}
                textAnchor="end"
              >
                {hour > 12 ? hour - 12 : hour}
              </text>
            ))}
        </g>
      ))}
    </g>
  );
}

/** Times without work, over the lanes that they stop; on days on which nobody works they are not drawn. */
function Closed({ layout, closed, lanes, lanePx }: Drawn) {
  const drawn = closed.filter(({ from }) => layout.days.some(({ date }) => from.startsWith(date)));
  return drawn.map(({ id, from, to, name, lanes: own }) => {
    const [y, end] = [layout.yOf(from), layout.yOf(to)];
    return lanes.map((lane, at) =>
      own.includes(lane.id) ? (
        <g key={`${id} ${lane.id}`}>
          <title>{name}</title>
          <rect
            x={LEFT_PX + at * lanePx + 3}
            y={y}
            width={lanePx - 6}
            height={Math.max(4, end - y)}
            fill="url(#river-closed)"
            stroke="var(--rule2)"
            strokeDasharray="4 3"
          />
        </g>
      ) : null,
    );
  });
}

/** The day of a person as a current that wanders from place to place. */
function Current({ layout, steps, person, lanePx }: Drawn & { readonly person: number }) {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const own = layout.strokes
    .filter(({ step }) => byId.get(step)?.people.includes(person) === true)
    .toSorted((a, b) => a.y - b.y);
  const shift = person === 1 ? 3 : 9;
  const xOf = ({ lane }: RiverStroke): number => LEFT_PX + lane * lanePx + 10 + shift;
  const path = own
    .map((stroke, at) => {
      const before = own[at - 1];
      const x = xOf(stroke);
      if (before === undefined) return `M${x} ${stroke.y}`;
      const turn = Math.min(stroke.y, before.y + before.h + 3);
      return `M${xOf(before)} ${before.y + before.h}V${turn}H${x}V${stroke.y}`;
    })
    .join('');
  return (
    <path
      d={path}
      fill="none"
      stroke="var(--ink)"
      strokeWidth="1.5"
      strokeDasharray={person === 1 ? undefined : '5 4'}
    />
  );
}

/** A gate over every lane: posts, leaves that meet where it is shut and lie back where it is open. */
function Gate({ gate, lanePx, lanes, picked }: Drawn & { readonly gate: RiverLayout['gates'][number] }) {
  const { y, isOpen, name, id, nameEnd, nameBase } = gate;
  const end = LEFT_PX + lanes.length * lanePx;
  const color = picked === id ? 'var(--copper)' : 'var(--ink)';
  const leaves = lanes
    .map((_, at) => {
      const [x, mid, to] = [
        LEFT_PX + at * lanePx,
        LEFT_PX + (at + 0.5) * lanePx,
        LEFT_PX + (at + 1) * lanePx,
      ];
      return isOpen
        ? `M${x + 3} ${y}l9 10M${to - 3} ${y}l-9 10`
        : `M${x + 3} ${y}L${mid} ${y - 9}L${to - 3} ${y}`;
    })
    .join('');
  return (
    <g>
      <path
        d={`M${LEFT_PX} ${y}H${end}`}
        stroke={color}
        strokeWidth={isOpen ? 1 : 2.5}
        strokeDasharray={isOpen ? '1 4' : undefined}
      />
      <path d={leaves} stroke={color} strokeWidth="1.75" fill="none" />
      {[...lanes, null].map((_, at) => (
        <rect key={at} x={LEFT_PX + at * lanePx - 3} y={y - 5} width="6" height="10" fill={color} />
      ))}
      <text className="small strong halo" x={nameEnd} y={nameBase} textAnchor="end" style={{ fill: color }}>
        {name}
      </text>
    </g>
  );
}

interface PickedProps {
  readonly id: string;
  readonly onPick: (id: string) => void;
  /** Let go so many pixels further down; null where it is not moved by hand. */
  readonly onDrop: ((dyPx: number) => void) | null;
  readonly children: ReactNode;
}

/** A part of the picture that is picked by the pointer, and dragged up and down in time. */
function Picked({ id, onPick, onDrop, children }: PickedProps) {
  const { drag, moved } = useGhostDrag((_dx, dy) => {
    onDrop?.(dy);
  });
  return (
    <g
      {...(onDrop !== null && drag)}
      transform={moved === null ? undefined : `translate(0 ${moved[1]})`}
      opacity={moved === null ? undefined : 0.6}
      style={{ cursor: onDrop === null ? 'pointer' : 'ns-resize', touchAction: 'pan-y' }}
      onClick={() => {
        onPick(id);
      }}
    >
      {children}
    </g>
  );
}

const PATTERNS = (
  <defs>
    <pattern
      id="river-cover"
      width="5"
      height="5"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <rect width="5" height="5" fill="var(--sheet)" />
      <path d="M0 0V5" stroke="var(--ink)" strokeWidth="4" />
    </pattern>
    <pattern
      id="river-closed"
      width="8"
      height="8"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(-45)"
    >
      <path d="M0 0V8" stroke="var(--rule2)" strokeWidth="1.5" />
    </pattern>
  </defs>
);

/**
 * The order of the work: time down the page, a lane for each place, the day of each person as a current through them,
 * gates over all lanes. It is for the pointer; the list beside it holds the same for the keyboard and for reading aloud.
 */
export function RiverPicture(props: RiverPictureProps) {
  const { steps, gates, lanes, hours, onPick, onMove, widthPx, label } = props;
  const lanePx = (widthPx - LEFT_PX) / Math.max(1, lanes.length);
  const layout = riverLayout(
    steps,
    gates,
    lanes.map(({ id }) => id),
    hours,
    { leftPx: LEFT_PX, lanePx },
  );
  const drawn: Drawn = { ...props, layout, lanePx };
  const byId = new Map(steps.map((step) => [step.id, step]));
  const people = [...new Set(steps.flatMap((step) => step.people))].toSorted();
  const { heightPx } = layout;
  const drop = (stroke: RiverStroke) => (dyPx: number) => {
    const time = timeAt(layout, hours, stroke.y + dyPx);
    if (time !== undefined) onMove?.(stroke.step, time);
  };
  return (
    <svg
      className="picture"
      role="img"
      aria-label={label}
      width={widthPx}
      height={heightPx}
      viewBox={`0 0 ${widthPx} ${heightPx}`}
    >
      {PATTERNS}
      <Ground {...drawn} />
      <Closed {...drawn} />
      {people.map((person) => (
        <Current key={person} {...drawn} person={person} />
      ))}
      {layout.strokes.map((stroke, at) => {
        const step = byId.get(stroke.step);
        return step === undefined ? null : (
          <Picked
            key={`${stroke.step} ${at}`}
            id={stroke.step}
            onPick={onPick}
            onDrop={onMove === null || !stroke.first ? null : drop(stroke)}
          >
            <Stroke {...drawn} stroke={stroke} step={step} />
          </Picked>
        );
      })}
      {layout.gates.map((gate) => (
        <Picked key={gate.id} id={gate.id} onPick={onPick} onDrop={null}>
          <Gate {...drawn} gate={gate} />
        </Picked>
      ))}
    </svg>
  );
}
