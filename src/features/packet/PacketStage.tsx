import { useElementSize } from '@mantine/hooks';
import { useEffect, useMemo, useState } from 'react';
import type { Missing } from '../../core/packet/packetMissing';
import { READERS, type Reader } from '../../core/paper/packetReaders';
import type { PacketPage, Paper } from '../../core/paper/pageSchema';
import type { Seal } from '../../core/paper/sealSchema';
import { printDay } from '../../core/units/day';
import { PACKET_CAUTION } from '../../core/wording/footCautions';
import { READER_NAME } from '../../core/wording/packetWords';
import { counted } from '../../core/wording/words';
import { photosOn } from '../../store/packet/usePacketPdf';
import { usePhotos, useSeals } from '../../store/packet/useSeals';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { PageSvg } from '../../ui/pictures/packet/PageSvg';
import { isTyping } from '../../ui/shell/isTyping';
import { useReadyJob } from '../job/JobPage';
import { StageFrame } from '../job/StageFrame';
import { ChapterTable } from './ChapterTable';
import { MissingList } from './MissingList';
import { PdfButton } from './PdfButton';
import { ReaderList } from './ReaderList';
import { RestsOnAssumed } from './RestsOnAssumed';
import { SealedList, SincePane } from './SealedList';
import { SealPane } from './SealPane';
import { SmallPages } from './SmallPages';
import { usePacket, type Packet } from './usePacket';
import classes from './packet.module.css';

const LARGEST_PX = 720;
const PAPER_NAME: readonly { readonly value: Paper; readonly label: string }[] = [
  { value: 'letter', label: 'Letter' },
  { value: 'a4', label: 'A4' },
];
const NOTHING_MISSING: readonly Missing[] = [];
const NO_SEALS: readonly Seal[] = [];

/** What of the packets of a job is looked at. */
interface View {
  readonly reader: Reader;
  /** The page, from 0. */
  readonly at: number;
  /** The sealed packet that is looked at in place of the one as it is. */
  readonly sealId: string | null;
}

const firstPage = (reader: Reader): View => ({ reader, at: 0, sealId: null });

/** Arrows turn the pages; Alt with a digit takes another reader, because digits alone are stages. */
function useKeys(count: number, setView: (change: (view: View) => View) => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const { altKey, code, key, target } = event;
      if (isTyping(target)) return;
      const reader = altKey ? READERS[Number(/^Digit(\d)$/.exec(code)?.[1] ?? 0) - 1] : undefined;
      const by = altKey ? 0 : key === 'ArrowRight' ? 1 : key === 'ArrowLeft' ? -1 : 0;
      if (reader !== undefined) {
        event.preventDefault();
        setView(() => firstPage(reader));
      } else if (by !== 0)
        setView((view) => ({ ...view, at: Math.min(count - 1, Math.max(0, view.at + by)) }));
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [count, setView]);
}

interface LargePageProps {
  readonly page: PacketPage | undefined;
  readonly at: number;
  readonly paper: Paper;
  readonly photos: Readonly<Record<string, string>>;
}

/** One page at readable size. */
function LargePage({ page, at, paper, photos }: LargePageProps) {
  const { ref, width } = useElementSize<HTMLDivElement>();
  return (
    <div ref={ref} className={classes['large']} tabIndex={0} role="region" aria-label="Page at readable size">
      {page !== undefined && width > 0 && (
        <PageSvg
          page={page}
          paper={paper}
          widthPx={Math.min(LARGEST_PX, Math.floor(width))}
          photos={photos}
          label={`Page ${at + 1}, ${page.title}`}
        />
      )}
    </div>
  );
}

interface PagesProps {
  readonly packet: Packet;
  readonly seal: Seal | undefined;
  readonly at: number;
  readonly onPage: (at: number) => void;
}

/** The pages, small and one at readable size, as they are or as they were sealed; and their PDF. */
function Pages({ packet, seal, at, onPage }: PagesProps) {
  const [isReading, setReading] = useState(false);
  // A seal bears what its own packet was made for.
  const order = seal ?? packet.order;
  const pages = seal?.pages ?? packet.pages;
  const photos = usePhotos(useMemo(() => photosOn(pages), [pages]));
  const current = Math.min(at, pages.length - 1);
  return (
    <div className={classes['middle']} data-reading={isReading || undefined}>
      <header>
        <h1>Packet, for the {READER_NAME[order.reader].toLowerCase()}</h1>
        <span className="second">
          {seal === undefined ? 'as it will print' : `as it was sealed ${printDay(seal.date)}`}
        </span>
        <button
          type="button"
          className={`act ${classes['reading']}`}
          aria-pressed={isReading}
          onClick={() => {
            setReading(!isReading);
          }}
        >
          {isReading ? 'Small pages' : 'Larger'}
        </button>
        <PdfButton job={packet.job} order={order} pages={pages} />
      </header>
      <SmallPages
        pages={pages}
        paper={order.paper}
        photos={photos}
        missing={seal === undefined ? packet.missing : NOTHING_MISSING}
        current={current}
        onPage={onPage}
      />
      <LargePage page={pages[current]} at={current} paper={order.paper} photos={photos} />
    </div>
  );
}

interface FootProps {
  readonly count: number;
  readonly reader: Reader;
  readonly open: number;
}

const Foot = ({ count, reader, open }: FootProps) => (
  <>
    <span>
      {counted(count, 'page')} for the {READER_NAME[reader].toLowerCase()}; {open} open before it can be
      sealed. Arrows turn the pages.
    </span>
    <span className="second">{PACKET_CAUTION}</span>
  </>
);

interface BeforeSealingProps {
  readonly packet: Packet;
  readonly onPage: (at: number) => void;
  readonly onSealed: (id: string) => void;
}

/** What is missing, what is safe only if it is as it was taken, and the seal. */
function BeforeSealing({ packet, onPage, onSealed }: BeforeSealingProps) {
  const sourcesAt = packet.pages.findIndex(({ chapter }) => chapter === 'sources');
  const toSources = (): void => {
    onPage(sourcesAt);
  };
  return (
    <>
      <MissingList job={packet.job} missing={packet.missing} />
      <RestsOnAssumed job={packet.job} onPage={sourcesAt === -1 ? undefined : toSources} />
      <SealPane packet={packet} onSealed={onSealed} />
    </>
  );
}

/** What is handed over: for whom, what goes in, every page as it prints, what is missing, and what was sealed. */
export function PacketStage() {
  const { job } = useReadyJob();
  const [view, setView] = useState(() => firstPage('inspector'));
  const [paper, setPaper] = useState<Paper>('letter');
  const packet = usePacket(job, view.reader, paper);
  const seals = useSeals(job.id) ?? NO_SEALS;
  const seal = seals.find(({ id }) => id === view.sealId);
  const { reader, paper: onPaper } = seal ?? packet.order;
  const count = (seal ?? packet).pages.length;
  useKeys(count, setView);
  const pickSeal = (sealId: string | null): void => {
    const chosen = seals.find(({ id }) => id === sealId);
    setView({ reader: chosen?.reader ?? view.reader, sealId, at: 0 });
  };
  return (
    <StageFrame
      current="packet"
      board={classes['board']}
      foot={<Foot count={count} reader={reader} open={packet.missing.length} />}
    >
      <nav className={classes['left']} aria-label="Packet">
        <ReaderList
          reader={reader}
          counts={packet.counts}
          onReader={(chosen) => {
            setView(firstPage(chosen));
          }}
        />
        <ChapterTable job={job} reader={view.reader} chapters={packet.chapters} />
        <div className={classes['paper']}>
          <ChoiceField label="Paper" value={onPaper} choices={PAPER_NAME} onChoose={setPaper} />
        </div>
      </nav>
      <Pages
        packet={packet}
        seal={seal}
        at={view.at}
        onPage={(at) => {
          setView({ ...view, at });
        }}
      />
      <aside className={classes['right']} aria-label="Sealing">
        {seal === undefined && (
          <BeforeSealing
            packet={packet}
            onPage={(at) => {
              setView({ ...view, at });
            }}
            onSealed={pickSeal}
          />
        )}
        <SealedList seals={seals} picked={seal} onPick={pickSeal} />
        {seal !== undefined && <SincePane job={packet.job} seal={seal} />}
      </aside>
    </StageFrame>
  );
}
