import { Button } from '@mantine/core';
import { useMemo, useState } from 'react';
import { edition as editionOf, EDITION_YEARS, type EditionYear } from '../../core/code/edition';
import { jobContext } from '../../core/job/jobContext';
import type { Job } from '../../core/job/jobSchema';
import { useJobEditor } from '../../store/useJobEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { Dialog } from '../../ui/shell/Dialog';
import { ChangeList, changeCount, useJobChanges } from './ChangeList';
import classes from './dialogs.module.css';

interface EditionDialogProps {
  readonly job: Job;
  readonly onClose: () => void;
}

/** Another edition of the code, with everything that it would change in this job, before it is taken. */
export function EditionDialog({ job, onClose }: EditionDialogProps) {
  const { edit, canWrite } = useJobEditor();
  const [year, setYear] = useState<EditionYear>(
    EDITION_YEARS.find((each) => each !== job.edition) ?? job.edition,
  );
  const context = useMemo(() => jobContext({ ...job, edition: year }), [job, year]);
  const changes = useJobChanges(job, context);
  return (
    <Dialog wide opened onClose={onClose} title={`The job is under ${job.edition}`}>
      <div className={classes['form']}>
        <ChoiceField
          label="Compare with the edition of"
          value={year}
          choices={EDITION_YEARS.filter((each) => each !== job.edition).map((each) => ({
            value: each,
            label: editionOf(each).certainty === 'preliminary' ? `${each}, not verified` : String(each),
          }))}
          onChoose={setYear}
        />
        <p className={classes['wide']} aria-live="polite">
          <b>{changeCount(changes)}</b>
          {context.code.certainty === 'known'
            ? ''
            : ' This edition is preliminary, not verified: where nothing else is known its figures are those of 2023. Verify against the adopted code.'}
        </p>
        <div className={classes['wide']}>
          <ChangeList changes={changes} />
        </div>
        <div className={classes['acts']}>
          <Button
            disabled={!canWrite}
            onClick={() => {
              edit({ kind: 'change-job', fields: { edition: year } }, `${year} code`);
              onClose();
            }}
          >
            Put the job under {year}
          </Button>
          <Button variant="default" onClick={onClose}>
            Stay under {job.edition}
          </Button>
        </div>
      </div>
    </Dialog>
  );
}
