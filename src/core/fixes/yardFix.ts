import type { AnyFinding, Finding, FindingCode, FindingData } from '../findings/finding';
import type { Command } from '../job/command';
import type { JobEvaluation } from '../job/evaluateJob';
import { yardEdit } from '../job/yardEdits';
import type { WaterReport } from '../water/waterReport';
import type { Thing, Water, YardLine } from '../water/yardSchema';
import type { Candidates } from './candidate';
import type { FixChange } from './change';

const put = { kind: 'put-in-yard', at: Number.MAX_SAFE_INTEGER } as const;
/** Puts a water into the yard, new or as it is from now on. */
export const putWater = (item: Water): Command => ({ ...put, list: 'waters', item });
/** Puts a thing into the yard, new or as it is from now on. */
export const putThing = (item: Thing): Command => ({ ...put, list: 'things', item });
/** Puts a line into the yard, new or as it is from now on. */
export const putLine = (item: YardLine): Command => ({ ...put, list: 'lines', item });

const isOf = <C extends FindingCode>(finding: AnyFinding, code: C): finding is AnyFinding & Finding<C> =>
  finding.code === code;

/** What a finding is about: a water, and what stands at it. */
export interface About {
  readonly report: WaterReport;
  readonly evaluation: JobEvaluation;
  readonly thing: Thing | undefined;
  readonly line: YardLine | undefined;
}

/** An edit of the yard, and what it says. */
export interface Changed {
  readonly edit: Command;
  readonly says: FixChange;
}

function aboutOf(evaluation: JobEvaluation, { subject }: AnyFinding): About | undefined {
  if (subject.kind !== 'water' && subject.kind !== 'yard') return undefined;
  const report = evaluation.waters.find(({ report: { water } }) => water.id === subject.waterId)?.report;
  if (report === undefined) return undefined;
  const itemId = subject.kind === 'yard' ? subject.itemId : undefined;
  const { things, lines } = evaluation.job.yard;
  const is = ({ id }: { readonly id: string }): boolean => id === itemId;
  return { report, evaluation, thing: things.find(is), line: lines.find(is) };
}

/** A change of the yard for a finding of a code, with what follows in the circuits. */
export const yardFix =
  <C extends FindingCode>(
    code: C,
    change: (about: About, data: FindingData[C]) => Changed | undefined,
  ): Candidates =>
  (evaluation, finding) => {
    const about = aboutOf(evaluation, finding);
    if (about === undefined || !isOf(finding, code)) return [];
    const changed = change(about, finding.data);
    if (changed === undefined) return [];
    const { edit, says } = changed;
    return [{ kind: says.kind, command: yardEdit(evaluation.job, edit), describe: () => says }];
  };

/** The thing that a finding is about, with some of it changed; undefined where it is about none. */
export const thingWith = (
  { thing }: About,
  fields: Partial<Thing>,
  says: (name: string) => FixChange,
): Changed | undefined => thing && { edit: putThing({ ...thing, ...fields }), says: says(thing.name) };

/** The water that a finding is about, with some of it changed. */
export const waterWith = ({ report }: About, fields: Partial<Water>, says: FixChange): Changed => ({
  edit: putWater({ ...report.water, ...fields }),
  says,
});

/** A thing, or water, without what was found of it: as Pasture plans it. */
export function without<T extends object>(item: T, ...keys: readonly (keyof T)[]): T {
  const left = { ...item };
  for (const key of keys) Reflect.deleteProperty(left, key);
  return left;
}
