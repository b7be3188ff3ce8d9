import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { stationLetter } from '../../../core/circuit/stations';
import type { Enclosure } from '../../../core/wiring/enclosures';
import type { DrawnWire, WiringScene } from '../../../core/drawing/wiringScene';
import { printLength } from '../../../core/units/length';
import { feet } from '../../../core/units/quantity';
import { segmentName } from '../../../core/wording/conductors';
import { enclosureName, enclosureNote } from '../../../core/wording/terminals';
import { EnclosurePicture } from './EnclosurePicture';
import classes from './wiring.module.css';

interface WiringRowProps {
  readonly view: CircuitEvaluation;
  readonly scenes: readonly WiringScene[];
  /** Torque that was applied, by terminal. */
  readonly torques: Readonly<Record<string, number>>;
  readonly selected: string | null;
  readonly next: string | null;
  readonly onSelect: (wire: DrawnWire) => void;
}

/** Pixels for a unit of the scene: three enclosures stand side by side in a dialog. */
const SCALE = 0.95;

/** What leaves an enclosure towards the load: how long, and in what. */
function leaving({ circuit, solved }: CircuitEvaluation, station: number | null): string | null {
  const segment = station === null ? undefined : circuit.run[station];
  const figures = station === null ? undefined : solved.figures.segments[station];
  if (station === null || segment === undefined || figures === undefined) return null;
  const name = segmentName(figures);
  return `to ${stationLetter(station + 1)}: ${printLength(feet(segment.lengthFt))} of ${name}`;
}

function Caption({ view, enclosure }: { readonly view: CircuitEvaluation; readonly enclosure: Enclosure }) {
  const { outlet } = view.solved.figures;
  return (
    <figcaption>
      {enclosure.station !== null && <b className={classes['flag']}>{stationLetter(enclosure.station)}</b>}
      <b>{enclosureName(enclosure.kind, view.circuit.name)}</b>
      <span className={classes['about']}>{enclosureNote(enclosure, outlet.receptacle?.config ?? null)}</span>
    </figcaption>
  );
}

/** The enclosures of a circuit in a row, from panel to load; on a phone one below the other. */
export function WiringRow({ view, scenes, torques, selected, next, onSelect }: WiringRowProps) {
  const { circuit } = view;
  return (
    <div className={classes['row']}>
      {scenes.map((scene, at) => {
        const { enclosure } = scene;
        const name = enclosureName(enclosure.kind, circuit.name);
        return (
          <figure
            key={at}
            className={classes['figure']}
            style={{ width: `min(100%, ${Math.round(scene.width * SCALE)}px)` }}
          >
            <Caption view={view} enclosure={enclosure} />
            <EnclosurePicture
              scene={scene}
              label={`Terminations, ${name}`}
              torques={torques}
              selected={selected}
              next={next}
              onSelect={onSelect}
            />
            <p className="second">{leaving(view, enclosure.station)}</p>
          </figure>
        );
      })}
    </div>
  );
}
