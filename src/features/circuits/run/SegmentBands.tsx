import { segmentIndex } from '../../../core/findings/subject';
import type { ReactNode } from 'react';
import { holdsBriefly, holdsWords, supportWords } from '../../../core/wording/conductors';
import { segmentConductors } from '../../../core/circuit/namedConductors';
import { type FigureSeverity, worstSeverity } from '../../../core/findings/severity';
import { stationLetter } from '../../../core/circuit/stations';
import type { Circuit } from '../../../core/circuit/circuitSchema';
import type { TapeColumn } from '../../../core/route/tapeLayout';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { LengthField, MethodField, PlaceField } from './segmentFields';
import classes from './RunPane.module.css';

interface SegmentBandsProps {
  readonly view: CircuitEvaluation;
  readonly columns: readonly TapeColumn[];
  readonly headPx: number;
  readonly highlighted: number | null;
  readonly onChoose: (index: number) => void;
  /** Leaves out what stands in the card of the segment as well. */
  readonly brief?: boolean;
}

interface BandProps {
  readonly head: string;
  readonly cells: readonly ReactNode[];
  readonly highlighted: number | null;
  readonly severities?: readonly FigureSeverity[];
}

function Band({ head, cells, highlighted, severities }: BandProps) {
  return (
    <tr>
      <th scope="row">{head}</th>
      {cells.map((cell, index) => (
        <td
          key={index}
          data-lit={highlighted === index || undefined}
          data-stop={severities?.[index] === 'stop' || undefined}
        >
          {cell}
        </td>
      ))}
    </tr>
  );
}

/** The letters and sizes of the conductors in a segment. */
export function ConductorsCell({
  view,
  index,
}: {
  readonly view: CircuitEvaluation;
  readonly index: number;
}) {
  const { figures } = view.solved;
  const segment = figures.segments[index];
  if (segment === undefined) return null;
  return (
    <>
      {segmentConductors(segment, figures).map(({ letters, size, note }, at) => (
        <span key={letters}>
          {at > 0 && ', '}
          <b className="fig">{letters}</b> <span className="fig">{size}</span>
          {note !== '' && ` ${note}`}
        </span>
      ))}
    </>
  );
}

/** Severity of one segment by what is open in it. */
export const segmentSeverity = ({ open }: CircuitEvaluation, index: number): FigureSeverity =>
  worstSeverity(open.filter(({ subject }) => segmentIndex(subject) === index));

interface HoldsProps {
  readonly words: string;
  /** What is shown where the column is too narrow for all of the words. */
  readonly shown: string;
  readonly severity: FigureSeverity;
  readonly highlighted: boolean;
  readonly onChoose: () => void;
}

/** Whether a segment holds; choosing it lights the segment everywhere. */
function Holds({ words, shown, severity, highlighted, onChoose }: HoldsProps) {
  return (
    <button
      type="button"
      className={classes['plain']}
      aria-pressed={highlighted}
      aria-label={words}
      title={words}
      onClick={onChoose}
    >
      <span className={classes['cell']}>
        {severity !== 'ok' && <SeverityShape severity={severity} named />}
        {shown}
      </span>
    </button>
  );
}

function Columns({ columns, headPx }: Pick<SegmentBandsProps, 'columns' | 'headPx'>) {
  return (
    <>
      <colgroup>
        <col style={{ width: headPx }} />
        {columns.map(({ fromPx, toPx }, index) => (
          <col key={index} style={{ width: toPx - fromPx }} />
        ))}
      </colgroup>
      <thead className="visually-hidden">
        <tr>
          <td />
          {columns.map((_, index) => (
            <th key={index} scope="col">
              {stationLetter(index)} to {stationLetter(index + 1)}
            </th>
          ))}
        </tr>
      </thead>
    </>
  );
}

interface MethodBandsProps extends Pick<SegmentBandsProps, 'columns' | 'highlighted'> {
  readonly circuit: Circuit;
  readonly narrow: boolean;
}

/** Method and place of every segment: side by side where there is room, else one under the other. */
function methodBands({ circuit, columns, highlighted, narrow }: MethodBandsProps) {
  const field = { circuit, bare: true, className: classes[narrow ? 'slim' : 'inline'] };
  if (!narrow) {
    const cells = columns.map((_, index) => (
      <span key={index} className={classes['cell']}>
        <MethodField index={index} {...field} />
        <PlaceField index={index} {...field} />
      </span>
    ));
    return <Band head="Method, location" highlighted={highlighted} cells={cells} />;
  }
  return (
    <>
      <Band
        head="Method"
        highlighted={highlighted}
        cells={columns.map((_, index) => (
          <MethodField key={index} index={index} {...field} plain />
        ))}
      />
      <Band
        head="Place"
        highlighted={highlighted}
        cells={columns.map((_, index) => (
          <PlaceField key={index} index={index} {...field} />
        ))}
      />
    </>
  );
}

/** A column narrower than this has no room for two choices side by side. */
const NARROW_COLUMN_PX = 150;

/** Room of a letter, and of the mark and the margins beside words, pixels. */
const GLYPH_PX = 6.3;
const BESIDE_PX = 34;

const fits = (words: string, column: TapeColumn | undefined): boolean =>
  column === undefined || words.length * GLYPH_PX + BESIDE_PX <= column.toPx - column.fromPx;

interface HoldsCellsProps extends Pick<SegmentBandsProps, 'view' | 'columns' | 'highlighted' | 'onChoose'> {
  readonly severities: readonly FigureSeverity[];
}

/** What each segment carries, as buttons that choose it. */
const holdsCells = ({ view, columns, severities, highlighted, onChoose }: HoldsCellsProps): ReactNode[] => {
  const { figures } = view.solved;
  return figures.segments.map((segment, index) => (
    <Holds
      key={index}
      words={holdsWords(segment, figures)}
      shown={
        fits(holdsWords(segment, figures), columns[index])
          ? holdsWords(segment, figures)
          : holdsBriefly(segment, figures)
      }
      severity={severities[index] ?? 'ok'}
      highlighted={highlighted === index}
      onChoose={() => {
        onChoose(index);
      }}
    />
  ));
};

/** Under the tape: length, method, conductors, what each segment holds, and how it is held. */
export function SegmentBands({
  view,
  columns,
  headPx,
  highlighted,
  onChoose,
  brief = false,
}: SegmentBandsProps) {
  const { circuit, solved } = view;
  const { figures } = solved;
  const narrow = columns.some(({ fromPx, toPx }) => toPx - fromPx < NARROW_COLUMN_PX);
  const severities = columns.map((_, index) => segmentSeverity(view, index));
  const cells = (cell: (index: number) => ReactNode): ReactNode[] => columns.map((_, index) => cell(index));
  const field = { circuit, bare: true, className: classes['inline'] };
  const holds = holdsCells({ view, columns, severities, highlighted, onChoose });
  return (
    <table className={classes['bands']} style={{ width: headPx + (columns.at(-1)?.toPx ?? 0) }}>
      <caption className="visually-hidden">The segments of the run</caption>
      <Columns columns={columns} headPx={headPx} />
      <tbody>
        <Band
          head="Length"
          highlighted={highlighted}
          cells={cells((index) => (
            <span key={index} className={classes['cell']}>
              <LengthField index={index} {...field} />
            </span>
          ))}
        />
        {methodBands({ circuit, columns, highlighted, narrow })}
        {!brief && (
          <Band
            head="Conductors"
            highlighted={highlighted}
            cells={cells((index) => (
              <ConductorsCell key={index} view={view} index={index} />
            ))}
          />
        )}
        <Band head="Ampacity" highlighted={highlighted} severities={severities} cells={holds} />
        {!brief && (
          <Band
            head="Supports"
            highlighted={highlighted}
            cells={figures.segments.map((segment) => supportWords(segment))}
          />
        )}
      </tbody>
    </table>
  );
}
