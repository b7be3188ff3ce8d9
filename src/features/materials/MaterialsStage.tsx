import { useElementSize } from '@mantine/hooks';
import { useMemo, useState } from 'react';
import { defaultPrices } from '../../core/price/defaultPrices';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { offeredLines, pricedTakeoff } from '../../core/takeoff/pricedTakeoff';
import { MATERIALS_CAUTION } from '../../core/wording/cautions';
import { printDollars } from '../../core/units/money';
import { counted } from '../../core/wording/words';
import { evaluationOf } from '../../store/evaluation';
import { useCuts } from '../../store/takeoff/useCuts';
import { CutPicture } from '../../ui/pictures/cuts/CutPicture';
import { useReadyJob } from '../job/JobPage';
import { StageFrame } from '../job/StageFrame';
import { drawnLines } from './drawnLines';
import { LineWorking } from './LineWorking';
import { ListTools } from './ListTools';
import { MaterialTable } from './MaterialTable';
import { PartList } from './PartList';
import classes from './materials.module.css';

function Board({ evaluation }: { readonly evaluation: JobEvaluation }) {
  const { ref, width } = useElementSize<HTMLDivElement>();
  const { job, takeoff } = evaluation;
  const { materials } = job;
  const offered = useMemo(() => offeredLines(takeoff, materials, defaultPrices), [takeoff, materials]);
  const { cuts, work } = useCuts(offered);
  const priced = useMemo(() => pricedTakeoff(offered, cuts), [offered, cuts]);
  const [part, setPart] = useState<string | null>(null);
  const [line, setLine] = useState<string | null>(null);
  const chosen = priced.lines.find((each) => each.line.key === line) ?? priced.lines[0];
  const shown = drawnLines(priced.lines, job, { part, line: chosen?.line.key ?? null });
  const pick = { part, line: chosen?.line.key ?? null, onLine: setLine };
  return (
    <>
      <PartList job={job} takeoff={takeoff} priced={priced} part={part} onPart={setPart} />
      <section className={classes['middle']} aria-label="Cut plan and list">
        <header>
          <h1>Cut plan</h1>
          <span className="second">one trip, longest piece first</span>
          <ListTools job={job} priced={priced} />
          <ul className={classes['legend']} aria-label="Legend">
            <li data-mark="buy">to buy</li>
            <li data-mark="truck">on the truck</li>
            <li data-mark="ends">make-up</li>
            <li data-mark="left">left over</li>
          </ul>
        </header>
        <div className={classes['picture']} ref={ref} tabIndex={0} role="group" aria-label="Cut plan">
          {work.state === 'running' && cuts.size === 0 ? (
            <p className="second" role="status">
              Laying pieces into coils and sticks
            </p>
          ) : (
            <CutPicture
              lines={shown}
              widthPx={Math.max(320, Math.floor(width))}
              label={`How ${counted(shown.length, 'kind')} of wire, cable and raceway are cut`}
            />
          )}
        </div>
        <MaterialTable job={job} takeoff={takeoff} priced={priced} {...pick} />
      </section>
      <aside className={classes['side']} aria-label="Working">
        {chosen !== undefined && <LineWorking job={job} priced={chosen} part={part} />}
      </aside>
    </>
  );
}

/** One list for one trip: what every circuit, the panel and the yard take, and how it is bought and cut. */
export function MaterialsStage() {
  const { job } = useReadyJob();
  const evaluation = evaluationOf(job);
  const { lines } = evaluation.takeoff;
  const empty = lines.length === 0;
  const foot = (
    <>
      <span>{empty ? 'Nothing to buy yet' : counted(lines.length, 'line')}</span>
      <span className="second">{MATERIALS_CAUTION}</span>
    </>
  );
  return (
    <StageFrame current="materials" board={classes[empty ? 'start' : 'board']} foot={foot}>
      {empty ? (
        <div className={classes['empty']}>
          <h1>Nothing to cut yet</h1>
          <p>
            Size a circuit and its pieces lie here, with what they are cut from and what that costs:{' '}
            {printDollars(0)} so far.
          </p>
        </div>
      ) : (
        <Board evaluation={evaluation} />
      )}
    </StageFrame>
  );
}
