import { useParams } from 'react-router';
import { BENCHES } from '../../core/bench/benches';
import { BENCH_CAUTION } from '../../core/wording/footCautions';
import { BenchFrame } from './BenchFrame';
import { HiddenBench } from './BenchWork';
import { OwnBenches } from './OwnBenches';
import { PracticeList } from './PracticeList';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './bench.module.css';

/** Benches with a hidden fault, easy to hard, and those of own circuits. */
export function FaultsPage() {
  const { benchId } = useParams();
  const bench = BENCHES.find(({ id }) => id === benchId) ?? BENCHES[0];
  return (
    <BenchFrame
      current="faults"
      foot={
        <>
          <span>Unsafe acts are never bought back by few readings.</span>
          <span className="second">{BENCH_CAUTION}</span>
        </>
      }
    >
      <div className={columnClass('list', classes['side'])}>
        <PracticeList
          label="Benches, easy to hard"
          current={bench?.id ?? ''}
          items={BENCHES.map(({ id, name }) => ({
            id,
            name,
            path: `/bench/faults/${id}`,
            cards: [`bench ${id}`],
          }))}
        />
        <OwnBenches />
      </div>
      {bench !== undefined && <HiddenBench bench={bench} />}
    </BenchFrame>
  );
}
