import { READERS, type Reader } from '../../core/paper/packetReaders';
import { READER_ASKS, READER_NAME } from '../../core/wording/packetWords';
import { counted } from '../../core/wording/words';
import classes from './packet.module.css';

interface ReaderListProps {
  readonly reader: Reader;
  readonly counts: ReadonlyMap<Reader, number>;
  readonly onReader: (reader: Reader) => void;
}

/** For whom: each has its own chapters, and so many pages. */
export function ReaderList({ reader, counts, onReader }: ReaderListProps) {
  return (
    <section className={classes['whom']} aria-label="For whom">
      <h2 className="second">For whom</h2>
      <ul className={classes['readers']}>
        {READERS.map((each, at) => (
          <li key={each}>
            <button
              type="button"
              aria-pressed={each === reader}
              aria-keyshortcuts={`Alt+${at + 1}`}
              onClick={() => {
                onReader(each);
              }}
            >
              <b>{READER_NAME[each]}</b>
              <b className="fig">{counts.get(each) ?? 0}</b>
              <span className="second">{READER_ASKS[each]}</span>
              <span className="second">{counted(counts.get(each) ?? 0, 'page').replace(/^\d+ /, '')}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
