import type { Job } from '../../job/jobSchema';
import type { PictureBox } from '../../paper/pageFlow';
import type { PageItem } from '../../paper/pageSchema';
import { wrapped } from '../../paper/pageScene';
import { conditionName } from '../../wording/observedWords';
import { CHAPTER_NAME } from '../../wording/packetWords';
import type { Making } from './making';

const ROW_HIGH = 196;
const GAP = 16;
const CAPTION = 26;
const SIZE = 8;

/** A photograph with what it shows and whose it is. */
interface OnPage {
  readonly id: string;
  readonly owner: string;
  readonly caption: string;
}

/** Every photograph of a job that is handed over, circuit by circuit, then panels, waters and what was found. */
function photographs({ circuits, panels, observed, yard }: Job): readonly OnPage[] {
  return [
    ...circuits.flatMap(({ name, photos }) =>
      photos.map(({ id, caption, station }) => ({
        id,
        owner: name,
        caption: [station, caption].filter(Boolean).join(' '),
      })),
    ),
    ...[...panels, ...yard.waters].flatMap(({ name, photos }) =>
      photos.map(({ id, caption }) => ({ id, owner: name, caption })),
    ),
    ...observed.flatMap(({ condition, photos }) =>
      photos.map(({ id, caption }) => ({ id, owner: conditionName[condition], caption })),
    ),
  ];
}

/** Two photographs beside each other, each over what it shows. */
function pair(two: readonly OnPage[]): (box: PictureBox) => readonly PageItem[] {
  return ({ x, y, wide, high }) => {
    const own = (wide - GAP) / 2;
    return two.flatMap(({ id, owner, caption }, at): readonly PageItem[] => {
      const left = x + at * (own + GAP);
      const said = caption === '' ? owner : `${owner}: ${caption}`;
      return [
        { kind: 'photo', x: left, y, wide: own, high: high - CAPTION, id },
        ...wrapped(said, 'words', SIZE, own)
          .slice(0, 2)
          .map((text, line): PageItem => ({
            kind: 'text',
            x: left,
            y: y + high - CAPTION + 10 + line * 10,
            text,
            face: 'words',
            size: SIZE,
            ink: 'ink',
            align: 'left',
          })),
      ];
    });
  };
}

/** The photographs of the work, two beside each other. */
export function photosChapter({ flow, evaluation }: Making): void {
  const all = photographs(evaluation.job);
  flow.page('photos', CHAPTER_NAME.photos);
  if (all.length === 0) flow.say('No photograph was taken yet.');
  for (let at = 0; at < all.length; at += 2) flow.picture(ROW_HIGH, pair(all.slice(at, at + 2)));
}
