import { Drawer } from '@mantine/core';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import type { OpenJob } from '../../store/jobSlice';
import { AddCircuitDialog } from './add/AddCircuitDialog';
import { CircuitList } from './CircuitList';
import { JobDialogs } from '../job/JobDialogs';
import type { DialogName } from '../job/stageActions';
import { OptionsDialog } from './working/OptionsDialog';
import { TerminationsDialog } from './figures/TerminationsDialog';

interface DialogsProps {
  readonly open: Extract<OpenJob, { status: 'ready' }>;
  readonly ids: readonly string[];
  readonly current: CircuitEvaluation | undefined;
  readonly dialog: DialogName | null;
  readonly onClose: () => void;
}

/** What opens over the stage, one at a time. Loaded when the first of them is opened. */
export function Dialogs({ open, ids, current, dialog, onClose }: DialogsProps) {
  return (
    <>
      <AddCircuitDialog job={open.job} opened={dialog === 'add'} onClose={onClose} />
      <JobDialogs open={open} dialog={dialog} onClose={onClose} current={current} />
      <Drawer.Root opened={dialog === 'list'} onClose={onClose} position="bottom" size="75%">
        <Drawer.Overlay />
        <Drawer.Content aria-label="Circuits">
          <Drawer.Body>
            <CircuitList ids={ids} current={current?.circuit.id ?? ''} />
          </Drawer.Body>
        </Drawer.Content>
      </Drawer.Root>
      {dialog === 'wiring' && current !== undefined && (
        <TerminationsDialog job={open.job} view={current} onClose={onClose} />
      )}
      {dialog === 'options' && current !== undefined && (
        <OptionsDialog job={open.job} view={current} onClose={onClose} />
      )}
    </>
  );
}
