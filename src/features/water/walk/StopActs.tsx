import { isOut, lacksMeasure, measuredAt, signedAt, withSeen, type Seen } from '../../../core/water/walk';
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

/** The way to say how a stop stands: it bears who said it, and when. */
function useSay({ report, step }: StopProps): (how: string, seen: Seen) => void {
  const { put } = useYardEditor();
  const who = useWho();
  return (how, seen) => {
    const said = { ...seen, ...(who !== undefined && { by: who }), at: nowLocal() };
    put({ list: 'waters', item: withSeen(report.water, said) }, `${how}: ${walkTitle(step)[0]}`);
  };
}

/** Why a stop is not right or is left for later; nothing is asked of one that is neither. */
function Why(of: StopProps) {
  const { canWrite } = useYardEditor();
  const say = useSay(of);
  const { seen } = of.step;
  if (seen === undefined || (seen.right !== false && seen.later === undefined)) return null;
  const isWrong = seen.right === false;
  return (
    <TextField
      label={isWrong ? 'What is not right' : 'Why later, and by when'}
      value={(isWrong ? seen.wrong : seen.later) ?? ''}
      maxLength={200}
      disabled={!canWrite}
      onText={(text) => {
        if (isWrong) say(LOOK_NAME.wrong, { ...seen, wrong: text });
        else say(LOOK_NAME.later, { ...seen, later: text });
      }}
    />
  );
}

/** What has to be there before anybody signs a stop; undefined: nothing more. */
function lacksToSign(of: StopProps, who: string | undefined): string | undefined {
  if (lacksMeasure(of.step)) return 'needs the measure';
  if (isOut(of.step)) return 'not as required';
  if (photosOf(of).length === 0) return 'needs a photo';
  return who === undefined ? 'needs who signs' : undefined;
}

interface StopActsProps extends StopProps {
  readonly onNext: () => void;
}

/** What is done at a stop: photographed, then signed as right, called not right, or left for later. Going on signs nothing. */
export function StopActs({ onNext, ...of }: StopActsProps) {
  const { step } = of;
  const { canWrite } = useYardEditor();
  const who = useWho();
  const say = useSay(of);
  const lacks = lacksToSign(of, who);
  const isWrong = step.seen?.right === false;
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
            say(LOOK_NAME.wrong, { ...measuredAt(step), right: false });
          }}
        >
          <SeverityShape severity="stop" size={15} /> {LOOK_NAME.wrong}
        </button>
        <button
          type="button"
          className={classes['photo']}
          disabled={!canWrite}
          aria-pressed={!isWrong && step.seen?.later !== undefined}
          onClick={() => {
            say(LOOK_NAME.later, { ...measuredAt(step), later: '' });
          }}
        >
          {LOOK_NAME.later}
        </button>
        <button
          type="button"
          className={classes['sign']}
          disabled={!canWrite || lacks !== undefined}
          onClick={() => {
            say(LOOK_NAME.right, signedAt(step));
            onNext();
          }}
        >
          {LOOK_NAME.right}
          <span>{lacks ?? `signs: ${who ?? ''}`}</span>
        </button>
      </div>
      <Why {...of} />
    </>
  );
}
