import { Button } from '@mantine/core';
import { useMemo, useState } from 'react';
import {
  applianceTitle,
  familyList,
  freshAppliance,
  type Appliance,
  type FamilyId,
} from '../../../core/appliances/registry';
import { newCircuit, newSegment } from '../../../core/circuit/newCircuit';
import type { Circuit } from '../../../core/circuit/circuitSchema';
import { METHOD_IDS, ENVIRONMENTS, type MethodId, type Environment } from '../../../core/code/methods';
import type { Job } from '../../../core/job/jobSchema';
import { printLength } from '../../../core/units/length';
import { feet, type Feet } from '../../../core/units/quantity';
import { findingSentence } from '../../../core/wording/findings';
import { circuitLine, ladderWords } from '../../../core/wording/ladder';
import { methodName, environmentName } from '../../../core/wording/words';
import { circuitsAdded } from '../../../core/job/changes';
import { draftOf } from '../../../store/sizes';
import { figureChosen } from '../../../store/focusSlice';
import { useAppDispatch } from '../../../store/store';
import { useJobEditor } from '../../../store/useJobEditor';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { PlateFields } from '../../../ui/fields/PlateFields';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { useStageActions } from '../../job/stageActions';
import { TypeBar } from '../../job/TypeBar';
import { parseSegmentLength } from '../../../core/circuit/segmentLength';
import { Dialog } from '../../../ui/shell/Dialog';
import classes from '../../job/dialogs.module.css';

interface AddCircuitDialogProps {
  readonly job: Job;
  readonly opened: boolean;
  readonly onClose: () => void;
}

interface Draft {
  readonly appliance: Appliance;
  readonly lengthFt: Feet;
  readonly method: MethodId;
  readonly place: Environment;
}

const FRESH: Draft = { appliance: freshAppliance('ev'), lengthFt: feet(40), method: 'nm-b', place: 'indoor' };

const draftCircuit = (
  { appliance, lengthFt, method, place }: Draft,
  { designC }: Job,
  id: string,
  segmentId: string,
): Circuit => newCircuit(id, appliance, [newSegment(segmentId, method, lengthFt, place, designC)]);

/** The answer as it stands, before the circuit is even added. */
function Preview({ job, draft }: { readonly job: Job; readonly draft: Draft }) {
  const view = useMemo(() => draftOf(job, draftCircuit(draft, job, 'draft', 'draft')), [job, draft]);
  if (view === undefined) return null;
  const worst = view.open[0];
  const drop = ladderWords('drop', view.solved, view.circuit);
  return (
    <div className={classes['preview']} aria-live="polite">
      <p className={`fig ${classes['answer']}`}>{circuitLine(view.solved, view.circuit)}</p>
      <p className="second">
        drop <span className="fig">{drop.figure}</span> %, {drop.reason}
      </p>
      {worst !== undefined && (
        <p className={classes['worst']}>
          <SeverityShape severity={view.severity} /> {findingSentence(worst)}
        </p>
      )}
    </div>
  );
}

interface DraftFieldsProps {
  readonly draft: Draft;
  readonly onChange: (part: Partial<Draft>) => void;
}

function ApplianceFields({ draft, onChange }: DraftFieldsProps) {
  return (
    <>
      <ChoiceField<FamilyId>
        label="Appliance"
        value={draft.appliance.family}
        choices={familyList.map(({ id, name }) => ({ value: id, label: name }))}
        onChoose={(family) => {
          onChange({ appliance: freshAppliance(family) });
        }}
      />
      <PlateFields
        key={draft.appliance.family}
        autoFocus
        essential
        appliance={draft.appliance}
        onAppliance={(appliance) => {
          onChange({ appliance });
        }}
      />
    </>
  );
}

function RunFields({ draft, onChange }: DraftFieldsProps) {
  return (
    <>
      <QuantityField<Feet>
        label="Length of the run"
        help="Along the wire, with rise and fall."
        value={draft.lengthFt}
        print={printLength}
        parse={parseSegmentLength}
        onValue={(lengthFt) => {
          onChange({ lengthFt });
        }}
      />
      <ChoiceField
        label="Method"
        value={draft.method}
        choices={METHOD_IDS.map((id) => ({ value: id, label: methodName(id) }))}
        onChoose={(method) => {
          onChange({ method });
        }}
      />
      <ChoiceField
        label="Place"
        value={draft.place}
        choices={ENVIRONMENTS.map((place) => ({ value: place, label: environmentName[place] }))}
        onChoose={(place) => {
          onChange({ place });
        }}
      />
    </>
  );
}

function AddCircuitForm({ job, onClose }: Omit<AddCircuitDialogProps, 'opened'>) {
  const dispatch = useAppDispatch();
  const { edit } = useJobEditor();
  const { goTo } = useStageActions();
  const [draft, setDraft] = useState(FRESH);
  const change = (part: Partial<Draft>): void => {
    setDraft((current) => ({ ...current, ...part }));
  };
  const add = (): void => {
    const circuit = draftCircuit(draft, job, crypto.randomUUID(), crypto.randomUUID());
    const refusal = edit(
      circuitsAdded([circuit], job.circuits.length),
      `Add ${applianceTitle(draft.appliance)}`,
    );
    if (refusal !== undefined) return;
    dispatch(figureChosen({ figureKey: 'conductor' }));
    onClose();
    goTo(circuit.id);
  };
  return (
    <form
      className={classes['form']}
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <ApplianceFields draft={draft} onChange={change} />
      <RunFields draft={draft} onChange={change} />
      <Preview job={job} draft={draft} />
      <div className={classes['acts']}>
        <Button type="submit">Add the circuit</Button>
        <Button variant="default" onClick={onClose}>
          Cancel
        </Button>
      </div>
    </form>
  );
}

/** Reads the nameplate and the length, and shows the answer while they are typed. */
export function AddCircuitDialog({ job, opened, onClose }: AddCircuitDialogProps) {
  const { goTo } = useStageActions();
  return (
    <Dialog opened={opened} onClose={onClose} title="Add a circuit">
      <TypeBar job={job} onAdded={goTo} />
      <h3 className={classes['or']}>Or field by field</h3>
      <AddCircuitForm job={job} onClose={onClose} />
    </Dialog>
  );
}
