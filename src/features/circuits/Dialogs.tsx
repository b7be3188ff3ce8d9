import { Drawer } from '@mantine/core';
import type { CircuitView } from '../../store/circuitView';
import type { OpenJob } from '../../store/jobSlice';
import { AddCircuitDialog } from './AddCircuitDialog';
import { CircuitList } from './CircuitList';
import { JobDialog } from './JobDialog';
import { KeysDialog } from './KeysDialog';
import { Palette } from './Palette';

interface DialogsProps {
  readonly open: Extract<OpenJob, { status: 'ready' }>;
  readonly views: readonly CircuitView[];
  readonly current: CircuitView | undefined;
  readonly adding: boolean;
  readonly onAdded: () => void;
  readonly settings: boolean;
  readonly onCloseSettings: () => void;
  readonly help: boolean;
  readonly onCloseHelp: () => void;
  readonly listing: boolean;
  readonly onCloseList: () => void;
}

/** What opens over the stage. */
export function Dialogs(props: DialogsProps) {
  const { open, views, current } = props;
  return (
    <>
      <AddCircuitDialog job={open.job} opened={props.adding} onClose={props.onAdded} />
      <JobDialog job={open.job} opened={props.settings} onClose={props.onCloseSettings} />
      <KeysDialog opened={props.help} onClose={props.onCloseHelp} />
      <Drawer.Root opened={props.listing} onClose={props.onCloseList} position="bottom" size="75%">
        <Drawer.Overlay />
        <Drawer.Content aria-label="Circuits">
          <Drawer.Body>
            <CircuitList views={views} current={current?.circuit.id ?? ''} />
          </Drawer.Body>
        </Drawer.Content>
      </Drawer.Root>
      <Palette open={open} views={views} current={current} />
    </>
  );
}
