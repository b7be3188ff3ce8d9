import { stationLetter } from '../../core/circuit/stations';
import { diagnosed } from '../../core/checks/diagnosed';
import type { ExpectedReading } from '../../core/checks/expectedReadings';
import type { CheckEvaluation } from '../../core/job/evaluation';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import type { Job } from '../../core/job/jobSchema';
import { PAIRS } from '../../core/network/network';
import { printLength } from '../../core/units/length';
import { printNumber as n } from '../../core/units/number';
import { feet } from '../../core/units/quantity';
import { LIVE_CAUTION } from '../../core/wording/cautions';
import { readingDangerWords } from '../../core/wording/dangerWords';
import { bandWords, LEFT_NAME, PROOF_NAME, proofFigure, proofState } from '../../core/wording/checkWords';
import { candidateWords, PAIR_NAME } from '../../core/wording/faultWords';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { usePhoto } from '../../store/usePhoto';
import classes from './SheetPage.module.css';

interface ProofOnSheetProps {
  readonly job: Job;
  readonly view: CircuitEvaluation;
  readonly own: CheckEvaluation;
}

/** Voltages station by station, each beside its band; one that was not taken stays open on paper. */
function Readings({ expected, on }: { readonly expected: readonly ExpectedReading[]; readonly on: boolean }) {
  const own = expected.filter((each) => each.on === on);
  const stations = [...new Set(own.map(({ at }) => at))];
  const pairs = PAIRS.filter((pair) => own.some((each) => each.pair === pair));
  return (
    <table className={classes['proof']}>
      <thead>
        <tr>
          <th scope="col">{on ? 'Load on' : 'Load off'}</th>
          {stations.map((at) => (
            <th key={at} scope="col" className="fig">
              {at}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {pairs.map((pair) => (
          <tr key={pair}>
            <th scope="row">{PAIR_NAME[pair]}</th>
            {stations.map((at) => {
              const reading = own.find((each) => each.pair === pair && each.at === at);
              if (reading === undefined) return <td key={at} />;
              const { read, state } = reading;
              return (
                <td key={at}>
                  <b className="fig">{read === null ? '____' : n(read, 1)}</b>{' '}
                  {state !== 'unread' && <SeverityShape severity={state === 'ok' ? 'ok' : 'stop'} size={9} />}{' '}
                  <small>{bandWords(reading)}</small>
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The steps of the proof with their figures. */
function Steps({ own: { steps, check } }: Pick<ProofOnSheetProps, 'own'>) {
  return (
    <ol className={classes['proved']}>
      {steps.map((step) => (
        <li key={step.step}>
          <span>{PROOF_NAME[step.step]}</span>
          <b className="fig">{proofFigure(step.step, check)}</b>
          <span>{proofState(step)}</span>
        </li>
      ))}
    </ol>
  );
}

function Picture({ id, caption }: { readonly id: string; readonly caption: string }) {
  const picture = usePhoto(id);
  return (
    <figure>
      {picture === undefined ? <span>Not in this browser</span> : <img src={picture} alt={caption} />}
      <figcaption>{caption}</figcaption>
    </figure>
  );
}

/** What the finished circuit was proved by: steps, readings beside their bands, lengths as built, photographs. */
export function ProofOnSheet({ job, view, own }: ProofOnSheetProps) {
  const { circuit } = view;
  const { check, report } = own;
  if (!job.checks.some(({ id }) => id === circuit.id) || report === null) return null;
  const built = circuit.run.flatMap(({ id, lengthFt }, at) => {
    const real = check.built.find(({ segment }) => segment === id)?.lengthFt;
    if (real === undefined) return [];
    const name = `${stationLetter(at)} to ${stationLetter(at + 1)}`;
    return [`${name} ${printLength(feet(real))}, planned ${printLength(feet(lengthFt))}`];
  });
  const diagnosis = diagnosed(report, check.readings, check.ohms);
  const leader = diagnosis?.first[0];
  const photos = circuit.photos.filter(({ station }) => station !== undefined);
  return (
    <section>
      <h2>Proved</h2>
      {report.dangers.map((danger) => (
        <p key={`${danger.code} ${danger.at ?? ''}`}>
          <SeverityShape severity="stop" size={11} /> <b>{readingDangerWords(danger)}</b>
        </p>
      ))}
      <p>
        <small>{LIVE_CAUTION}</small>
      </p>
      <Steps own={own} />
      <Readings expected={report.expected} on={false} />
      <Readings expected={report.expected} on />
      {leader !== undefined && (
        <p>
          <SeverityShape severity="stop" size={11} /> Not explained away: {candidateWords(leader)}
          {diagnosis !== null && diagnosis.tied > 1
            ? `, or one of ${diagnosis.tied - 1} more places that read alike.`
            : '.'}
        </p>
      )}
      {built.length > 0 && <p>As built: {built.join('; ')}.</p>}
      <p>
        Left: {LEFT_NAME[check.left]}. {check.note}
      </p>
      {photos.length > 0 && (
        <div className={classes['photos']}>
          {photos.map(({ id, caption, station }) => (
            <Picture key={id} id={id} caption={[station, caption].filter(Boolean).join(' ')} />
          ))}
        </div>
      )}
    </section>
  );
}
