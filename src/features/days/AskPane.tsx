import { Button } from '@mantine/core';
import { useState } from 'react';
import type { DayStep } from '../../core/days/jobDays';
import type { Job } from '../../core/job/jobSchema';
import type { AskedWord } from '../../core/timing/daysDocument';
import { askedText, stepName, wordState } from '../../core/wording/daysWords';
import { TextField } from '../../ui/fields/TextField';
import { shareWords } from '../../ui/files/shareFile';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { PhotoStrip } from '../job/PhotoStrip';
import { nowLocal } from '../../store/clock';
import { pictureFiles } from './pictureFiles';
import { MomentField } from './MomentField';
import { useDaysEditor } from './useDaysEditor';
import classes from './days.module.css';

interface AskPaneProps {
  readonly job: Job;
  readonly step: DayStep;
}

/** A question that was asked: its photographs, sending it, and the answer. */
function Asked({ job, step, word }: AskPaneProps & { readonly word: AskedWord }) {
  const { canWrite, put } = useDaysEditor(job);
  const { words } = job.days;
  const change = (part: Partial<AskedWord>, label: string): void => {
    put({ words: words.map((each) => (each.id === word.id ? { ...each, ...part } : each)) }, label);
  };
  return (
    <section aria-label={word.question} className={classes['desk']}>
      <p className={classes['stop']}>
        <SeverityShape severity={word.answer === '' ? 'ask' : 'ok'} size={11} />
        <span>
          <b>{word.question}</b> {wordState(word)}
        </span>
      </p>
      <PhotoStrip photos={word.photos} jobId={job.id} of={{ wordId: word.id }} />
      <div className={classes['acts']}>
        <Button
          size="xs"
          variant="default"
          onClick={() => {
            const text = askedText(word, stepName(step, job), job.name);
            void pictureFiles(word.photos).then((files) => shareWords(text, files));
          }}
        >
          Send the question
        </Button>
        <button
          type="button"
          className="act"
          disabled={!canWrite}
          onClick={() => {
            put({ words: words.filter(({ id }) => id !== word.id) }, 'Question removed');
          }}
        >
          Remove
        </button>
      </div>
      <TextField
        label="Answer"
        value={word.answer}
        maxLength={200}
        disabled={!canWrite}
        onText={(answer) => {
          change({ answer, at: answer === '' ? null : nowLocal() }, 'Answer');
        }}
      />
    </section>
  );
}

/** What the owner or another trade is asked before a step: it waits for the answer. */
export function AskPane({ job, step }: AskPaneProps) {
  const { canWrite, put } = useDaysEditor(job);
  const { words } = job.days;
  const [question, setQuestion] = useState('');
  const [who, setWho] = useState('');
  const [by, setBy] = useState<string | null>(null);
  return (
    <details
      className={classes['terms']}
      open={words.some((word) => word.step === step.id && word.answer === '')}
    >
      <summary>Ask the owner or another trade</summary>
      {words
        .filter((word) => word.step === step.id)
        .map((word) => (
          <Asked key={word.id} job={job} step={step} word={word} />
        ))}
      <div className={classes['desk']}>
        <TextField
          label="Question"
          value={question}
          maxLength={200}
          disabled={!canWrite}
          onText={setQuestion}
        />
        <TextField label="Who answers" value={who} maxLength={80} disabled={!canWrite} onText={setWho} />
        <MomentField label="Answer needed by" value={by} disabled={!canWrite} onMoment={setBy} />
        <Button
          size="xs"
          variant="default"
          disabled={!canWrite || question.trim() === ''}
          onClick={() => {
            const word = {
              question: question.trim(),
              who: who.trim(),
              step: step.id,
              by,
              answer: '',
              at: null,
            };
            put(
              { words: [...words, { ...word, id: crypto.randomUUID(), photos: [] }] },
              `Asked: ${word.question}`,
            );
            setQuestion('');
          }}
        >
          Ask: the step waits
        </Button>
      </div>
    </details>
  );
}
