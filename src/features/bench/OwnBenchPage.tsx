import { useState } from 'react';
import { useParams } from 'react-router';
import { ownBench } from '../../core/bench/ownBench';
import type { BenchPlace } from '../../core/bench/benchCircuits';
import { stationKinds, stationLetter, type StationKind } from '../../core/circuit/stations';
import { evaluateJob } from '../../core/job/evaluateJob';
import { readJobDocument } from '../../core/job/jobFile';
import { BENCH_CAUTION } from '../../core/wording/footCautions';
import { useSavedJob } from '../../store/useJobs';
import { BenchFrame } from './BenchFrame';
import { HiddenBench } from './BenchWork';
import { OwnBenches } from './OwnBenches';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './bench.module.css';

const PLACE_OF: Readonly<Record<StationKind, BenchPlace>> = {
  panel: 'panel',
  box: 'box',
  'pull-box': 'box',
  body: 'box',
  disconnect: 'disconnect',
  coupling: 'box',
  appliance: 'load',
};

type Saved = NonNullable<ReturnType<typeof useSavedJob>>;

/** A bench of a saved circuit; undefined where it has no conductor to be read. */
function benchOf({ record }: Saved, circuitId: string, lot: number) {
  const read = readJobDocument(record.document, record.version);
  if (!read.ok) return undefined;
  const evaluation = evaluateJob(read.job);
  const network = evaluation.check(circuitId)?.report?.network;
  const circuit = evaluation.circuit(circuitId)?.circuit;
  if (network === undefined || circuit === undefined) return undefined;
  const kinds = stationKinds(circuit.run);
  const places = network.stations.map((letter) => {
    const kind = kinds.find((_, at) => stationLetter(at) === letter);
    return PLACE_OF[kind ?? 'box'];
  });
  return ownBench(circuit.name, network, places, lot);
}

/** A circuit of an own job as a bench; its fault is drawn by lot each time it is opened. */
export function OwnBenchPage() {
  const { jobId = '', circuitId = '' } = useParams();
  const saved = useSavedJob(jobId);
  const [lots, setLots] = useState<readonly number[]>([]);
  return (
    <BenchFrame current="faults" foot={<span className="second">{BENCH_CAUTION}</span>}>
      <div className={columnClass('list', classes['side'])}>
        <OwnBenches />
        <button
          type="button"
          className="act"
          onClick={() => {
            setLots([...lots, Math.random()]);
          }}
        >
          Hide another fault
        </button>
      </div>
      {saved != null && <OwnBench key={`${circuitId} ${lots.length}`} saved={saved} circuitId={circuitId} />}
      {saved === null && <p className={classes['none']}>This job is not in this browser.</p>}
    </BenchFrame>
  );
}

function OwnBench({ saved, circuitId }: { readonly saved: Saved; readonly circuitId: string }) {
  const [bench] = useState(() => benchOf(saved, circuitId, Math.random()));
  return bench === undefined ? (
    <p className={classes['none']}>No conductor is sized for this circuit, or it has three phases.</p>
  ) : (
    <HiddenBench bench={bench} />
  );
}
