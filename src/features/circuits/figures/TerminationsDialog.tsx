import { formName } from '../../../core/wording/places';
import { endName } from '../../../core/wording/terminals';
import { wiring } from '../../../core/wiring/terminations';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { ReceptacleFace } from '../../../ui/pictures/ReceptacleFace';
import { WiringPicture } from '../../../ui/pictures/WiringPicture';
import { Dialog } from '../../../ui/shell/Dialog';
import { SiteFields } from '../../job/SiteFields';
import { SpliceList } from '../../../ui/pictures/SpliceList';
import classes from './TerminationsDialog.module.css';

interface TerminationsDialogProps {
  readonly view: CircuitEvaluation;
  readonly onClose: () => void;
}

/** The terminations at every end of a circuit, in the order of landing: the load first, the panel last. */
export function TerminationsDialog({ view, onClose }: TerminationsDialogProps) {
  const { circuit, solved, context } = view;
  const wired = wiring(circuit, solved, context.code);
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
  const { ends, splices, torqueFrom, service, to } = wired;
  const { outlet } = solved.figures;
  const labels = {
    load:
      to === 'spa-panel'
        ? 'line lugs; neutrals and grounds separate; no bond'
        : (outlet.receptacle?.config ?? 'terminals of the appliance'),
    'load-side': 'neutrals and grounds separate; no bond',
    'line-side': 'neutrals and grounds separate; no bond',
    panel: service
      ? 'service: neutrals and grounds on the bonded bar'
      : 'subpanel: neutrals and grounds separate',
  };
  return (
    <Dialog wide opened onClose={onClose} title={`Terminations, ${circuit.name}`}>
      <p className="second">
        Dead, and proved dead: tester on a live source, on these conductors, on the live source again. Far end
        first, the panel last.{' '}
        {outlet.gfci.form === 'none' ? '' : `Protection: ${formName[outlet.gfci.form]}. `}
        Torque{' '}
        {torqueFrom === 'label'
          ? 'as on the label.'
          : 'by the default table: read the label, it comes first.'}
      </p>
      <div className={classes['ends']}>
        {ends.map((end) => (
          <WiringPicture key={end.at} end={end} name={endName(end.at, wired)} label={labels[end.at]} />
        ))}
        {outlet.receptacle !== null && <ReceptacleFace config={outlet.receptacle.config} size={132} />}
      </div>
      <SpliceList splices={splices} />
      <h3 className={classes['head']}>Seen at the ends</h3>
      <div className={classes['fields']}>
        <SiteFields view={view} topic="ends" />
      </div>
    </Dialog>
  );
}
