import { memo } from 'react';
import type { SeverityCounts } from '../../core/circuit/severities';
import { CIRCUITS_CAUTION } from '../../core/wording/cautions';
import { findingSentence } from '../../core/wording/findings';
import { counted } from '../../core/wording/words';
import type { FigureKey, Severity } from '../../core/findings/finding';
import type { CircuitView } from '../../store/circuitView';
import { figureChosen, segmentChosen } from '../../store/focusSlice';
import type { RouteView } from '../../store/routeView';
import { useAppDispatch } from '../../store/store';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { useStageActions } from '../job/stageActions';
import classes from './StatusBar.module.css';

interface StatusBarProps {
  readonly views: readonly CircuitView[];
  /** The ways of the circuits in the same order; none until they were judged. */
  readonly routes: readonly RouteView[];
  readonly counts: SeverityCounts;
}

const ORDER = ['stop', 'check', 'ask'] as const;
const NOUN = { stop: 'Stop', check: 'Check', ask: 'Ask' } as const;

/** A finding as the foot tells it, and where it is looked at; without a figure it is about the way. */
interface OpenItem {
  readonly id: string;
  readonly name: string;
  readonly sentence: string;
  readonly link: FigureKey | null;
  readonly segment: number | null;
}

function firstFinding(views: readonly CircuitView[], severity: Severity): OpenItem | undefined {
  for (const { circuit, open } of views) {
    const finding = open.find((each) => each.severity === severity);
    if (finding === undefined) continue;
    const { link, segment = null } = finding;
    return { id: circuit.id, name: circuit.name, sentence: findingSentence(finding), link, segment };
  }
  return undefined;
}

function firstOnRoute(
  views: readonly CircuitView[],
  routes: readonly RouteView[],
  severity: Severity,
): OpenItem | undefined {
  for (const [index, { open, say }] of routes.entries()) {
    const finding = open.find((each) => each.severity === severity);
    const circuit = views[index]?.circuit;
    if (finding === undefined || circuit === undefined) continue;
    return {
      id: circuit.id,
      name: circuit.name,
      sentence: say(finding),
      link: null,
      segment: finding.segment,
    };
  }
  return undefined;
}

/** One line for the whole job: what is open, the first of each as a jump, and the caution of the stage. */
export const StatusBar = memo(function StatusBar({ views, routes, counts }: StatusBarProps) {
  const dispatch = useAppDispatch();
  const { goTo } = useStageActions();
  const first = (severity: (typeof ORDER)[number]): OpenItem | undefined =>
    firstFinding(views, severity) ?? firstOnRoute(views, routes, severity);
  const worst = ORDER.find((severity) => counts[severity] > 0);
  const jump = (severity: (typeof ORDER)[number]): void => {
    const found = first(severity);
    if (found === undefined) return;
    goTo(found.id, found.link === null ? 'route' : 'figures');
    if (found.link === null) dispatch(segmentChosen(found.segment));
    else dispatch(figureChosen({ link: found.link, segment: found.segment }));
  };
  const told = worst === undefined ? undefined : first(worst);
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
