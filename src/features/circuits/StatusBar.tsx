import { memo } from 'react';
import type { AnyFinding } from '../../core/findings/finding';
import { countSeverities } from '../../core/findings/severity';
import { circuitOf, figureOf, segmentIndex } from '../../core/findings/subject';
import type { Job } from '../../core/job/jobSchema';
import { CIRCUITS_CAUTION } from '../../core/wording/footCautions';
import { counted, firstSentence } from '../../core/wording/words';
import { figureChosen, segmentChosen } from '../../store/focusSlice';
import { sentences } from '../../store/lazyParts';
import { sizesOf } from '../../store/sizes';
import { useAppDispatch } from '../../store/store';
import { useEvaluation } from '../../store/useEvaluation';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { useStageActions } from '../job/stageActions';
import classes from './StatusBar.module.css';

const ORDER = ['stop', 'check', 'ask'] as const;
type Shown = (typeof ORDER)[number];
const NOUN = { stop: 'Stop', check: 'Check', ask: 'Ask' } as const;

type Parts = readonly { readonly open: readonly AnyFinding[] }[];

/** The first finding of a severity: those about figures of any circuit before those about routes. */
const first = (circuits: Parts, routes: Parts, severity: Shown): AnyFinding | undefined => {
  const of = (open: readonly AnyFinding[]) => open.find((each) => each.severity === severity);
  const inOrder = (parts: Parts) => parts.map(({ open }) => of(open)).find((found) => found !== undefined);
  return inOrder(circuits) ?? inOrder(routes);
};

/** One line for the whole job: what is open, the first of each as a jump, and the caution of the stage. */
export const StatusBar = memo(function StatusBar({ job }: { readonly job: Job }) {
  const dispatch = useAppDispatch();
  const { goTo } = useStageActions();
  const words = sentences.use();
  const sizes = sizesOf(job);
  // Routes are counted once what judges them was fetched.
  const routes = useEvaluation(job)?.routes ?? [];
  const counts = countSeverities([...sizes.circuits, ...routes].flatMap(({ open }) => open));
  const worst = ORDER.find((severity) => counts[severity] > 0);
  const jump = (severity: Shown): void => {
    const found = first(sizes.circuits, routes, severity);
    const id = found && circuitOf(found.subject);
    if (found === undefined || id === undefined) return;
    const figureKey = figureOf(found.subject);
    const segment = segmentIndex(found.subject) ?? null;
    goTo(id, figureKey === undefined ? 'route' : 'figures');
    dispatch(figureKey === undefined ? segmentChosen(segment) : figureChosen({ figureKey, segment }));
  };
  const shown = worst && first(sizes.circuits, routes, worst);
  const name = shown && sizes.circuit(circuitOf(shown.subject) ?? '')?.circuit.name;
  return (
    <footer className={classes['foot']}>
      {ORDER.map((severity) => (
        <button
          key={severity}
          type="button"
          className={classes['count']}
          data-severity={severity}
          disabled={counts[severity] === 0}
          onClick={() => {
            jump(severity);
          }}
        >
          <SeverityShape severity={severity} />
          {counted(counts[severity], NOUN[severity])}
        </button>
      ))}
      {shown !== undefined && worst !== undefined && (
        <button
          type="button"
          className={`act ${classes['jump']}`}
          onClick={() => {
            jump(worst);
          }}
        >
          {name}
          {words && `: ${firstSentence(words.findingSentence(shown))}`}
        </button>
      )}
      <span className={classes['caution']}>{CIRCUITS_CAUTION}</span>
    </footer>
  );
});
