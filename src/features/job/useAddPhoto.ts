import { useState } from 'react';
import { LIMITS } from '../../core/code/limits';
import type { Photo, PhotoOwner } from '../../core/job/command';
import { editNamed } from '../../store/editing';
import { keepPhoto } from '../../store/persistence/photoStorage';
import { notStored, storing } from '../../store/persistence/quota';
import { useAppDispatch } from '../../store/store';
import { scalePhoto } from './scalePhoto';

/** Takes a picture into a job: scaled down, kept in this browser, tied to what it belongs to. */
export function useAddPhoto(jobId: string, of: PhotoOwner, station?: string) {
  const dispatch = useAppDispatch();
  const [problem, setProblem] = useState<string | null>(null);
  /** Tells under which id it is kept; undefined where it is not. */
  const add = async (file: File, caption = ''): Promise<string | undefined> => {
    const picture = await scalePhoto(file);
    if (picture === undefined) {
      setProblem(`${file.name} is not a picture that this browser reads: use JPEG or PNG.`);
      return undefined;
    }
    setProblem(null);
    const id = crypto.randomUUID();
    const kept = await storing(() => keepPhoto({ id, jobId, picture }));
    if (!kept.ok) {
      setProblem(notStored(file.name, kept));
      return undefined;
    }
    const photo: Photo = { id, caption, ...(station !== undefined && { station }) };
    // Pictures are scaled side by side: each is added after those that came before it.
    const command = { kind: 'add-photo', of, photo, at: LIMITS.photos } as const;
    await dispatch(editNamed(jobId, { command, label: 'Add a photograph' }));
    return id;
  };
  return { add, problem };
}
