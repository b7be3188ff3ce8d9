import { useMemo, useState } from 'react';
import { familyList } from '../../core/appliances/registry';
import type { Circuit } from '../../core/circuit/circuitSchema';
import { plateOffers, type PlateAnswer, type PlateOffer } from '../../core/plates/plateOffers';
import { contradictionWords, doubtWords, familyWhy } from '../../core/wording/plateWords';
import { today } from '../../store/clock';
import type { PlatePicture } from '../../store/plates/plateTask';
import { useAppSelector } from '../../store/store';
import { useJobEditor } from '../../store/useJobEditor';
import { useWorker } from '../../store/worker/useWorker';
import { whoNow } from '../../store/who';
import { useFilePicker } from '../../ui/files/useFilePicker';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { useAddPhoto } from '../job/useAddPhoto';
import classes from './plateReader.module.css';

interface PlateReaderProps {
  readonly circuit: Circuit;
  readonly jobId: string;
}

interface OfferProps {
  readonly offer: PlateOffer;
  /** The part of the photograph that it was read from. */
  readonly cut: string | undefined;
  readonly disabled: boolean;
  readonly onTake: (offer: PlateOffer, answer: PlateAnswer) => void;
}

function Offer({ offer: { mark, question, answers }, cut, disabled, onTake }: OfferProps) {
  const name = question.mark ?? question.label;
  const stands = answers.some((answer) => answer.stands);
  const unit = mark.unit ?? '';
  return (
    <li>
      <img src={cut} alt={`${name} in the photograph`} />
      <div>
        <b>{name}</b> <span className="second">{question.mark === undefined ? '' : question.label}</span>
        <p className="second">
          <SeverityShape severity={stands ? 'ok' : mark.doubts.length > 0 ? 'check' : 'ask'} />{' '}
          {stands ? 'It stands on the plate.' : mark.doubts.map((doubt) => doubtWords[doubt]).join(' ')}
          {!stands && mark.doubts.length === 0 && 'Compare it with the picture.'}
        </p>
        <div className={classes['answers']} role="group" aria-label={`${name} on the plate`}>
          {answers.map((answer) => (
            <button
              key={answer.value}
              type="button"
              className={classes['answer']}
              aria-pressed={answer.stands}
              disabled={disabled}
              onClick={() => {
                onTake({ mark, question, answers }, answer);
              }}
            >
              {answer.value} {unit}
            </button>
          ))}
        </div>
      </div>
    </li>
  );
}

interface FoundProps {
  readonly circuit: Circuit;
  readonly found: PlatePicture;
  readonly disabled: boolean;
  readonly onTake: OfferProps['onTake'];
}

/** What was read, each figure beside its picture; doubtful ones first. */
function Found({ circuit, found, disabled, onTake }: FoundProps) {
  const offers = useMemo(
    () =>
      plateOffers(circuit.appliance, found.marks).toSorted(
        (a, b) => Number(b.mark.doubts.length > 0) - Number(a.mark.doubts.length > 0),
      ),
    [circuit.appliance, found.marks],
  );
  const other = found.family !== null && found.family !== circuit.appliance.family;
  const named = familyList.find(({ id }) => id === found.family)?.name;
  return (
    <div role="status">
      {other && (
        <p>
          <SeverityShape severity="ask" named /> {familyWhy(found)} Is it a {named?.toLowerCase()}?
        </p>
      )}
      {found.contradictions.map(({ code }) => (
        <p key={code}>
          <SeverityShape severity="check" named /> {contradictionWords[code]}
        </p>
      ))}
      {offers.length === 0 ? (
        <p>No figure of this nameplate was found. Type it, or take the picture closer and straight.</p>
      ) : (
        <ul className={classes['offers']} aria-label="Read from the photograph">
          {offers.map((offer) => (
            <Offer
              key={`${offer.mark.mark} ${offer.mark.row ?? ''}`}
              offer={offer}
              cut={found.cuts[found.marks.indexOf(offer.mark)]}
              disabled={disabled}
              onTake={onTake}
            />
          ))}
        </ul>
      )}
    </div>
  );
}

/** Reads a plate from a photograph. What was read is text until a person takes it, one figure at a time, beside its picture. */
export function PlateReader({ circuit, jobId }: PlateReaderProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const year = useAppSelector(({ job }) => (job.status === 'ready' ? job.job.edition : undefined));
  const { add, problem } = useAddPhoto(jobId, { circuitId: circuit.id });
  const { work, post, stop } = useWorker('plate');
  const [photo, setPhoto] = useState<string>();
  const picker = useFilePicker({
    accept: 'image/png,image/jpeg,image/webp',
    label: `Photograph of the plate to read, ${circuit.name}`,
    camera: true,
    onFile: (picture) => {
      void add(picture, 'Nameplate').then((kept) => {
        if (kept === undefined || year === undefined) return;
        setPhoto(kept);
        post({ picture, year });
      });
    },
  });
  const take: OfferProps['onTake'] = ({ question }, answer) => {
    if (photo === undefined) return;
    const who = whoNow();
    const by = { kind: 'read', photo, on: today(), ...(who !== undefined && { who }) } as const;
    replaceCircuit({ ...circuit, appliance: answer.appliance }, question.label, undefined, { by });
  };
  return (
    <div className={classes['reader']}>
      {picker.input}
      <button type="button" className="act" disabled={!canWrite} onClick={picker.choose}>
        Read a photograph of the plate
      </button>
      {problem !== null && <p role="alert">{problem}</p>}
      {work.state === 'running' && (
        <p role="status">
          {work.progress === 'reading' ? 'The plate is being read.' : 'The reader is fetched once, 6 MB.'}{' '}
          <button type="button" className="act" onClick={stop}>
            Stop
          </button>
        </p>
      )}
      {work.state === 'failed' && (
        <p role="alert">The photograph could not be read. Type what the plate says.</p>
      )}
      {work.state === 'done' && (
        <Found circuit={circuit} found={work.result} disabled={!canWrite} onTake={take} />
      )}
    </div>
  );
}
