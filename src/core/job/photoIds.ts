import type { Job } from './jobSchema';

/** The ids of every photograph that a job names, wherever it belongs. */
export const photoIds = ({ circuits, panels, observed, yard, days }: Job): readonly string[] => [
  ...[...circuits, ...panels, ...observed, ...yard.waters, ...days.words, ...days.gates].flatMap(
    ({ photos }) => photos.map(({ id }) => id),
  ),
  ...(yard.underlay === null ? [] : [yard.underlay.photoId]),
];
