import { useMemo } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { ENGINE } from '../../core/packet/engine';
import { sinceWords } from '../../core/packet/missingWords';
import { sinceSeal, type SinceSeal } from '../../core/packet/sinceSeal';
import { changedPhotos, isWhole } from '../../core/paper/sealHash';
import type { Seal } from '../../core/paper/sealSchema';
import { printDay } from '../../core/units/day';
import { READER_NAME } from '../../core/wording/packetWords';
import { counted } from '../../core/wording/words';
import { evaluationOf } from '../../store/evaluation';
import { usePhotos } from '../../store/packet/useSeals';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import classes from './packet.module.css';

interface SealedListProps {
  readonly seals: readonly Seal[];
  readonly picked: Seal | undefined;
  readonly onPick: (id: string | null) => void;
}

/** The sealed packets of the job, the last one first. */
export function SealedList({ seals, picked, onPick }: SealedListProps) {
  return (
    <section className={classes['sealed']} aria-label="Sealed">
      <header>
        <h2>Sealed</h2>
        <span className="second">never changed again</span>
      </header>
      {picked !== undefined && (
        <button
          type="button"
          className="act"
          onClick={() => {
            onPick(null);
          }}
        >
          Back to the packet as it is
        </button>
      )}
      {seals.length === 0 && <p className="second">Nothing was sealed yet.</p>}
      <ul className={classes['seals']}>
        {seals.map((seal) => (
          <li key={seal.id}>
            <button
              type="button"
              aria-pressed={seal === picked}
              onClick={() => {
                onPick(seal === picked ? null : seal.id);
              }}
            >
              <b className="fig">{printDay(seal.date)}</b>
              <span>
                {READER_NAME[seal.reader]}
                {seal.leftOff !== null && ', left off'}
                <br />
                <span className="second fig">engine {seal.engine}</span>
              </span>
              <span className="fig">{seal.pages.length} pp</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What a page said then, struck, and what it says now. */
function Change({ change: { page, title, name, then, now, by } }: { readonly change: SinceSeal }) {
  return (
    <li>
      <span className="fig">{page}</span>
      <span>
        {name === '' ? '' : `${title}, ${name}`} {then !== null && <s>{then}</s>} <b>{now ?? 'gone'}</b>
        {by !== 'hand' && (
          <span className="second">, {by === 'engine' ? 'engine' : 'by hand and engine'}</span>
        )}
      </span>
    </li>
  );
}

/** Whether a seal and its photographs still are what they were. */
function Wholeness({ seal }: { readonly seal: Seal }) {
  const ids = useMemo(() => seal.photos.map(({ id }) => id), [seal]);
  const photos = usePhotos(ids);
  const whole = useMemo(() => isWhole(seal), [seal]);
  const lost = useMemo(() => changedPhotos(seal, photos), [seal, photos]);
  if (!whole)
    return (
      <p>
        <SeverityShape severity="stop" named /> It does not agree with its hash: it was changed after it was
        sealed.
      </p>
    );
  return (
    <p className="second">
      Agrees with its hash, <span className="fig">{seal.hash.slice(0, 12)}</span>.
      {lost.length > 0 && ` ${counted(lost.length, 'photograph')} not in this browser any more.`}
    </p>
  );
}

/** What a sealed packet would say otherwise by now, page by page, and who changed it. */
export function SincePane({ job, seal }: { readonly job: Job; readonly seal: Seal }) {
  const changes = useMemo(() => sinceSeal(seal, evaluationOf(job)), [seal, job]);
  return (
    <section className={classes['after']} aria-label="Since it was sealed">
      <h2>Since {printDay(seal.date)}, in this packet</h2>
      <Wholeness seal={seal} />
      <ul className={classes['since']}>
        {changes.map((change, at) => (
          <Change key={at} change={change} />
        ))}
      </ul>
      <p className="second">
        {sinceWords(changes)}
        {seal.engine !== ENGINE && ` The engine is ${ENGINE} now.`}
      </p>
    </section>
  );
}
