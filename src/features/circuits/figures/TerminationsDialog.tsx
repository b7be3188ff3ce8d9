import { useState } from 'react';
import { appliedTorque } from '../../../core/checks/torqueRecord';
import type { Job } from '../../../core/job/jobSchema';
import { PROVED_DEAD } from '../../../core/wording/cautions';
import { formName } from '../../../core/wording/places';
import { barsNote, TORQUE_FROM } from '../../../core/wording/terminals';
import { wiringScenes, type DrawnWire, type WiringScene } from '../../../core/drawing/wiringScene';
import { enclosuresOf } from '../../../core/wiring/enclosures';
import { wiring, type Wiring } from '../../../core/wiring/terminations';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { ReceptacleFace } from '../../../ui/pictures/ReceptacleFace';
import { SpliceList } from '../../../ui/pictures/SpliceList';
import { WiringRow } from '../../../ui/pictures/wiring/WiringRow';
import { Dialog } from '../../../ui/shell/Dialog';
import { SiteFields } from '../../job/SiteFields';
import { TorqueEntry } from './TorqueEntry';
import classes from './TerminationsDialog.module.css';

interface TerminationsDialogProps {
  readonly job: Job;
  readonly view: CircuitEvaluation;
  readonly onClose: () => void;
}

/** The screws of a circuit in the order of landing. */
const screwsOf = (scenes: readonly WiringScene[]): readonly DrawnWire[] =>
  scenes
    .flatMap(({ wires }) => wires)
    .filter(({ capped }) => !capped)
    .toSorted((a, b) => a.entered.landing.order - b.entered.landing.order);

function Landings({
  job,
  view,
  wired,
}: Pick<TerminationsDialogProps, 'job' | 'view'> & { readonly wired: Wiring }) {
  const [selected, setSelected] = useState<string | null>(null);
  const scenes = wiringScenes(enclosuresOf(view.circuit, view.solved.figures, wired));
  const screws = screwsOf(scenes);
  const torques = appliedTorque(job.checks, view.circuit.id);
  const next = screws.find(({ key }) => torques[key] === undefined)?.key ?? null;
  const wire = screws.find(({ key }) => key === selected);
  const done = screws.filter(({ key }) => torques[key] !== undefined).length;
  return (
    <>
      <WiringRow
        view={view}
        torques={torques}
        scenes={scenes}
        selected={selected}
        next={next}
        onSelect={({ key }) => {
          setSelected(key);
        }}
      />
      <div className={classes['under']}>
        <p className="second">
          Torque recorded at {done} of {screws.length} screws. Choose a screw to record it. Stranded: torque,
          move it, torque again.
        </p>
        {wire !== undefined && (
          <TorqueEntry
            job={job}
            circuit={view.circuit}
            wire={wire}
            onDone={() => {
              setSelected(screws[screws.indexOf(wire) + 1]?.key ?? null);
            }}
          />
        )}
      </div>
    </>
  );
}

/** The terminations of every enclosure of a circuit, in the order of landing: the load first, the panel last. */
export function TerminationsDialog({ job, view, onClose }: TerminationsDialogProps) {
  const { circuit, solved, context } = view;
  const wired = wiring(circuit, solved, context);
  if (wired === null) {
    return (
      <Dialog opened onClose={onClose} title={`Terminations, ${circuit.name}`}>
        <p>
          {circuit.existing === null
            ? 'No conductor fits this circuit yet, so there is nothing to land.'
            : 'This circuit is there already: nothing is landed anew.'}
        </p>
      </Dialog>
    );
  }
  const { splices, torqueFrom } = wired;
  const note = barsNote(wired.panel);
  const { outlet } = solved.figures;
  return (
    <Dialog wide opened onClose={onClose} title={`Terminations, ${circuit.name}`}>
      {note !== null && (
        <p role="alert">
          <b>{note}</b>
        </p>
      )}
      <p className="second">
        {PROVED_DEAD} Far end first, the panel last.{' '}
        {outlet.gfci.form === 'none' ? '' : `Protection: ${formName[outlet.gfci.form]}. `}
        Torque in lb-in {TORQUE_FROM[torqueFrom]}
      </p>
      <Landings job={job} view={view} wired={wired} />
      {outlet.receptacle !== null && <ReceptacleFace config={outlet.receptacle.config} size={132} />}
      <SpliceList splices={splices} />
      <h3 className={classes['head']}>Seen at the ends</h3>
      <div className={classes['fields']}>
        <SiteFields view={view} topic="ends" />
      </div>
    </Dialog>
  );
}
