import { useElementSize } from '@mantine/hooks';
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { jobFileName } from '../../core/job/jobFile';
import { packetPages, type PacketOrder } from '../../core/packet/packetPages';
import { READERS, type Reader } from '../../core/packet/packetReaders';
import type { PacketPage, Paper } from '../../core/packet/pageScene';
import { READER_ASKS, READER_NAME } from '../../core/wording/packetWords';
import { counted } from '../../core/wording/words';
import { evaluationOf } from '../../store/evaluation';
import { usePacketPdf } from '../../store/packet/usePacketPdf';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { downloadBytes } from '../../ui/files/download';
import { PageSvg } from '../../ui/pictures/packet/PageSvg';
import { isTyping } from '../../ui/shell/isTyping';
import { useReadyJob } from '../job/JobPage';
import { today } from '../job/today';
import classes from './packet.module.css';

const SMALL_PX = 68;
const PAPER_NAME: readonly { readonly value: Paper; readonly label: string }[] = [
  { value: 'letter', label: 'Letter' },
  { value: 'a4', label: 'A4' },
];

interface ReadersProps {
  readonly reader: Reader;
  readonly onReader: (reader: Reader) => void;
}

/** For whom: each has its own chapters. */
function Readers({ reader, onReader }: ReadersProps) {
  return (
    <ul className={classes['readers']} aria-label="For whom">
      {READERS.map((each) => (
        <li key={each}>
          <button
            type="button"
            aria-pressed={each === reader}
            onClick={() => {
              onReader(each);
            }}
          >
            <b>{READER_NAME[each]}</b>
            <span className="second">{READER_ASKS[each]}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

interface PagesProps {
  readonly pages: readonly PacketPage[];
  readonly paper: Paper;
  readonly current: number;
  readonly onPage: (page: number) => void;
}

/** Every page drawn small, in the order in which they are read. */
function SmallPages({ pages, paper, current, onPage }: PagesProps) {
  return (
    <ol className={classes['small']} aria-label="Pages">
      {pages.map((page, at) => (
        <li key={at}>
          <button
            type="button"
            aria-pressed={at === current}
            aria-label={`Page ${at + 1}: ${page.title}`}
            onClick={() => {
              onPage(at);
            }}
          >
            <PageSvg page={page} paper={paper} widthPx={SMALL_PX} label={null} />
            <span>
              <span className="fig">{at + 1}</span> {page.title}
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}

/** The PDF: made in a worker, told page by page, stopped at will. */
function MakePdf({ order }: { readonly order: PacketOrder }) {
  const { job } = useReadyJob();
  const { work, start, stop } = usePacketPdf((bytes) => {
    downloadBytes(new Uint8Array(bytes), jobFileName(job, `${order.reader}.pdf`), 'application/pdf');
  });
  return (
    <p className={classes['pdf']}>
      <button
        type="button"
        className={classes['make']}
        disabled={work.state === 'running'}
        onClick={() => {
          start(job, order);
        }}
      >
        PDF
      </button>
      {work.state === 'running' && (
        <>
          <progress value={work.progress ?? 0} max={1} aria-label="Pages written" />
          <button type="button" className="act" onClick={stop}>
            Stop
          </button>
        </>
      )}
      <span role="status">
        {work.state === 'done' ? 'Written.' : work.state === 'failed' ? 'It could not be written.' : ''}
      </span>
    </p>
  );
}

/** Arrows turn the pages. */
function useTurning(count: number, setPage: (turn: (page: number) => number) => void): void {
  useEffect(() => {
    const onKey = ({ key, target }: KeyboardEvent): void => {
      if (isTyping(target)) return;
      const by = key === 'ArrowRight' ? 1 : key === 'ArrowLeft' ? -1 : 0;
      if (by !== 0) setPage((page) => Math.min(count - 1, Math.max(0, page + by)));
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [count, setPage]);
}

/** What is handed over: pages for a reader, small and one at readable size, and their PDF. */
export function PacketDesk() {
  const { job } = useReadyJob();
  const [reader, setReader] = useState<Reader>('inspector');
  const [paper, setPaper] = useState<Paper>('letter');
  const [at, setPage] = useState(0);
  const { ref, width } = useElementSize<HTMLDivElement>();
  const order = useMemo(() => ({ reader, paper, date: today() }), [reader, paper]);
  const pages = useMemo(() => packetPages(evaluationOf(job), order), [job, order]);
  useTurning(pages.length, setPage);
  const current = Math.min(at, pages.length - 1);
  const page = pages[current];
  return (
    <main className={classes['desk']}>
      <nav aria-label="Packet">
        <h1>Packet, {job.name}</h1>
        <Readers
          reader={reader}
          onReader={(chosen) => {
            setReader(chosen);
            setPage(0);
          }}
        />
        <ChoiceField label="Paper" value={paper} choices={PAPER_NAME} onChoose={setPaper} />
        <MakePdf order={order} />
        <p className="second">
          {counted(pages.length, 'page')}. Arrows turn them. Pasture plans and records; it makes nobody
          qualified.
        </p>
        <Link to={`/jobs/${job.id}`}>Back to the circuits</Link>
      </nav>
      <SmallPages pages={pages} paper={paper} current={current} onPage={setPage} />
      <div
        ref={ref}
        className={classes['large']}
        tabIndex={0}
        role="region"
        aria-label="Page at readable size"
      >
        {page !== undefined && width > 0 && (
          <PageSvg
            page={page}
            paper={paper}
            widthPx={Math.min(640, Math.floor(width))}
            label={`Page ${current + 1}, ${page.title}`}
          />
        )}
      </div>
    </main>
  );
}
