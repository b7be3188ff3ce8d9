import type { CircuitEvaluation } from '../../core/job/evaluation';
import { HELP_IDS } from '../../core/wording/help';
import { AmendmentsDialog } from './AmendmentsDialog';
import { EditionDialog } from './EditionDialog';
import { HelpDialog } from './HelpDialog';
import { JobDialog } from './JobDialog';
import type { ReadyJob } from './JobPage';
import { KeysDialog } from './KeysDialog';
import { Palette } from './Palette';
import { PlugDialog } from './PlugDialog';
import { PracticesDialog } from './PracticesDialog';
import { ScheduleDialog } from './ScheduleDialog';
import type { DialogName } from './stageActions';

interface JobDialogsProps {
  readonly open: ReadyJob;
  readonly dialog: DialogName | null;
  readonly onClose: () => void;
  /** The circuit that is shown, where a stage shows one. */
  readonly current?: CircuitEvaluation | undefined;
}

/** The dialogs that every stage of a job may open, one at a time. */
export function JobDialogs({ open, dialog, onClose, current }: JobDialogsProps) {
  const { job } = open;
  const topic = HELP_IDS.find((id) => dialog === `help ${id}`);
  return (
    <>
      <JobDialog job={job} opened={dialog === 'job'} onClose={onClose} />
      <KeysDialog opened={dialog === 'keys'} onClose={onClose} />
      {dialog === 'edition' && <EditionDialog job={job} onClose={onClose} />}
      {dialog === 'practices' && <PracticesDialog job={job} onClose={onClose} />}
      {dialog === 'amendments' && <AmendmentsDialog job={job} onClose={onClose} />}
      {dialog === 'schedule' && <ScheduleDialog job={job} onClose={onClose} />}
      {dialog === 'plugs' && <PlugDialog job={job} onClose={onClose} />}
      {topic !== undefined && <HelpDialog key={topic} at={topic} onClose={onClose} />}
      {dialog === 'palette' && <Palette open={open} current={current} onClose={onClose} />}
    </>
  );
}
