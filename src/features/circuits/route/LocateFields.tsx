import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { useJobEditor } from '../../../store/useJobEditor';
import { useReadyJob } from '../../job/JobPage';
import classes from './route.module.css';

const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** The call before digging: the ticket and the days on which it holds. One for the whole job. */
export function LocateFields() {
  const { job } = useReadyJob();
  const { canWrite, edit } = useJobEditor();
  const [ticket, setTicket] = useState('');
  const [date, setDate] = useState('');
  const [until, setUntil] = useState('');
  if (job.locate !== null) {
    return (
      <p className="second">
        Lines located: ticket <b className="fig">{job.locate.ticket}</b>, from {job.locate.date}
        {job.locate.until == null ? ', to a day that is not known' : ` to ${job.locate.until}`}.{' '}
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
  const ready =
    ticket.trim() !== '' && DAY.test(date) && (until === '' || (DAY.test(until) && until >= date));
  return (
    <form
      className={classes['locate']}
      onSubmit={(event) => {
        event.preventDefault();
        if (ready) {
          const locate = { ticket: ticket.trim().slice(0, 60), date, until: until === '' ? null : until };
          edit({ kind: 'change-job', fields: { locate } }, 'Record the call before digging');
        }
      }}
    >
      <TextInput
        label="Ticket of the call"
        value={ticket}
        maxLength={60}
        disabled={!canWrite}
        onChange={(event) => {
          setTicket(event.currentTarget.value);
        }}
      />
      <TextInput
        label="Valid from"
        type="date"
        value={date}
        disabled={!canWrite}
        onChange={(event) => {
          setDate(event.currentTarget.value);
        }}
      />
      <TextInput
        label="Marks hold to"
        description="The ticket says it."
        type="date"
        value={until}
        min={date}
        disabled={!canWrite}
        error={until !== '' && date !== '' && until < date ? 'A day on or after the first' : undefined}
        onChange={(event) => {
          setUntil(event.currentTarget.value);
        }}
      />
      <Button type="submit" variant="default" disabled={!ready || !canWrite}>
        Record it
      </Button>
    </form>
  );
}
