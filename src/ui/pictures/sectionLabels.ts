import type { Circuit } from '../../core/circuit/circuitSchema';
import type { SolvedCircuit } from '../../core/circuit/figures';
import type { SolveContext } from '../../core/circuit/solveContext';
import type { AnyFinding, Severity } from '../../core/findings/finding';
import { practiceMarks } from '../../core/circuit/figureSupports';
import { worstSeverity } from '../../core/circuit/severities';
import { holdsWords, segmentName } from '../../core/wording/conductors';
import { severityWord } from '../../core/wording/words';
import type { SegmentLabel } from './sectionDrawing';

interface Labelled {
  readonly circuit: Circuit;
  readonly solved: SolvedCircuit;
  readonly open: readonly AnyFinding[];
  readonly context: SolveContext;
  /** What is open about the way, in words; nothing until it was judged. */
  readonly onRoute?: readonly {
    readonly segment: number;
    readonly severity: Severity;
    readonly sentence: string;
  }[];
}

/** What is written along the section for each segment. */
export function sectionLabels({
  circuit,
  solved,
  open,
  context,
  onRoute = [],
}: Labelled): readonly SegmentLabel[] {
  const { figures } = solved;
  return figures.segments.map((segment, index) => {
    const here = open.filter((finding) => finding.segment === index && finding.severity !== 'ask');
    const route = onRoute.filter((each) => each.segment === index && each.severity !== 'ask');
    const severity = worstSeverity([...here, ...route]);
    const worst = route.find((each) => each.severity === severity);
    const run = circuit.run[index];
    const trade = segment.raceway?.taken ?? null;
    const marks = run === undefined ? [] : practiceMarks(run, trade, context.practices, context.code);
    return {
      name: segmentName(segment, figures),
      severity,
      trouble:
        severity === 'stop' || severity === 'check'
          ? `${severityWord[severity]}: ${segment.verdict.failed.length > 0 ? holdsWords(segment, figures) : (worst?.sentence ?? 'see the working')}`
          : null,
      supports: marks.map((ft) => ft / (run?.lengthFt ?? 1)),
    };
  });
}
