import { Button } from '@mantine/core';
import { hasOwnCircuit } from '../../core/job/circuitFromYard';
import type { Job } from '../../core/job/jobSchema';
import { withKnown } from '../../core/water/yardEdits';
import type { Thing } from '../../core/water/yardSchema';
import { useCircuitFromYard } from '../../store/useCircuitFromYard';
import { useYardEditor } from '../../store/useYardEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { useStageActions } from '../job/stageActions';

interface CircuitOfThingProps {
  readonly job: Job;
  readonly thing: Thing;
}

const NONE = '';
const FED = new Set<Thing['kind']>([
  'pump',
  'heater',
  'light',
  'receptacle',
  'pump-receptacle',
  'disconnect',
  'panel',
  'timer',
]);

/** The circuit that feeds a thing: one of the job, or one that is made from the plan. */
export function CircuitOfThing({ job, thing }: CircuitOfThingProps) {
  const { canWrite, put } = useYardEditor();
  const { goTo } = useStageActions();
  const make = useCircuitFromYard();
  if (!FED.has(thing.kind)) return null;
  const { circuitId } = thing;
  return (
    <>
      <ChoiceField
        label="Fed by"
        help="Its distances follow the plan"
        value={circuitId ?? NONE}
        disabled={!canWrite}
        choices={[
          { value: NONE, label: 'no circuit of this job' },
          ...job.circuits.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChoose={(id) => {
          put(
            { list: 'things', item: withKnown(thing, { circuitId: id === NONE ? undefined : id }) },
            `Circuit of ${thing.name}`,
          );
        }}
      />
      {circuitId === undefined && hasOwnCircuit(thing) && (
        <Button
          size="xs"
          variant="default"
          disabled={!canWrite}
          onClick={() => {
            make(thing);
          }}
        >
          Make its circuit
        </Button>
      )}
      {circuitId !== undefined && (
        <Button
          size="xs"
          variant="default"
          onClick={() => {
            goTo(circuitId);
          }}
        >
          Open its circuit
        </Button>
      )}
    </>
  );
}
