import type { Job } from '../../core/job/jobSchema';
import { mayHaveAluminum } from '../../core/service/oldHouse';
import { parseNumber, type NumberRange } from '../../core/units/number';
import { useJobEditor } from '../../store/useJobEditor';
import { QuantityField } from '../../ui/fields/QuantityField';
import { YesNoField } from '../../ui/fields/YesNoField';

const yearRange: NumberRange = { min: 1700, max: 2100, units: [], shown: '', whole: true };

/** How old a house is, and what its years left in it: asked before anything is opened. */
export function HouseAge({ job }: { readonly job: Job }) {
  const { edit, canWrite } = useJobEditor();
  const { builtYear = null, branchAluminum } = job.house;
  return (
    <>
      <QuantityField<number | null>
        label="Built in"
        help="Old houses: call before you open."
        disabled={!canWrite}
        value={builtYear}
        print={(year) => (year === null ? '' : `${year}`)}
        parse={(text) => (text.trim() === '' ? null : parseNumber(text, yearRange))}
        onValue={(year, key) => {
          edit({ kind: 'change-house', fields: { builtYear: year } }, 'Built in', key);
        }}
      />
      {(mayHaveAluminum(job.house) || branchAluminum != null) && (
        <YesNoField
          label="Aluminum branch circuits?"
          help="Look where they enter the panel, off and locked."
          disabled={!canWrite}
          value={branchAluminum ?? undefined}
          onValue={(value) => {
            edit(
              { kind: 'change-house', fields: { branchAluminum: value ?? null } },
              'Aluminum branch circuits',
            );
          }}
        />
      )}
    </>
  );
}
