import type { Circuit } from '../../core/circuit/circuitSchema';
import type { SolvedCircuit } from '../../core/circuit/figures';
import type { SolveContext } from '../../core/circuit/solveContext';
import type { AnyFinding } from '../../core/findings/finding';
import { worstSeverity } from '../../core/findings/severity';
import { practiceMarks } from '../../core/circuit/figureSupports';
import { holdsWords, segmentName } from '../../core/wording/conductors';
import { segmentIndex } from '../../core/findings/subject';
import { severityWord } from '../../core/wording/words';
import type { SegmentLabel } from './sectionDrawing';

interface Labelled {
  readonly circuit: Circuit;
  readonly solved: SolvedCircuit;
  readonly open: readonly AnyFinding[];
  readonly context: SolveContext;
  /** What is open about the route. */
  readonly onRoute?: readonly AnyFinding[];
  /** Says a finding; left out until its words were fetched. */
  readonly say?: ((finding: AnyFinding) => string) | undefined;
}

const onSegment = (open: readonly AnyFinding[], index: number): readonly AnyFinding[] =>
  open.filter(({ subject, severity }) => segmentIndex(subject) === index && severity !== 'ask');

/** What is written along the section for each segment. */
export function sectionLabels({
  circuit,
  solved,
  open,
  context,
  onRoute = [],
  say = () => 'see the working',
}: Labelled): readonly SegmentLabel[] {
  const { figures } = solved;
  return figures.segments.map((segment, index) => {
    const here = onSegment(open, index);
    const route = onSegment(onRoute, index);
    const severity = worstSeverity([...here, ...route]);
    const worst = route.find((each) => each.severity === severity);
    const run = circuit.run[index];
    const trade = segment.raceway?.taken ?? null;
    const marks = run === undefined ? [] : practiceMarks(run, trade, context.practices, context.code);
    return {
      name: segmentName(segment),
      severity,
      trouble:
        severity === 'stop' || severity === 'check'
          ? `${severityWord[severity]}: ${segment.verdict.failed.length > 0 ? holdsWords(segment, figures) : worst === undefined ? 'see the working' : say(worst)}`
          : null,
      supports: marks.map((ft) => ft / (run?.lengthFt ?? 1)),
    };
  });
}
