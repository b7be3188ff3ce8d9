import { useElementSize } from '@mantine/hooks';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { MATERIALS_CAUTION } from '../../core/wording/footCautions';
import { printDollars } from '../../core/units/money';
import type { ListState } from '../../core/takeoff/listState';
import { counted } from '../../core/wording/words';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { evaluationOf } from '../../store/evaluation';
import { CutPicture } from '../../ui/pictures/cuts/CutPicture';
import { useReadyJob } from '../job/JobPage';
import { StageFrame } from '../job/StageFrame';
import { today } from '../../store/clock';
import { drawnLines } from './drawnLines';
import { LineWorking } from './LineWorking';
import { ListTools } from './ListTools';
import { MaterialTable } from './MaterialTable';
import { PartList } from './PartList';
import { useHand } from './useHand';
import { usePriced } from './usePriced';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './materials.module.css';

interface BoardProps {
  readonly evaluation: JobEvaluation;
  /** The line that is chosen; null: the first. */
  readonly line: string | null;
  readonly onLine: (key: string) => void;
}

function Board({ evaluation, line, onLine }: BoardProps) {
  const { ref, width } = useElementSize<HTMLDivElement>();
  const { job, takeoff } = evaluation;
  const { priced, isCutting } = usePriced(evaluation);
  const [part, setPart] = useState<string | null>(null);
  const chosen = priced.lines.find((each) => each.line.key === line) ?? priced.lines[0];
  const { hand, refused } = useHand(job, chosen);
  const shown = drawnLines(priced.lines, job, { part, line: chosen?.line.key ?? null });
  const pick = { part, line: chosen?.line.key ?? null, onLine };
  return (
    <>
      <PartList job={job} takeoff={takeoff} priced={priced} part={part} onPart={setPart} />
      <section className={columnClass('middle', classes['middle'])} aria-label="Cut plan and list">
        <header>
          <h1>Cut plan</h1>
          <span className="second">one trip, longest piece first</span>
          <ListTools job={job} priced={priced} />
          <ul className={columnClass('legend', classes['legend'])} aria-label="Legend">
            <li data-mark="buy">to buy</li>
            <li data-mark="truck">on the truck</li>
            <li data-mark="ends">make-up</li>
            <li data-mark="left">left over</li>
            <li data-mark="hand">laid by hand</li>
          </ul>
          {refused !== null && <p role="alert">{refused}</p>}
        </header>
        <div className={classes['picture']} ref={ref} tabIndex={0} role="group" aria-label="Cut plan">
          {isCutting ? (
            <p className="second" role="status">
              Laying pieces into coils and sticks
            </p>
          ) : (
            <CutPicture
              hand={hand}
              lines={shown}
              widthPx={Math.max(320, Math.floor(width))}
              label={`How ${counted(shown.length, 'kind')} of wire, cable and raceway are cut`}
            />
          )}
        </div>
        <MaterialTable job={job} takeoff={takeoff} priced={priced} {...pick} />
      </section>
      <aside className={columnClass('side')} aria-label="Working">
        {chosen !== undefined && <LineWorking job={job} priced={chosen} part={part} />}
      </aside>
    </>
  );
}

/** What is to be looked at before anybody buys by the list, each a jump to its first line. */
function OpenLines({ state, onLine }: { readonly state: ListState; readonly onLine: (key: string) => void }) {
  const { tooLong, unpriced, old } = state;
  const open: readonly (readonly [severity: 'stop' | 'check', keys: readonly string[], words: string])[] = [
    ['stop', tooLong, `${counted(tooLong.length, 'line')} with a piece that is too long`],
    ['check', unpriced, `${counted(unpriced.length, 'line')} without a price`],
    ['check', old, `${counted(old.length, 'line')} with a price over 60 days old`],
  ];
  return open.map(([severity, [first], words]) =>
    first === undefined ? null : (
      <button
        key={words}
        type="button"
        className="act"
        onClick={() => {
          onLine(first);
        }}
      >
        <SeverityShape severity={severity} size={11} /> {words}
      </button>
    ),
  );
}

/** One list for one trip: what every circuit, the panel and the yard take, and how it is bought and cut. */
export function MaterialsStage() {
  const { job } = useReadyJob();
  const navigate = useNavigate();
  const evaluation = evaluationOf(job);
  const { lines } = evaluation.takeoff;
  const empty = lines.length === 0;
  const [line, setLine] = useState<string | null>(null);
  const foot = (
    <>
      <span className={classes['open']}>
        {empty ? 'Nothing to buy yet' : counted(lines.length, 'line')}
        <OpenLines state={evaluation.listState(today())} onLine={setLine} />
      </span>
      <span className="second">{MATERIALS_CAUTION}</span>
    </>
  );
  const keys = { q: () => void navigate(`/jobs/${job.id}/materials/quote`) };
  return (
    <StageFrame current="materials" board={empty ? null : ''} foot={foot} keys={keys}>
      {empty ? (
        <div className={columnClass('empty')}>
          <h1>Nothing to cut yet</h1>
          <p>
            Size a circuit and its pieces lie here, with what they are cut from and what that costs:{' '}
            {printDollars(0)} so far.
          </p>
        </div>
      ) : (
        <Board evaluation={evaluation} line={line} onLine={setLine} />
      )}
    </StageFrame>
  );
}
