import { Button, TextInput } from '@mantine/core';
import { useMemo, useState } from 'react';
import type { AmendmentChange } from '../../core/code/amendment';
import { readAmendments, writeAmendments } from '../../core/job/amendmentFile';
import { amendmentSchema } from '../../core/job/amendmentSchema';
import type { SolveContext } from '../../core/circuit/solveContext';
import { jobContext } from '../../core/job/jobContext';
import { jobFileName } from '../../core/job/jobFile';
import type { Job } from '../../core/job/jobSchema';
import { firstProblem } from '../../core/job/zodProblem';
import { AMENDMENT_KINDS, changeWords } from '../../core/wording/amendments';
import { useJobEditor } from '../../store/useJobEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { downloadText } from '../../ui/files/download';
import { Dialog } from '../../ui/shell/Dialog';
import { useFilePicker } from '../../ui/files/useFilePicker';
import { ChangeFields } from './AmendmentChangeFields';
import { ChangeList, changeCount, useJobChanges } from './ChangeList';
import classes from './dialogs.module.css';

interface AmendmentsDialogProps {
  readonly job: Job;
  readonly onClose: () => void;
}

interface Draft {
  readonly title: string;
  readonly source: string;
  readonly date: string;
  readonly change: AmendmentChange;
}

const FRESH: Draft = {
  title: '',
  source: '',
  date: '',
  change: { kind: 'strike-gfci', rule: 'outdoor-outlet' },
};

const amendmentOf = ({ title, source, date, change }: Draft, id: string): unknown => ({
  id,
  title: title.trim(),
  source: source.trim(),
  date,
  changes: [change],
});

const FIELD: Readonly<Record<string, string>> = { title: 'Title', source: 'Source', date: 'In force from' };

/** What is wrong with a draft, by the label of its field; undefined where nothing is. */
function problemOf(draft: Draft): string | undefined {
  const read = amendmentSchema.safeParse(amendmentOf(draft, 'draft'));
  if (read.success) return undefined;
  const { path } = firstProblem(read.error);
  return `${FIELD[path] ?? 'The change'} is missing or not valid${path === 'date' ? ': a day such as 2024-07-01' : ''}.`;
}

/** Title, source and date of a rule that is being written. */
function RuleFields({ draft, set }: { readonly draft: Draft; readonly set: (part: Partial<Draft>) => void }) {
  const { canWrite } = useJobEditor();
  const text = (key: 'title' | 'source' | 'date', label: string, type: 'text' | 'date' = 'text') => (
    <TextInput
      label={label}
      type={type}
      value={draft[key]}
      maxLength={120}
      disabled={!canWrite}
      onChange={(event) => {
        set({ [key]: event.currentTarget.value });
      }}
    />
  );
  return (
    <>
      {text('title', 'Title')}
      {text('source', 'Source: who says so, and where')}
      {text('date', 'In force from', 'date')}
    </>
  );
}

/** What the job would be solved under if the draft were in force. */
function contextWithDraft(job: Job, draft: Draft): SolveContext {
  const whole = {
    ...draft,
    title: draft.title || 'Draft',
    source: draft.source || 'Draft',
    date: draft.date || '2000-01-01',
  };
  const read = amendmentSchema.safeParse(amendmentOf(whole, 'draft'));
  return jobContext({ ...job, amendments: read.success ? [...job.amendments, read.data] : job.amendments });
}

/** A new local amendment, with what it would change in this job while it is written. */
function NewRule({ job }: { readonly job: Job }) {
  const { edit, canWrite } = useJobEditor();
  const [draft, setDraft] = useState(FRESH);
  const problem = problemOf(draft);
  const context = useMemo(() => contextWithDraft(job, draft), [job, draft]);
  const changes = useJobChanges(job, context);
  const set = (part: Partial<Draft>): void => {
    setDraft((current) => ({ ...current, ...part }));
  };
  return (
    <form
      className={classes['form']}
      onSubmit={(event) => {
        event.preventDefault();
        const read = amendmentSchema.safeParse(amendmentOf(draft, crypto.randomUUID()));
        if (!read.success) return;
        edit(
          { kind: 'change-job', fields: { amendments: [...job.amendments, read.data] } },
          `Local amendment: ${read.data.title}`,
        );
        setDraft(FRESH);
      }}
    >
      <h3 className={classes['wide']}>Another local amendment</h3>
      <RuleFields draft={draft} set={set} />
      <ChoiceField
        label="What it changes"
        value={draft.change.kind}
        disabled={!canWrite}
        choices={AMENDMENT_KINDS.map(({ kind, name }) => ({ value: kind, label: name }))}
        onChoose={(kind) => {
          const sample = AMENDMENT_KINDS.find((each) => each.kind === kind)?.sample;
          if (sample !== undefined) set({ change: sample });
        }}
      />
      <ChangeFields
        change={draft.change}
        disabled={!canWrite}
        onChange={(change) => {
          set({ change });
        }}
      />
      <p className={classes['wide']} aria-live="polite">
        <b>{changeWords(draft.change)}.</b> {changeCount(changes)} {problem}
      </p>
      <div className={classes['wide']}>
        <ChangeList changes={changes} />
      </div>
      <div className={classes['acts']}>
        <Button type="submit" disabled={!canWrite || problem !== undefined}>
          Put it in force
        </Button>
      </div>
    </form>
  );
}

function InForce({ job }: { readonly job: Job }) {
  const { edit, canWrite } = useJobEditor();
  if (job.amendments.length === 0) return <p className="second">None recorded for this job.</p>;
  return (
    <table className={classes['keys']}>
      <tbody>
        {job.amendments.map(({ id, title, source, date, changes }) => (
          <tr key={id}>
            <th scope="row">{title}</th>
            <td>
              {changes.map(changeWords).join('; ')}{' '}
              <span className="second">
                {source}, from {date}
              </span>
            </td>
            <td>
              <button
                type="button"
                className="act"
                disabled={!canWrite}
                onClick={() => {
                  const amendments = job.amendments.filter((each) => each.id !== id);
                  edit({ kind: 'change-job', fields: { amendments } }, `Lift local amendment: ${title}`);
                }}
              >
                Lift
              </button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Brings the rules of a file into the job; those it has already stay as they are. */
function useImport(job: Job): {
  readonly read: (file: File) => Promise<void>;
  readonly fileNote: string | null;
} {
  const { edit } = useJobEditor();
  const [fileNote, setFileNote] = useState<string | null>(null);
  const read = async (file: File): Promise<void> => {
    const found = readAmendments(await file.text());
    if ('problem' in found) {
      setFileNote(`${file.name} was not read. ${found.problem} Nothing was changed.`);
      return;
    }
    const fresh = found.amendments.filter(({ id }) => !job.amendments.some((each) => each.id === id));
    const amendments = [...job.amendments, ...fresh].slice(0, 40);
    setFileNote(`${fresh.length} of ${found.amendments.length} rules are new here.`);
    if (fresh.length > 0)
      edit({ kind: 'change-job', fields: { amendments: amendments } }, `Local amendments of ${file.name}`);
  };
  return { read, fileNote };
}

/** Local amendments: those in force with source and date, a new one, and files of them in and out. */
export function AmendmentsDialog({ job, onClose }: AmendmentsDialogProps) {
  const { canWrite } = useJobEditor();
  const { read, fileNote } = useImport(job);
  const picker = useFilePicker({
    accept: '.json,application/json',
    label: 'File of local amendments',
    onFile: (file) => void read(file),
  });
  return (
    <Dialog wide opened onClose={onClose} title="Local amendments">
      <p className="second">
        What a state, county or town changes. Each working that a rule touched names it. Samples are samples:
        write what your authority says.
      </p>
      <InForce job={job} />
      <p className={classes['acts']}>
        <Button
          variant="default"
          disabled={job.amendments.length === 0}
          onClick={() => {
            downloadText(writeAmendments(job.amendments), jobFileName(job, 'rules.json'), 'application/json');
          }}
        >
          Export them as a file
        </Button>
        <Button variant="default" disabled={!canWrite} onClick={picker.choose}>
          Read a file of rules
        </Button>
        {picker.input}
      </p>
      {fileNote !== null && <p role="status">{fileNote}</p>}
      <NewRule job={job} />
    </Dialog>
  );
}
