import { useMemo, useState } from 'react';
import type { WaterEvaluation } from '../../../core/job/evaluation';
import type { JobEvaluation } from '../../../core/job/evaluateJob';
import {
  fieldParts,
  USUAL_VALUES,
  type FieldPart,
  type FieldValues,
} from '../../../core/water/field/fieldParts';
import { fieldWith } from '../../../core/water/field/fieldModel';
import { touchOf, usualPeople, type Person } from '../../../core/water/field/touch';
import type { WaterReport } from '../../../core/water/waterReport';
import { useField } from '../../../store/field/useField';
import { useLadder } from '../../../store/field/useLadder';
import { FieldPane } from './FieldPane';
import { FieldSide } from './FieldSide';
import { PeoplePane } from './PeoplePane';

interface FieldBoardProps {
  readonly evaluation: JobEvaluation;
  readonly view: WaterEvaluation;
  readonly onPlan: () => void;
}

/** The people at a water: the usual ones, and one that was put elsewhere. */
function usePeople(parts: readonly FieldPart[], report: WaterReport) {
  const [moved, setMoved] = useState<Person | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const people = useMemo(() => {
    const usual = usualPeople({ parts }, report);
    return moved === null ? usual : [...usual.filter(({ id }) => id !== moved.id), moved];
  }, [parts, report, moved]);
  const move = (person: Person): void => {
    setMoved(person);
    setChosen(person.id);
  };
  return { people, person: people.find(({ id }) => id === chosen) ?? people[0], choose: setChosen, move };
}

/** Bonds that are lifted here, to see what they do; the plan keeps them. */
function useLifted() {
  const [lifted, setLifted] = useState<ReadonlySet<string>>(new Set());
  const flip = (id: string): void => {
    setLifted((now) => {
      const next = new Set(now);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  };
  return { lifted, flip };
}

/** What bonding is for: the volts around a water, who bridges them, and what each bond makes of it. */
export function FieldBoard({ evaluation, view: { report }, onPlan }: FieldBoardProps) {
  const { yard, edition, amendments, practices } = evaluation.job;
  const [values, setValues] = useState<FieldValues>(USUAL_VALUES);
  const { lifted, flip } = useLifted();
  const parts = useMemo(() => fieldParts(report, yard), [report, yard]);
  const { people, person, choose, move } = usePeople(parts, report);
  const asked = useMemo(
    () => ({ waterId: report.water.id, yard, edition, amendments, practices }),
    [report.water.id, yard, edition, amendments, practices],
  );
  const work = useField({ ...asked, soilOhmM: values.soilOhmM });
  const ladder = useLadder(
    useMemo(() => (person === undefined ? undefined : { ...asked, values, person }), [asked, values, person]),
  );
  const found = work.state === 'done' ? work.result : undefined;
  const solution = useMemo(
    () => found && fieldWith(found.frame, found.soil, lifted, values),
    [found, lifted, values],
  );
  const touches =
    found === undefined || solution === undefined
      ? []
      : people.map((each) => touchOf(each, found.frame, solution, values));
  const touch = touches.find((each) => each.person.id === person?.id);
  const shared = { parts, lifted, touch, solution, onFlip: flip };
  return (
    <>
      <PeoplePane
        {...shared}
        people={people}
        touches={touches}
        chosen={person?.id}
        values={values}
        onChoose={choose}
        onValues={setValues}
      />
      <FieldPane
        {...shared}
        yard={yard}
        report={report}
        work={work}
        person={person}
        values={values}
        onPlan={onPlan}
        onMove={move}
      />
      <FieldSide {...shared} ladder={ladder} />
    </>
  );
}
