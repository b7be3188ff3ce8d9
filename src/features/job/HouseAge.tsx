import { changeOf } from '../../core/job/fieldChange';
import type { Job } from '../../core/job/jobSchema';
import { houseSchema } from '../../core/service/houseSchema';
import { houseAgeFields } from '../../core/wording/fields/houseFields';
import { useJobEditor } from '../../store/useJobEditor';
import { FieldList } from '../../ui/fields/FieldList';

/** How old a house is, and what its years left in it: asked before anything is opened. */
export function HouseAge({ job }: { readonly job: Job }) {
  const { edit, canWrite } = useJobEditor();
  return (
    <FieldList
      schema={houseSchema}
      fields={houseAgeFields}
      of={job.house}
      disabled={!canWrite}
      set={(fields, label, key) => {
        edit({ kind: 'change', part: 'house', ...changeOf(fields) }, label, key);
      }}
    />
  );
}
