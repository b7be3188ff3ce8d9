import { Textarea } from '@mantine/core';
import { useState } from 'react';
import type { Panel } from '../../core/panel/panelSchema';
import {
  printBreakers,
  readBreakers,
  type BreakerProblem,
  type ReadBreakers,
} from '../../core/panel/typedBreakers';
import { breakersArrival } from '../../core/job/arrivals';
import { editNamed, late } from '../../store/editing';
import { useAppDispatch } from '../../store/store';
import { usePanelEditor } from '../../store/usePanelEditor';
import { useFilePicker } from '../../ui/files/useFilePicker';
import classes from './survey.module.css';

interface BreakersFieldProps {
  readonly jobId: string;
  readonly panel: Panel;
}

const FIELD: Readonly<Record<BreakerProblem['field'], string>> = {
  space: 'space',
  rating: 'rating',
  name: 'name',
  row: 'row',
};

/** What was not understood, row by row. */
function Problems({ problems }: { readonly problems: readonly BreakerProblem[] }) {
  if (problems.length === 0) return null;
  return (
    <ul role="alert" className={classes['problems']}>
      {problems.map(({ row, text, field, accepts }) => (
        <li key={`${row} ${text}`}>
          Row {row}, {FIELD[field]} “{text}”: type {accepts}.
        </li>
      ))}
    </ul>
  );
}

/** Breakers that were there before keep their ids, so that a plan still knows them. */
function withKnownIds({ breakers }: ReadBreakers, before: Panel['breakers']): Panel['breakers'] {
  return breakers.map((each) => {
    const known = before.find(
      ({ place }) => place.slot === each.place.slot && place.half === each.place.half,
    );
    return known === undefined ? each : { ...each, id: known.id };
  });
}

/** A CSV file to read them from. */
function FromCsv({
  disabled,
  onFile,
}: {
  readonly disabled: boolean;
  readonly onFile: (file: File) => void;
}) {
  const picker = useFilePicker({
    accept: '.csv,text/csv',
    label: 'Panel schedule as CSV',
    onFile,
  });
  return (
    <>
      {picker.input}
      <button type="button" className="act" disabled={disabled} onClick={picker.choose}>
        Read them from CSV
      </button>
    </>
  );
}

/** The circuits of a panel, typed fast while severity before it, or read from a CSV file. */
export function BreakersField({ jobId, panel }: BreakersFieldProps) {
  const dispatch = useAppDispatch();
  const { change, canWrite } = usePanelEditor(panel);
  const [typed, setTyped] = useState<string | null>(null);
  const [problems, setProblems] = useState<readonly BreakerProblem[]>([]);
  const [refused, setRefused] = useState<string | null>(null);
  const take = (read: ReadBreakers, label: string, mergeKey?: string): void => {
    setProblems(read.problems);
    setRefused(null);
    change({ breakers: withKnownIds(read, panel.breakers) }, label, mergeKey);
  };
  const readFile = async (chosen: File): Promise<void> => {
    const asked = panel.breakers;
    const { readPanelCsv } = await import('../../core/panel/panelCsv');
    const read = readPanelCsv(await chosen.text(), panel.spaces, () => crypto.randomUUID());
    if ('problem' in read) setRefused(`${chosen.name}: ${read.problem}`);
    else {
      setProblems(read.problems);
      setRefused(null);
      const label = 'Circuits from a schedule';
      const breakers = withKnownIds(read, asked);
      await dispatch(editNamed(jobId, late(breakersArrival(panel.id, breakers, asked), label), label));
    }
  };
  return (
    <div className={classes['breakers']}>
      <Textarea
        label="Circuits that are there"
        description="Space, rating, what it feeds; apart by semicolons or lines. 1,3 2p30 dryer; 4 20/20 bed, hall; 9,11 mw20 counter; 5 20 gfci bath"
        rows={6}
        spellCheck={false}
        disabled={!canWrite}
        value={typed ?? printBreakers(panel.breakers)}
        onChange={(event) => {
          const text = event.currentTarget.value;
          setTyped(text);
          take(
            readBreakers(text, panel.spaces, () => crypto.randomUUID()),
            'Circuits that are there',
            `breakers ${panel.id}`,
          );
        }}
        onBlur={() => {
          if (problems.length === 0) setTyped(null);
        }}
      />
      <Problems problems={problems} />
      {refused !== null && <p role="alert">{refused}</p>}
      <FromCsv
        disabled={!canWrite}
        onFile={(chosen) => {
          void readFile(chosen);
        }}
      />
    </div>
  );
}
