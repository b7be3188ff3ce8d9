import { Button } from '@mantine/core';
import { useState } from 'react';
import type { DayGate } from '../../core/days/jobDays';
import type { Job } from '../../core/job/jobSchema';
import { openSlots, type DeskAnswer } from '../../core/timing/permitDesk';
import { printDay } from '../../core/units/day';
import { GATE_NAME } from '../../core/wording/daysWords';
import { clockWords, momentWords } from '../../core/wording/momentWords';
import { askDesk, DESK_BEHAVIORS, type DeskBehavior } from '../../store/days/permitDesk';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { today } from '../../store/clock';
import { useDaysEditor } from './useDaysEditor';
import classes from './days.module.css';

interface DeskPaneProps {
  readonly job: Job;
  readonly gate: DayGate;
  /** Whether all that it waits for is done. */
  readonly isReady: boolean;
}

/** Slots to book, and what the desk says of an inspection that was booked. */
function Answer({ job, gate, isReady, answer }: DeskPaneProps & { readonly answer: DeskAnswer }) {
  const { canWrite, putGate, passGate, refuseGate } = useDaysEditor(job);
  const { id, opens, record } = gate;
  const name = GATE_NAME[id];
  const slots = openSlots(answer, opens.slice(0, 10)).filter((slot) => slot >= opens);
  const { outcome } = answer;
  return (
    <div className={classes['acts']} role="status">
      {slots.length === 0 && <span>No slot from {momentWords(opens)} on. Ask another day.</span>}
      {slots.map((slot) => (
        <Button
          key={slot}
          size="xs"
          variant="default"
          disabled={!canWrite || record.booked === slot}
          onClick={() => {
            putGate(id, { booked: slot }, `${name} booked`);
          }}
        >
          Book {printDay(slot.slice(0, 10))}, {clockWords(slot)}
        </Button>
      ))}
      {outcome !== null && record.booked !== null && (
        <Button
          size="xs"
          disabled={!canWrite || (outcome.passed && !isReady)}
          onClick={() => {
            if (outcome.passed) passGate(id, outcome.by);
            else refuseGate(id, outcome.remarks);
          }}
        >
          {outcome.passed ? `Passed by ${outcome.by}` : `Not passed: ${outcome.remarks}`}
        </Button>
      )}
    </div>
  );
}

/** The simulated permit desk, asked for a gate from the day on which all that it has to see stands. */
export function DeskPane({ job, gate, isReady }: DeskPaneProps) {
  const { canWrite } = useDaysEditor(job);
  const [behavior, setBehavior] = useState<DeskBehavior>('none');
  const [asking, setAsking] = useState(false);
  const [answer, setAnswer] = useState<Awaited<ReturnType<typeof askDesk>> | null>(null);
  const from = gate.opens.slice(0, 10) > today() ? gate.opens.slice(0, 10) : today();
  const ask = async (): Promise<void> => {
    setAsking(true);
    setAnswer(await askDesk(behavior, from));
    setAsking(false);
  };
  return (
    <section className={classes['desk']} aria-label="Permit desk (simulated)">
      <button type="button" className="act" disabled={!canWrite || asking} onClick={() => void ask()}>
        {asking ? 'Asking the permit desk' : 'Ask the permit desk (simulated)'}
      </button>
      <ChoiceField
        label="How the simulated desk answers"
        value={behavior}
        choices={DESK_BEHAVIORS}
        onChoose={setBehavior}
      />
      {answer !== null && 'problem' in answer && <p role="alert">{answer.problem}</p>}
      {answer !== null && !('problem' in answer) && (
        <Answer job={job} gate={gate} isReady={isReady} answer={answer} />
      )}
    </section>
  );
}
