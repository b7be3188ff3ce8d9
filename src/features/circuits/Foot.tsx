import { memo } from 'react';
import type { StandingCounts } from '../../core/circuit/standings';
import { CIRCUITS_CAUTION } from '../../core/wording/cautions';
import { findingSentence } from '../../core/wording/findings';
import { counted } from '../../core/wording/words';
import type { Link, Standing } from '../../core/findings/finding';
import type { CircuitView } from '../../store/circuitView';
import { linkChosen, stretchChosen } from '../../store/focusSlice';
import type { RouteView } from '../../store/routeView';
import { useAppDispatch } from '../../store/store';
import { StandingShape } from '../../ui/marks/StandingShape';
import { useStageActions } from '../job/stageActions';
import classes from './Foot.module.css';

interface FootProps {
  readonly views: readonly CircuitView[];
  /** The ways of the circuits in the same order; none until they were judged. */
  readonly ways: readonly RouteView[];
  readonly counts: StandingCounts;
}

const ORDER = ['stop', 'check', 'ask'] as const;
const NOUN = { stop: 'Stop', check: 'Check', ask: 'Ask' } as const;

/** A finding as the foot tells it, and where it is looked at; without a figure it is about the way. */
interface Told {
  readonly id: string;
  readonly name: string;
  readonly sentence: string;
  readonly link: Link | null;
  readonly stretch: number | null;
}

function firstFinding(views: readonly CircuitView[], standing: Standing): Told | undefined {
  for (const { circuit, open } of views) {
    const finding = open.find((each) => each.standing === standing);
    if (finding === undefined) continue;
    const { link, stretch = null } = finding;
    return { id: circuit.id, name: circuit.name, sentence: findingSentence(finding), link, stretch };
  }
  return undefined;
}

function firstOnWay(
  views: readonly CircuitView[],
  ways: readonly RouteView[],
  standing: Standing,
): Told | undefined {
  for (const [index, { open, say }] of ways.entries()) {
    const finding = open.find((each) => each.standing === standing);
    const circuit = views[index]?.circuit;
    if (finding === undefined || circuit === undefined) continue;
    return {
      id: circuit.id,
      name: circuit.name,
      sentence: say(finding),
      link: null,
      stretch: finding.stretch,
    };
  }
  return undefined;
}

/** One line for the whole job: what is open, the first of each as a jump, and the caution of the stage. */
export const Foot = memo(function Foot({ views, ways, counts }: FootProps) {
  const dispatch = useAppDispatch();
  const { goTo } = useStageActions();
  const first = (standing: (typeof ORDER)[number]): Told | undefined =>
    firstFinding(views, standing) ?? firstOnWay(views, ways, standing);
  const worst = ORDER.find((standing) => counts[standing] > 0);
  const jump = (standing: (typeof ORDER)[number]): void => {
    const found = first(standing);
    if (found === undefined) return;
    goTo(found.id, found.link === null ? 'route' : 'figures');
    if (found.link === null) dispatch(stretchChosen(found.stretch));
    else dispatch(linkChosen({ link: found.link, stretch: found.stretch }));
  };
  const told = worst === undefined ? undefined : first(worst);
  return (
    <footer className={classes['foot']}>
      {ORDER.map((standing) => (
        <button
          key={standing}
          type="button"
          className={classes['count']}
          data-standing={standing}
          disabled={counts[standing] === 0}
          onClick={() => {
            jump(standing);
          }}
        >
          <StandingShape standing={standing} />
          {counted(counts[standing], NOUN[standing])}
        </button>
      ))}
      {told !== undefined && worst !== undefined && (
        <button
          type="button"
          className={`act ${classes['jump']}`}
          onClick={() => {
            jump(worst);
          }}
        >
          {told.name}: {told.sentence}
        </button>
      )}
      <span className={classes['caution']}>{CIRCUITS_CAUTION}</span>
    </footer>
  );
});
