import { lazy, Suspense, useState } from 'react';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { WATER_CAUTION } from '../../core/wording/footCautions';
import { counted } from '../../core/wording/words';
import { evaluationOf } from '../../store/evaluation';
import { useReadyJob } from '../job/JobPage';
import { StageFrame } from '../job/StageFrame';
import { BondPane } from './BondPane';
import { PickedPane } from './PickedPane';
import { PlanPane } from './PlanPane';
import { SitePicture } from './SitePicture';
import { TypeYard } from './TypeYard';
import { YardList } from './YardList';
import { columnClass } from '../../ui/shell/columnClass';

const FieldBoard = lazy(() =>
  import('./field/FieldBoard').then((module) => ({ default: module.FieldBoard })),
);

interface BoardProps {
  readonly evaluation: JobEvaluation;
}

/** The yard around one water: what stands there, the plan, and what is bonded. */
function Board({ evaluation }: BoardProps) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [picked, setPicked] = useState<string | null>(null);
  const [asField, setAsField] = useState(false);
  const [scaling, setScaling] = useState(false);
  const { waters } = evaluation;
  const view = waters.find(({ report }) => report.water.id === chosen) ?? waters[0];
  if (view === undefined) return null;
  if (asField)
    return (
      <Suspense>
        <FieldBoard
          key={view.report.water.id}
          evaluation={evaluation}
          view={view}
          onPlan={() => {
            setAsField(false);
          }}
        />
      </Suspense>
    );
  const onPick = (id: string | null): void => {
    setPicked(id);
    if (id !== null && waters.some(({ report }) => report.water.id === id)) setChosen(id);
  };
  return (
    <>
      <YardList evaluation={evaluation} view={view} picked={picked} onPick={onPick}>
        <SitePicture job={evaluation.job} scaling={scaling} onScaling={setScaling} />
      </YardList>
      <PlanPane
        evaluation={evaluation}
        view={view}
        picked={picked}
        onPick={onPick}
        scaling={scaling}
        onField={() => {
          setAsField(true);
        }}
      />
      <aside className={columnClass('side')} aria-label="Bonding and findings">
        {picked !== null && (
          <PickedPane
            key={picked}
            evaluation={evaluation}
            view={view}
            id={picked}
            onDone={() => {
              setPicked(null);
            }}
          />
        )}
        <BondPane evaluation={evaluation} view={view} picked={picked} onPick={onPick} />
      </aside>
    </>
  );
}

/** Pools, spas and tubs: the yard plan, the zones around the water, and equipotential bonding. */
export function WaterStage() {
  const { job } = useReadyJob();
  const evaluation = evaluationOf(job);
  const open = evaluation.openInWater.length;
  const empty = evaluation.waters.length === 0;
  const foot = (
    <>
      <span>{empty ? 'No water in the yard' : `${counted(open, 'thing')} open about the water`}</span>
      <span className="second">{WATER_CAUTION}</span>
    </>
  );
  return (
    <StageFrame current="water" board={empty ? null : ''} foot={foot}>
      {empty ? (
        <div className={columnClass('empty')}>
          <h1>No pool or tub in the yard yet</h1>
          <p>
            Type it with its size, and what stands by it. The plan, its zones, the bonding ring and what it
            takes follow.
          </p>
          <TypeYard job={job} water={undefined} />
        </div>
      ) : (
        <Board evaluation={evaluation} />
      )}
    </StageFrame>
  );
}
