import { lazy, memo, Suspense } from 'react';
import { familyList } from '../../core/appliances/registry';
import type { Circuit } from '../../core/circuit/circuitSchema';
import { surveyed } from '../../core/findings/catalog';
import { circuitLine } from '../../core/wording/ladder';
import { counted } from '../../core/wording/words';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { useJobEditor } from '../../store/useJobEditor';
import { useAssumedPlate } from '../../store/known/useAssumedPlate';
import { AssumedFields } from '../../ui/fields/assumedFields';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { Nameplate } from '../../ui/plates/Nameplate';
import { useStageActions } from '../job/stageActions';
import classes from './survey.module.css';

const PlateDetails = lazy(() =>
  import('./PlateDetails').then((module) => ({ default: module.PlateDetails })),
);

interface PlateCardProps {
  readonly view: CircuitEvaluation;
  readonly jobId: string;
}

interface FoldedPlateProps {
  readonly view: CircuitEvaluation;
  readonly onOpen: (id: string) => void;
}

const familyName = ({ appliance }: Circuit): string =>
  familyList.find(({ id }) => id === appliance.family)?.name ?? '';

/** One appliance of many: what it is and how much is left to find out, until it is opened. */
export const FoldedPlate = memo(function FoldedPlate({ view, onOpen }: FoldedPlateProps) {
  const { circuit, solved } = view;
  const left = surveyed(view.open).length;
  return (
    <li className={classes['folded']}>
      <button
        type="button"
        aria-expanded={false}
        onClick={() => {
          onOpen(circuit.id);
        }}
      >
        <SeverityShape severity={left === 0 ? 'ok' : 'ask'} />
        <span>{circuit.name}</span>
        <span className="fig second">{circuitLine(solved, circuit)}</span>
        <span className="second">{left === 0 ? 'Surveyed' : `${counted(left, 'thing')} to find out`}</span>
      </button>
    </li>
  );
});

/** One appliance as it was surveyed: its plate, where it stands, its photographs, and what is left to find out. */
export const PlateCard = memo(function PlateCard({ view, jobId }: PlateCardProps) {
  const { circuit, solved } = view;
  const { canWrite, replaceCircuit } = useJobEditor();
  const { goTo } = useStageActions();
  const assumed = useAssumedPlate(circuit.id);
  return (
    <li className={classes['card']}>
      <h2>
        <button
          type="button"
          className="act"
          onClick={() => {
            goTo(circuit.id);
          }}
        >
          {circuit.name}
        </button>
        <span className="fig second">{circuitLine(solved, circuit)}</span>
      </h2>
      <AssumedFields value={assumed}>
        <Nameplate
          appliance={circuit.appliance}
          family={familyName(circuit)}
          disabled={!canWrite}
          onAppliance={(appliance, key) => {
            replaceCircuit({ ...circuit, appliance }, 'Nameplate', key);
          }}
        >
          <Suspense>
            <PlateDetails view={view} jobId={jobId} />
          </Suspense>
        </Nameplate>
      </AssumedFields>
    </li>
  );
});
