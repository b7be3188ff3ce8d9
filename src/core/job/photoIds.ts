import type { Seal } from '../paper/sealSchema';
import type { Job } from './jobSchema';

/** The ids of every photograph that a job names, wherever it belongs. */
export const photoIds = ({ circuits, panels, observed, yard, days }: Job): readonly string[] => [
  ...[...circuits, ...panels, ...observed, ...yard.waters, ...days.words, ...days.gates].flatMap(
    ({ photos }) => photos.map(({ id }) => id),
  ),
  ...(yard.underlay === null ? [] : [yard.underlay.photoId]),
];

/** The ids of the photographs that sealed packets bear. */
export const sealedPhotoIds = (seals: readonly Pick<Seal, 'photos'>[]): readonly string[] =>
  seals.flatMap(({ photos }) => photos.map(({ id }) => id));

/** A job whose photographs bear other ids. */
export function withPhotoIds(job: Job, renamed: ReadonlyMap<string, string>): Job {
  if (renamed.size === 0) return job;
  const named = <T extends { readonly photos: { readonly id: string }[] }>(owners: readonly T[]): T[] =>
    owners.map((owner) => ({
      ...owner,
      photos: owner.photos.map((photo) => ({ ...photo, id: renamed.get(photo.id) ?? photo.id })),
    }));
  const { yard, days } = job;
  const { underlay } = yard;
  return {
    ...job,
    circuits: named(job.circuits),
    panels: named(job.panels),
    observed: named(job.observed),
    yard: {
      ...yard,
      waters: named(yard.waters),
      underlay: underlay && { ...underlay, photoId: renamed.get(underlay.photoId) ?? underlay.photoId },
    },
    days: { ...days, words: named(days.words), gates: named(days.gates) },
  };
}
