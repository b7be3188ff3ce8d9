import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Job } from '../../../core/job/jobSchema';
import { useJobEditor } from '../../../store/useJobEditor';
import { useReadyJob } from '../../job/JobPage';
import classes from './route.module.css';

type Ticket = NonNullable<Job['locate']>;

const DAY = /^\d{4}-\d{2}-\d{2}$/;

function RecordedTicket({ recorded }: { readonly recorded: Ticket }) {
  const { canWrite, edit } = useJobEditor();
  return (
    <p className="second">
      Lines located: ticket <b className="fig">{recorded.ticket}</b>, from {recorded.date}
      {recorded.until == null ? ', to a day that is not known' : ` to ${recorded.until}`}.{' '}
      <button
        type="button"
        className="act"
        disabled={!canWrite}
        onClick={() => {
          edit({ kind: 'change-job', fields: { locate: null } }, 'Remove the ticket');
        }}
      >
        Remove it
      </button>
    </p>
  );
}

function TicketForm() {
  const { canWrite, edit } = useJobEditor();
  const [typed, setTyped] = useState({ ticket: '', date: '', until: '' });
  const { ticket, date, until } = typed;
  const endsBefore = until !== '' && date !== '' && until < date;
  const ready = ticket.trim() !== '' && DAY.test(date) && (until === '' || DAY.test(until)) && !endsBefore;
  const typing = (name: keyof typeof typed) => ({
    value: typed[name],
    disabled: !canWrite,
    onChange: (event: React.ChangeEvent<HTMLInputElement>) => {
      setTyped({ ...typed, [name]: event.currentTarget.value });
    },
  });
  return (
    <form
      className={classes['locate']}
      onSubmit={(event) => {
        event.preventDefault();
        if (!ready) return;
        const locate = { ticket: ticket.trim(), date, until: until === '' ? null : until };
        edit({ kind: 'change-job', fields: { locate } }, 'Record the call before digging');
      }}
    >
      <TextInput label="Ticket of the call" maxLength={60} {...typing('ticket')} />
      <TextInput label="Valid from" type="date" {...typing('date')} />
      <TextInput
        label="Marks hold to"
        description="The ticket says it."
        type="date"
        min={date}
        error={endsBefore ? 'A day on or after the first' : undefined}
        {...typing('until')}
      />
      <Button type="submit" variant="default" disabled={!ready || !canWrite}>
        Record it
      </Button>
    </form>
  );
}

/** The call before digging: the ticket and the days on which it holds. One for the whole job. */
export function LocateFields() {
  const { job } = useReadyJob();
  return job.locate === null ? <TicketForm /> : <RecordedTicket recorded={job.locate} />;
}
