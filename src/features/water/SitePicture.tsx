import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { underlaid } from '../../core/water/underlay';
import { keepPhoto } from '../../store/persistence/photoStorage';
import { underlayArrival } from '../../core/job/arrivals';
import { editNamed, late } from '../../store/editing';
import { notStored, storing } from '../../store/persistence/quota';
import { useAppDispatch } from '../../store/store';
import { useJobEditor } from '../../store/useJobEditor';
import { useFilePicker } from '../../ui/files/useFilePicker';
import { scalePhoto } from '../job/scalePhoto';
import classes from './water.module.css';

/** The size of a picture in its own pixels. */
async function sizeOf(picture: string): Promise<readonly [number, number]> {
  const image = new Image();
  image.src = picture;
  await image.decode();
  return [image.naturalWidth, image.naturalHeight];
}

interface SitePictureProps {
  readonly job: Job;
  /** Whether its scale is being set by two points. */
  readonly scaling: boolean;
  readonly onScaling: (scaling: boolean) => void;
}

/** Takes a picture and lays it under the plan, a hundred feet wide until it is scaled. */
function useLaying({ id: jobId, yard }: Job, onLaid: () => void) {
  const dispatch = useAppDispatch();
  const [problem, setProblem] = useState<string | null>(null);
  const add = async (file: File): Promise<void> => {
    const picture = await scalePhoto(file);
    if (picture === undefined) {
      setProblem(`${file.name} is not a picture that this browser reads: use JPEG or PNG.`);
      return;
    }
    setProblem(null);
    const id = crypto.randomUUID();
    const [width, height] = await sizeOf(picture);
    const kept = await storing(() => keepPhoto({ id, jobId, picture }));
    if (!kept.ok) {
      setProblem(notStored(file.name, kept));
      return;
    }
    const label = 'Add a site picture';
    const arrival = underlayArrival(underlaid(id, width, height), yard.underlay);
    if (await dispatch(editNamed(jobId, late(arrival, label), label))) onLaid();
  };
  return { add, problem };
}

/** What may be done with the picture that lies there. */
function Laid({ scaling, onScaling }: Omit<SitePictureProps, 'job'>) {
  const { canWrite, edit } = useJobEditor();
  return (
    <>
      <Button
        size="xs"
        variant="default"
        aria-pressed={scaling}
        onClick={() => {
          onScaling(!scaling);
        }}
      >
        {scaling ? 'Scale is set' : 'Set its scale'}
      </Button>
      <Button
        size="xs"
        variant="default"
        disabled={!canWrite}
        onClick={() => {
          edit({ kind: 'change', part: 'yard', fields: { underlay: null } }, 'Remove the site picture');
          onScaling(false);
        }}
      >
        Remove it
      </Button>
    </>
  );
}

/** A picture of the site under the plan: an air photograph, a survey, a drawing. */
export function SitePicture({ job, scaling, onScaling }: SitePictureProps) {
  const { canWrite } = useJobEditor();
  const picker = useFilePicker({
    accept: 'image/*',
    label: 'Picture of the site',
    onFile: (file) => void add(file),
  });
  const { add, problem } = useLaying(job, () => {
    onScaling(true);
  });
  const laid = job.yard.underlay !== null;
  return (
    <section aria-label="Site picture">
      <h2>Site picture</h2>
      {picker.input}
      <div className={classes['acts']}>
        <Button size="xs" variant="default" disabled={!canWrite} onClick={picker.choose}>
          {laid ? 'Another picture' : 'Put one under the plan'}
        </Button>
        {laid && <Laid scaling={scaling} onScaling={onScaling} />}
      </div>
      {problem !== null && <p role="alert">{problem}</p>}
    </section>
  );
}
