import { useState } from 'react';
import { Link } from 'react-router';
import { leftOff } from '../../core/packet/packetMissing';
import { packetPages } from '../../core/packet/packetPages';
import { READER_NAME } from '../../core/wording/packetWords';
import { evaluationOf } from '../../store/evaluation';
import { sealPacket } from '../../store/packet/sealPacket';
import { stagePath } from '../job/stages';
import type { Packet } from './usePacket';
import classes from './packet.module.css';

interface SealPaneProps {
  readonly packet: Packet;
  readonly onSealed: (id: string) => void;
}

/** Sealing as left off and locked: what is open is handed over dead, and the cover says so. */
function LeaveOff({
  packet,
  seal,
}: {
  readonly packet: Packet;
  readonly seal: (leftOff: readonly string[]) => void;
}) {
  const { job, missing } = packet;
  const { locked, notLocked } = leftOff(evaluationOf(job), missing);
  if (notLocked.length > 0)
    return (
      <p>
        With what is open it is handed over only off and locked. Not recorded as that yet:{' '}
        {notLocked.join(', ')}. <Link to={stagePath(job.id, 'checks')}>Record it</Link>
      </p>
    );
  return (
    <button
      type="button"
      className={classes['seal']}
      onClick={() => {
        seal(locked);
      }}
    >
      Seal as left off and locked
    </button>
  );
}

/** The seal: refused while anything is open, but for the next trade, which may be handed what is off and locked. */
export function SealPane({ packet, onSealed }: SealPaneProps) {
  const [failed, setFailed] = useState(false);
  const { job, order, chapters, pages, missing, isReady } = packet;
  const seal = (off: readonly string[] | null): void => {
    const own = { ...order, leftOff: off };
    const sealedPages = off === null ? pages : packetPages({ job }, chapters, own);
    sealPacket(job, own, sealedPages).then(
      ({ id }) => {
        setFailed(false);
        onSealed(id);
      },
      () => {
        setFailed(true);
      },
    );
  };
  const open = missing.length;
  const name = READER_NAME[order.reader].toLowerCase();
  return (
    <div className={classes['sealing']}>
      <button
        type="button"
        className={classes['seal']}
        disabled={open > 0 || !isReady}
        onClick={() => {
          seal(null);
        }}
      >
        Seal for the {name}
        {open > 0 && <span>{open} open</span>}
      </button>
      {order.reader === 'next-trade' && open > 0 && <LeaveOff packet={packet} seal={seal} />}
      {failed && <p role="alert">It could not be kept: this browser has no room left. Nothing was sealed.</p>}
    </div>
  );
}
