import { applianceQuestions, withPlate, type Appliance, type PlateQuestion } from '../appliances/registry';
import { isRefused } from '../units/refused';
import type { MarkName } from './mark';
import type { PlateMark } from './readMarks';

/** Fields of nameplates that a mark is: the first that the family asks. */
const FIELDS: Readonly<Partial<Record<MarkName, readonly string[]>>> = {
  MCA: ['mca'],
  MOCP: ['mocp', 'breakerA'],
  volts: ['volts'],
  phase: ['phase'],
  hp: ['hp'],
  kW: ['kw'],
  amps: ['amps', 'nameplateA', 'maxA', 'inputAmps'],
  outputAmps: ['outputAmps'],
  inputAmps: ['inputAmps'],
  FLA: ['nameplateA', 'maxA'],
  LRA: ['lockedA'],
  serviceFactor: ['serviceFactor'],
  dutyPct: ['dutyPct'],
  I1max: ['inputAmps'],
  I1eff: ['effectiveA'],
  breakerA: ['breakerA'],
};

/** Volts that machines are marked with, and the system that they stand for. */
const SYSTEM_V: ReadonlyMap<number, number> = new Map([
  [110, 120],
  [115, 120],
  [200, 208],
  [220, 240],
  [230, 240],
]);

/** One thing that a mark may say of an appliance: what it would become. */
export interface PlateAnswer {
  readonly value: number;
  readonly appliance: Appliance;
  /** Whether it stands already. */
  readonly stands: boolean;
}

/** A mark that the family has a field for, with what it may say. */
export interface PlateOffer {
  readonly mark: PlateMark;
  readonly question: PlateQuestion;
  readonly answers: readonly PlateAnswer[];
}

const figuresOf = ({ value, alternatives }: PlateMark): readonly number[] =>
  [value, ...alternatives]
    .flatMap((each): readonly unknown[] => (Array.isArray(each) ? each : [each]))
    .filter((each) => typeof each === 'number');

/**
 * What the marks of a plate may say of an appliance, each a figure that its family takes. Nothing is changed: a person takes
 * one of them beside the picture, or none.
 */
export function plateOffers(appliance: Appliance, marks: readonly PlateMark[]): readonly PlateOffer[] {
  const questions = applianceQuestions(appliance);
  const plate = new Map<string, unknown>(Object.entries(appliance.nameplate));
  return marks.flatMap((mark): PlateOffer[] => {
    const question = (FIELDS[mark.mark] ?? [])
      .map((key) => questions.find((each) => each.key === key))
      .find((each) => each !== undefined);
    if (question === undefined) return [];
    const answers = new Map<number, PlateAnswer>();
    for (const figure of figuresOf(mark))
      for (const value of [figure, ...(mark.mark === 'volts' ? [SYSTEM_V.get(figure) ?? figure] : [])]) {
        const changed = withPlate(appliance, { [question.key]: value });
        if (isRefused(changed) || answers.has(value)) continue;
        answers.set(value, { value, appliance: changed, stands: plate.get(question.key) === value });
        break;
      }
    return answers.size === 0 ? [] : [{ mark, question, answers: [...answers.values()] }];
  });
}
