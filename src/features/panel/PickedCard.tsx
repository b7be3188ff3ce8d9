import { TextField } from '../../ui/fields/TextField';
import { Button } from '@mantine/core';
import { takeOut } from '../../core/panel/planEdits';
import type { Breaker } from '../../core/panel/panelSchema';
import { spaceLabel, planned, slotsOf } from '../../core/panel/spaces';
import { parseOptional } from '../../core/panel/panelFields';
import { printNumber } from '../../core/units/number';
import type { PanelEvaluation } from '../../core/job/evaluation';
import { usePanelEditor } from '../../store/usePanelEditor';
import { QuantityField } from '../../ui/fields/QuantityField';
import { useStageActions } from '../job/stageActions';
import classes from './panel.module.css';

interface PickedCardProps {
  readonly view: PanelEvaluation;
  readonly id: string;
  readonly onDone: () => void;
}

const VA = { min: 0, max: 50000, units: ['va', 'w'], shown: 'VA' } as const;

/** What the directory says of a breaker that was found, and what it carries. */
function BreakerFields({
  view: { panel },
  breaker,
}: Pick<PickedCardProps, 'view'> & { readonly breaker: Breaker }) {
  const { change, canWrite } = usePanelEditor(panel);
  const { id } = breaker;
  const set = (fields: Partial<Breaker>, label: string, key?: string): void => {
    change(
      { breakers: panel.breakers.map((each) => (each.id === id ? { ...each, ...fields } : each)) },
      label,
      key,
    );
  };
  return (
    <>
      <TextField
        live
        key={id}
        label="What it feeds, as the directory will say"
        value={breaker.name}
        maxLength={60}
        disabled={!canWrite}
        onText={(name, key) => {
          set({ name }, 'What a breaker feeds', key);
        }}
      />
      <QuantityField<number | null>
        label="Load, where it is known"
        value={breaker.va}
        disabled={!canWrite}
        inputMode="decimal"
        print={(value) => (value === null ? '' : `${printNumber(value)} VA`)}
        parse={(text) => parseOptional(text, VA)}
        onValue={(va, key) => {
          set({ va }, 'Load of a breaker', key);
        }}
      />
    </>
  );
}

/** What is known of the breaker or circuit that was picked, and what may be done with it. */
export function PickedCard({ view, id, onDone }: PickedCardProps) {
  const { panel, wanted } = view;
  const { plan, canWrite } = usePanelEditor(panel);
  const { goTo } = useStageActions();
  const breaker = panel.breakers.find((each) => each.id === id);
  const installed = planned(panel, wanted).find((each) => each.id === id);
  const where =
    installed === undefined
      ? 'no space yet'
      : `space ${installed.poles === 2 ? slotsOf(installed).join(', ') : spaceLabel(installed.place)}`;
  const name = breaker?.name ?? wanted.find(({ circuitId }) => circuitId === id)?.name ?? '';
  return (
    <section className={classes['picked']} aria-label="Picked">
      <h2>
        {name === '' ? 'No name' : name} <span className="second">{where}</span>
      </h2>
      {breaker !== undefined && <BreakerFields view={view} breaker={breaker} />}
      <div className={classes['acts']}>
        {installed !== undefined && (
          <Button
            size="xs"
            variant="default"
            disabled={!canWrite}
            onClick={() => {
              plan(
                takeOut(panel, id),
                breaker === undefined ? 'Take out of its space' : 'Take a breaker out',
              );
              onDone();
            }}
          >
            {breaker === undefined ? 'Remove it from this space' : 'Remove it from the panel'}
          </Button>
        )}
        {breaker === undefined && (
          <Button
            size="xs"
            variant="default"
            onClick={() => {
              goTo(id);
            }}
          >
            Open the circuit
          </Button>
        )}
        <Button size="xs" variant="default" onClick={onDone}>
          Place it
        </Button>
      </div>
    </section>
  );
}
