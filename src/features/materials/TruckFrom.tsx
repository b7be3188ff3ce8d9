import { defaultPrices } from '../../core/price/defaultPrices';
import type { Job } from '../../core/job/jobSchema';
import { JOB_VERSION } from '../../core/job/jobVersion';
import { lineCuts } from '../../core/takeoff/lineCuts';
import { cutLines, offeredLines, pricedTakeoff } from '../../core/takeoff/pricedTakeoff';
import { truckAfter } from '../../core/takeoff/truckAfter';
import { evaluationApart } from '../../store/evaluation';
import { useJobEditor } from '../../store/useJobEditor';
import { useJobs } from '../../store/useJobs';
import { ChoiceField } from '../../ui/fields/ChoiceField';

const NONE = '';

/** The truck as another job leaves it once it is done as it is planned. */
function leftBy(other: Job): ReturnType<typeof truckAfter> {
  const { materials } = other;
  const offered = offeredLines(evaluationApart(other).takeoff, materials, defaultPrices);
  const cuts = cutLines(offered).flatMap((asked) => {
    const found = lineCuts(asked);
    return found === undefined ? [] : [[asked.key, found] as const];
  });
  return truckAfter(pricedTakeoff(offered, new Map(cuts)), materials.truck);
}

/** Takes what lies on the truck from the job before: what that one did not need, and what it left over. */
export function TruckFrom({ job }: { readonly job: Job }) {
  const { canWrite, edit } = useJobEditor();
  const others = (useJobs() ?? []).filter(({ id, version }) => id !== job.id && version === JOB_VERSION);
  if (others.length === 0) return null;
  return (
    <ChoiceField
      label="On the truck: as another job leaves it"
      value={NONE}
      disabled={!canWrite}
      choices={[
        { value: NONE, label: 'Choose a job' },
        ...others.map(({ id, name }) => ({ value: id, label: name })),
      ]}
      onChoose={(id) => {
        const other = others.find((each) => each.id === id);
        if (other === undefined) return;
        const truck = [...leftBy(other.document)];
        edit({ kind: 'change', part: 'materials', fields: { truck } }, `The truck after ${other.name}`);
      }}
    />
  );
}
