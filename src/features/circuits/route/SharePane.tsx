import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Circuit } from '../../../core/circuit/circuitSchema';
import { segmentSpan } from '../../../core/circuit/stations';
import { SHARE_KINDS, type ShareKind } from '../../../core/code/routeKinds';
import { METHODS } from '../../../core/code/methods';
import { circuitChange } from '../../../core/job/changes';
import type { Job } from '../../../core/job/jobSchema';
import { alone, sharing, withRouteOf } from '../../../core/circuit/edits/routeEdits';
import { shareName } from '../../../core/wording/routeWords';
import { circuitLine } from '../../../core/wording/ladder';
import { inAmps, methodName } from '../../../core/wording/words';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { evaluationApart, evaluationOf } from '../../../store/evaluation';
import { useJobEditor } from '../../../store/useJobEditor';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { useReadyJob } from '../../job/JobPage';
import classes from './route.module.css';

interface ShareProps {
  readonly view: CircuitEvaluation;
  readonly index: number;
}

/** What may be shared: one raceway only by raceways, a trench only under ground. */
const mayShare = (circuit: Circuit, index: number, kind: ShareKind): boolean => {
  const segment = circuit.run[index];
  if (segment === undefined) return false;
  if (kind === 'raceway') return METHODS[segment.method].kind === 'raceway';
  return kind === 'trench' ? segment.place === 'underground' : segment.place !== 'underground';
};

/** A circuit before and after, in one line each. */
function Rerated({
  job,
  after,
  circuit,
}: {
  readonly job: Job;
  readonly after: Job;
  readonly circuit: Circuit;
}) {
  const before = evaluationOf(job).circuit(circuit.id);
  const now = evaluationApart(after).circuit(circuit.id);
  if (before === undefined || now === undefined) return null;
  const told = ({ solved, circuit: each }: CircuitEvaluation): string =>
    `${circuitLine(solved, each)}, ${inAmps(solved.figures.ampacityA ?? 0)}${solved.figures.raceway === null ? '' : `, ${solved.figures.raceway.taken} ${methodName(solved.figures.raceway.method)}`}`;
  return (
    <tr>
      <th scope="row">{circuit.name}</th>
      <td className="fig">{told(before)}</td>
      <td className="fig">{told(now)}</td>
    </tr>
  );
}

const withCircuits = (job: Job, changed: readonly Circuit[]): Job => ({
  ...job,
  circuits: job.circuits.map((each) => changed.find(({ id }) => id === each.id) ?? each),
});

/** What this segment shares now, with the way out of it. */
function SharedNow({ view, index }: ShareProps) {
  const { job } = useReadyJob();
  const { canWrite, replaceCircuit } = useJobEditor();
  const { circuit } = view;
  const shares = circuit.run[index]?.shares ?? {};
  return SHARE_KINDS.map((kind) => {
    const id = shares[kind];
    if (id === undefined) return null;
    const others = job.circuits.filter(
      (each) => each.id !== circuit.id && each.run.some((segment) => segment.shares?.[kind] === id),
    );
    return (
      <p key={kind}>
        {segmentSpan(index)} shares {shareName[kind]} with{' '}
        <b>{others.map(({ name }) => name).join(', ') || 'nobody yet'}</b>.{' '}
        <button
          type="button"
          className="act"
          aria-label={`Run it separately: ${shareName[kind]}`}
          disabled={!canWrite}
          onClick={() => {
            replaceCircuit(alone(circuit, index, kind), 'Run it separately');
          }}
        >
          Run it separately
        </button>
      </p>
    );
  });
}

/** Two circuits before and after they share. */
function BothRerated({
  job,
  after,
  circuits,
}: {
  readonly job: Job;
  readonly after: Job;
  readonly circuits: readonly [Circuit, Circuit];
}) {
  return (
    <table className={classes['figures']}>
      <caption>What it does to both</caption>
      <thead>
        <tr>
          <td />
          <th scope="col">now</th>
          <th scope="col">shared</th>
        </tr>
      </thead>
      <tbody>
        {circuits.map((circuit) => (
          <Rerated key={circuit.id} job={job} after={after} circuit={circuit} />
        ))}
      </tbody>
    </table>
  );
}

/** The segments of other circuits that could be shared, each by its circuit and position. */
const shareChoices = (job: Job, circuit: Circuit, kind: ShareKind) =>
  job.circuits
    .filter(({ id }) => id !== circuit.id)
    .flatMap((other) =>
      other.run.flatMap((segment, at) => {
        if (!mayShare(other, at, kind)) return [];
        const label = `${other.name}, ${segmentSpan(at)}, ${methodName(segment.method)}`;
        return [{ value: `${other.id} ${at}`, label }];
      }),
    );

function Share({ view, index }: ShareProps) {
  const { job } = useReadyJob();
  const { canWrite, edit } = useJobEditor();
  const { circuit } = view;
  const kinds = SHARE_KINDS.filter((kind) => mayShare(circuit, index, kind));
  const [asked, setKind] = useState<ShareKind>('raceway');
  const kind = kinds.includes(asked) ? asked : (kinds[0] ?? 'raceway');
  const choices = shareChoices(job, circuit, kind);
  const [picked, setPicked] = useState('');
  const chosen = choices.some(({ value }) => value === picked) ? picked : (choices[0]?.value ?? '');
  const other = job.circuits.find(({ id }) => chosen.startsWith(`${id} `));
  const otherIndex = Number(chosen.split(' ').at(-1));
  const shared = (shareId: string) =>
    other === undefined ? null : sharing({ circuit, index, other, otherIndex }, kind, shareId);
  const tried = shared('tried');
  const after = tried === null ? null : withCircuits(job, tried);
  return (
    <>
      <div className={classes['row']}>
        <ChoiceField
          label={`Share ${segmentSpan(index)}`}
          value={kind}
          choices={kinds.map((value) => ({ value, label: shareName[value] }))}
          onChoose={setKind}
        />
        {choices.length > 0 && (
          <ChoiceField label="With" value={chosen} choices={choices} onChoose={setPicked} />
        )}
        <Button
          variant="default"
          disabled={!canWrite || tried === null}
          onClick={() => {
            const pair = shared(crypto.randomUUID());
            if (pair === null || other === undefined) return;
            edit(
              {
                kind: 'batch',
                commands: [circuitChange(circuit, pair[0]), circuitChange(other, pair[1])],
              },
              `Share ${shareName[kind]}`,
            );
          }}
        >
          Share it
        </Button>
      </div>
      {other !== undefined && after !== null ? (
        <BothRerated job={job} after={after} circuits={[circuit, other]} />
      ) : (
        <p className="second">No other circuit of this job has a segment that could share it.</p>
      )}
    </>
  );
}

function Copy({ view }: Pick<ShareProps, 'view'>) {
  const { job } = useReadyJob();
  const { canWrite, replaceCircuit } = useJobEditor();
  const others = job.circuits.filter(({ id }) => id !== view.circuit.id);
  const [picked, setPicked] = useState('');
  const from = others.find(({ id }) => id === picked) ?? others[0];
  if (from === undefined) return null;
  return (
    <div className={classes['row']}>
      <ChoiceField
        label="Take over the route of"
        value={from.id}
        choices={others.map(({ id, name }) => ({ value: id, label: name }))}
        onChoose={setPicked}
      />
      <Button
        variant="default"
        disabled={!canWrite}
        onClick={() => {
          replaceCircuit(
            withRouteOf(view.circuit, from, () => crypto.randomUUID()),
            `The route of ${from.name}`,
          );
        }}
      >
        Copy it
      </Button>
    </div>
  );
}

/** Sharing a segment with another circuit, with what it does to both, and taking over another's route. */
export function SharePane(props: ShareProps) {
  return (
    <>
      <SharedNow {...props} />
      <Share {...props} />
      <Copy {...props} />
    </>
  );
}
