import { LIMITS } from '../../core/code/limits';
import type { Photo, PhotoOwner } from '../../core/job/command';
import { useJobEditor } from '../../store/useJobEditor';
import { usePhoto } from '../../store/usePhoto';
import { TextField } from '../../ui/fields/TextField';
import { useFilePicker } from '../../ui/files/useFilePicker';
import { useAddPhoto } from './useAddPhoto';
import classes from './photoStrip.module.css';

interface PhotoStripProps {
  readonly photos: readonly Photo[];
  readonly jobId: string;
  readonly of: PhotoOwner;
  /** The station that is photographed, where it is one of a circuit. */
  readonly station?: string;
}

function PhotoTile({ photo, of }: { readonly photo: Photo; readonly of: PhotoOwner }) {
  const { canWrite, edit } = useJobEditor();
  const picture = usePhoto(photo.id);
  const name = photo.caption === '' ? 'Photograph' : photo.caption;
  return (
    <li className={classes['photo']}>
      {picture === undefined ? (
        <span className="second">Not in this browser</span>
      ) : (
        <img src={picture} alt={name} />
      )}
      <TextField
        bare
        label="What it shows"
        placeholder="What it shows"
        value={photo.caption}
        maxLength={120}
        disabled={!canWrite}
        onText={(caption) => {
          edit({ kind: 'caption-photo', of, id: photo.id, caption }, 'Caption of a photograph');
        }}
      />
      <button
        type="button"
        className="act"
        disabled={!canWrite}
        onClick={() => {
          edit({ kind: 'remove-photo', of, id: photo.id }, 'Remove a photograph');
        }}
      >
        Remove
      </button>
    </li>
  );
}

/** Photographs of plate, place or panel label. Scaled down and kept with the job. */
export function PhotoStrip({ photos, jobId, of, station }: PhotoStripProps) {
  const { canWrite } = useJobEditor();
  const { add, problem } = useAddPhoto(jobId, of, station);
  const picker = useFilePicker({
    accept: 'image/*',
    label: station === undefined ? 'Photograph of the plate or the place' : `Photograph of ${station}`,
    camera: true,
    onFile: (file) => void add(file),
  });
  return (
    <div className={classes['photos']}>
      <ul>
        {photos.map((photo) => (
          <PhotoTile key={photo.id} photo={photo} of={of} />
        ))}
      </ul>
      {picker.input}
      {photos.length < LIMITS.photos && (
        <button type="button" className="act" disabled={!canWrite} onClick={picker.choose}>
          Add a photograph
        </button>
      )}
      {problem !== null && <p role="alert">{problem}</p>}
    </div>
  );
}
