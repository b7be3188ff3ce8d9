import { TextInput } from '@mantine/core';
import { useRef, useState } from 'react';
import type { Circuit } from '../../core/circuit/circuitSchema';
import { keepPhoto } from '../../store/persistence/photoStorage';
import { useJobEditor } from '../../store/useJobEditor';
import { usePhoto } from '../../store/usePhoto';
import { scalePhoto } from './scalePhoto';
import classes from './survey.module.css';

const MAX_PHOTOS = 24;

type Photo = Circuit['photos'][number];

interface PhotoStripProps {
  readonly photos: Circuit['photos'];
  readonly jobId: string;
  readonly onPhotos: (photos: Circuit['photos'], label: string) => void;
}

function PhotoTile({ photo, photos, onPhotos }: { readonly photo: Photo } & Omit<PhotoStripProps, 'jobId'>) {
  const { canWrite } = useJobEditor();
  const picture = usePhoto(photo.id);
  const name = photo.caption === '' ? 'Photograph' : photo.caption;
  return (
    <li className={classes['photo']}>
      {picture === undefined ? (
        <span className="second">Not in this browser</span>
      ) : (
        <img src={picture} alt={name} />
      )}
      <TextInput
        aria-label="What it shows"
        placeholder="What it shows"
        defaultValue={photo.caption}
        maxLength={120}
        disabled={!canWrite}
        onBlur={(event) => {
          const caption = event.currentTarget.value.trim();
          if (caption === photo.caption) return;
          onPhotos(
            photos.map((each) => (each.id === photo.id ? { ...each, caption } : each)),
            'Caption of a photograph',
          );
        }}
      />
      <button
        type="button"
        className="act"
        disabled={!canWrite}
        onClick={() => {
          onPhotos(
            photos.filter(({ id }) => id !== photo.id),
            'Remove a photograph',
          );
        }}
      >
        Remove
      </button>
    </li>
  );
}

/** Photographs of plate, place or panel label. Scaled down and kept with the job. */
export function PhotoStrip({ photos, jobId, onPhotos }: PhotoStripProps) {
  const { canWrite } = useJobEditor();
  const [problem, setProblem] = useState<string | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const add = async (file: File): Promise<void> => {
    const picture = await scalePhoto(file);
    if (picture === undefined) {
      setProblem(`${file.name} is not a picture that this browser reads: use JPEG or PNG.`);
      return;
    }
    setProblem(null);
    const id = crypto.randomUUID();
    await keepPhoto({ id, jobId, picture });
    onPhotos([...photos, { id, caption: '' }], 'Add a photograph');
  };
  return (
    <div className={classes['photos']}>
      <ul>
        {photos.map((photo) => (
          <PhotoTile key={photo.id} photo={photo} photos={photos} onPhotos={onPhotos} />
        ))}
      </ul>
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        aria-label="Photograph of the plate or the place"
        onChange={(event) => {
          const file = event.currentTarget.files?.[0];
          if (file !== undefined) void add(file);
          event.currentTarget.value = '';
        }}
      />
      {photos.length < MAX_PHOTOS && (
        <button
          type="button"
          className="act"
          disabled={!canWrite}
          onClick={() => {
            input.current?.click();
          }}
        >
          Add a photograph
        </button>
      )}
      {problem !== null && <p role="alert">{problem}</p>}
    </div>
  );
}
