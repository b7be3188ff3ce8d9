import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { readYard } from '../../core/typing/readYard';
import type { Water } from '../../core/water/yardSchema';
import { typedItemWords } from '../../core/wording/yardWords';
import { useYardEditor } from '../../store/useYardEditor';
import classes from './water.module.css';

interface TypeYardProps {
  readonly job: Job;
  /** The water that things stand by until the line names another. */
  readonly water: Water | undefined;
}

const EXAMPLE = 'pool 16 x 32 in-ground concrete, pump 11 ft east';

/** Pool, tub and what stands by them by typing: the line says what it understood before it is taken. */
export function TypeYard({ job, water }: TypeYardProps) {
  const { canWrite, putAll } = useYardEditor();
  const [text, setText] = useState('');
  const { northDeg } = job.yard;
  const read = text.trim() === '' ? undefined : readYard(text, { water, northDeg, newId: () => 'typed' });
  const add = (): void => {
    const taken = readYard(text, { water, northDeg, newId: () => crypto.randomUUID() });
    if ('problem' in taken) return;
    if (putAll(taken.items, 'Add to the yard') === undefined) setText('');
  };
  const says =
    read === undefined
      ? `As "${water === undefined ? EXAMPLE : 'pump 11 ft east, metal fence 4 ft south'}".`
      : 'problem' in read
        ? read.problem
        : read.items.map(typedItemWords).join('; ');
  return (
    <form
      className={classes['type']}
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <TextInput
        label="Add by typing"
        placeholder={water === undefined ? EXAMPLE : 'pump 11 ft east'}
        value={text}
        maxLength={400}
        disabled={!canWrite}
        autoComplete="off"
        spellCheck={false}
        onChange={(event) => {
          setText(event.currentTarget.value);
        }}
      />
      <Button type="submit" disabled={!canWrite || read === undefined || 'problem' in read}>
        Add
      </Button>
      <p
        className={read !== undefined && 'problem' in read ? classes['problem'] : 'second'}
        aria-live="polite"
      >
        {says}
      </p>
    </form>
  );
}
