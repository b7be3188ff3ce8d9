import { useParams } from 'react-router';
import { DRILL_KINDS } from '../../core/drills/drillKinds';
import { DRILL_CAUTION } from '../../core/wording/footCautions';
import { BenchFrame } from './BenchFrame';
import { DrillWork } from './DrillWork';
import { PracticeList } from './PracticeList';
import { drillCard } from './useDrill';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './bench.module.css';

/** Drills with the tables, easy to hard. */
export function DrillsPage() {
  const { drillId } = useParams();
  const kind = DRILL_KINDS.find(({ id }) => id === drillId) ?? DRILL_KINDS[0];
  return (
    <BenchFrame current="drills" foot={<span className="second">{DRILL_CAUTION}</span>}>
      <div className={columnClass('list', classes['side'])}>
        <PracticeList
          label="Drills with the tables"
          current={kind?.id ?? ''}
          items={DRILL_KINDS.map(({ id, name, asks }) => ({
            id,
            name,
            path: `/bench/drills/${id}`,
            cards: asks.map((figure) => drillCard(id, figure)),
          }))}
        />
      </div>
      {kind !== undefined && <DrillWork key={kind.id} kind={kind} />}
    </BenchFrame>
  );
}
