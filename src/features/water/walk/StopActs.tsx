import { lacksMeasure, lookAt, measuredAt, signedAt, withSeen, type Seen } from '../../../core/water/walk';
import { LOOK_NAME, walkTitle } from '../../../core/wording/walkWords';
import { nowLocal } from '../../../store/clock';
import { usePhoto } from '../../../store/usePhoto';
import { useYardEditor } from '../../../store/useYardEditor';
import { useWho } from '../../../store/who';
import { TextField } from '../../../ui/fields/TextField';
import { useFilePicker } from '../../../ui/files/useFilePicker';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { useAddPhoto } from '../../job/useAddPhoto';
import type { StopProps } from './StopMeasure';
import classes from './walk.module.css';

/** Photographs of a stop: by its name. */
const photosOf = ({ report, step }: StopProps) =>
  report.water.photos.filter(({ caption }) => caption === walkTitle(step)[0]);

/** The photograph to take before it is covered. */
function PhotoOf(of: StopProps) {
  const { job, report, step } = of;
  const { canWrite } = useYardEditor();
  const { add, problem } = useAddPhoto(job.id, { waterId: report.water.id });
  const [name] = walkTitle(step);
  const picker = useFilePicker({
    accept: 'image/*',
    label: `Photograph of ${name}`,
    camera: true,
    onFile: (file) => void add(file, name),
  });
  const taken = photosOf(of);
  const picture = usePhoto(taken.at(-1)?.id ?? '');
  return (
    <div className={classes['photos']}>
      {picker.input}
      {picture !== undefined && <img src={picture} alt={name} />}
      <button type="button" className={classes['photo']} disabled={!canWrite} onClick={picker.choose}>
        {taken.length === 0
          ? 'Photo, with a tape in it'
          : `Photo taken${taken.length > 1 ? `, ${taken.length}` : ''}; another`}
      </button>
      {problem !== null && <p role="alert">{problem}</p>}
    </div>
  );
}

/** What is asked of who says that a stop is not right, or leaves it. */
const WHY = { wrong: 'What is not right', later: 'Why later, and by when' } as const;

interface StopActsProps extends StopProps {
  readonly onNext: () => void;
}

/** What is done at a stop: photographed, then signed as right, called not right, or left for later. Going on signs nothing. */
export function StopActs({ onNext, ...of }: StopActsProps) {
  const { report, step } = of;
  const { canWrite, put } = useYardEditor();
  const who = useWho();
  const look = lookAt(step);
  const [name] = walkTitle(step);
  const say = (seen: Seen, label: string): void => {
    const by = { ...(who !== undefined && { by: who }), at: nowLocal() };
    put({ list: 'waters', item: withSeen(report.water, { ...seen, ...by }) }, label);
  };
  const lacks = lacksMeasure(step)
    ? 'needs the measure'
    : photosOf(of).length === 0
      ? 'needs a photo'
      : who === undefined
        ? 'needs who signs'
        : undefined;
  const isWrong = step.seen?.right === false;
  const isLater = !isWrong && step.seen?.later !== undefined;
  return (
    <>
      <PhotoOf {...of} />
      <div className={classes['acts']}>
        <button
          type="button"
          className={classes['photo']}
          disabled={!canWrite}
          aria-pressed={isWrong}
          onClick={() => {
            say({ ...measuredAt(step), right: false }, `Not right: ${name}`);
          }}
        >
          <SeverityShape severity="stop" size={15} /> Not right
        </button>
        <button
          type="button"
          className={classes['photo']}
          disabled={!canWrite}
          aria-pressed={isLater}
          onClick={() => {
            say({ ...measuredAt(step), later: '' }, `Later: ${name}`);
          }}
        >
          Later
        </button>
        <button
          type="button"
          className={classes['sign']}
          disabled={!canWrite || lacks !== undefined || (look === 'wrong' && !isWrong)}
          onClick={() => {
            say(signedAt(step), `Right: ${name}`);
            onNext();
          }}
        >
          {LOOK_NAME.right}
          <span>{lacks ?? `signs: ${who ?? ''}`}</span>
        </button>
      </div>
      {(isWrong || isLater) && (
        <TextField
          label={isWrong ? WHY.wrong : WHY.later}
          value={(isWrong ? step.seen.wrong : step.seen?.later) ?? ''}
          maxLength={200}
          disabled={!canWrite}
          onText={(text) => {
            if (step.seen === undefined) return;
            say(
              isWrong ? { ...step.seen, wrong: text } : { ...step.seen, later: text },
              isWrong ? `Not right: ${name}` : `Later: ${name}`,
            );
          }}
        />
      )}
    </>
  );
}
