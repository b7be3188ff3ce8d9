import type { Circuit } from '../../core/circuit/circuitSchema';
import type { SolvedCircuit } from '../../core/circuit/figures';
import type { SolveContext } from '../../core/circuit/solveContext';
import type { AnyFinding, Standing } from '../../core/findings/finding';
import { practiceMarks } from '../../core/circuit/figureSupports';
import { worstStanding } from '../../core/circuit/standings';
import { holdsWords, stretchName } from '../../core/wording/conductors';
import { standingWord } from '../../core/wording/words';
import type { StretchLabel } from './sectionDrawing';

interface Labelled {
  readonly circuit: Circuit;
  readonly solved: SolvedCircuit;
  readonly open: readonly AnyFinding[];
  readonly context: SolveContext;
  /** What is open about the way, in words; nothing until it was judged. */
  readonly onWay?: readonly {
    readonly stretch: number;
    readonly standing: Standing;
    readonly sentence: string;
  }[];
}

/** What is written along the section for each stretch. */
export function sectionLabels({
  circuit,
  solved,
  open,
  context,
  onWay = [],
}: Labelled): readonly StretchLabel[] {
  const { figures } = solved;
  return figures.stretches.map((stretch, index) => {
    const here = open.filter((finding) => finding.stretch === index && finding.standing !== 'ask');
    const way = onWay.filter((each) => each.stretch === index && each.standing !== 'ask');
    const standing = worstStanding([...here, ...way]);
    const worst = way.find((each) => each.standing === standing);
    const run = circuit.run[index];
    const trade = stretch.raceway?.taken ?? null;
    const marks = run === undefined ? [] : practiceMarks(run, trade, context.practices, context.code);
    return {
      name: stretchName(stretch, figures),
      standing,
      trouble:
        standing === 'stop' || standing === 'check'
          ? `${standingWord[standing]}: ${stretch.verdict.failed.length > 0 ? holdsWords(stretch, figures) : (worst?.sentence ?? 'see the working')}`
          : null,
      supports: marks.map((ft) => ft / (run?.lengthFt ?? 1)),
    };
  });
}
