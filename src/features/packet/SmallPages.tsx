import { useMediaQuery } from '@mantine/hooks';
import { worstSeverity } from '../../core/findings/severity';
import type { LackSeverity, Missing } from '../../core/packet/packetMissing';
import type { PacketPage, Paper } from '../../core/paper/pageSchema';
import { counted } from '../../core/wording/words';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { PageThumb } from '../../ui/pictures/packet/PageThumb';
import { PageSvg } from '../../ui/pictures/packet/PageSvg';
import classes from './packet.module.css';

const SMALL_PX = 68;
const PHONE_PX = 340;
const PHONE = '(max-width: 640px)';

interface SmallPagesProps {
  readonly pages: readonly PacketPage[];
  readonly paper: Paper;
  readonly photos: Readonly<Record<string, string>>;
  readonly missing: readonly Missing[];
  readonly current: number;
  readonly onPage: (page: number) => void;
}

/** The worst of what a page is spoiled by. */
function markOf(missing: readonly Missing[], page: number): LackSeverity | undefined {
  const own = missing.filter(({ pages }) => pages.includes(page));
  const worst = worstSeverity(own);
  return own.length === 0 || worst === 'ok' ? undefined : worst;
}

/** Every page drawn small, in the order in which they are read, with a mark on each that something spoils. */
export function SmallPages({ pages, paper, photos, missing, current, onPage }: SmallPagesProps) {
  // A phone has room for one page across, which is read there.
  const isPhone = useMediaQuery(PHONE);
  return (
    <section className={classes['small']} aria-label="Reading order" tabIndex={0}>
      <header>
        <h2>Reading order</h2>
        <span className="second">
          {counted(pages.length, 'page')}, {paper === 'letter' ? 'letter' : 'A4'}
        </span>
      </header>
      <ol>
        {pages.map((page, at) => {
          const mark = markOf(missing, at + 1);
          return (
            <li key={at}>
              <button
                type="button"
                aria-pressed={at === current}
                aria-label={`Page ${at + 1}: ${page.title}`}
                onClick={() => {
                  onPage(at);
                }}
              >
                {isPhone ? (
                  <PageSvg page={page} paper={paper} widthPx={PHONE_PX} photos={photos} label={null} />
                ) : (
                  <PageThumb page={page} paper={paper} widthPx={SMALL_PX} />
                )}
                {mark !== undefined && (
                  <span className={classes['mark']}>
                    <SeverityShape severity={mark} size={12} named />
                  </span>
                )}
                <span>
                  <span className="fig">{at + 1}</span> {page.title}
                </span>
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
