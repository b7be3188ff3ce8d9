import { memo } from 'react';
import { useElementSize, useMediaQuery } from '@mantine/hooks';
import { circuitNote } from '../../core/wording/conductors';
import { sectionGeometry, type SectionGeometry } from '../../core/run/sectionGeometry';
import { tapeLayout, type TapeColumn } from '../../core/run/tapeLayout';
import type { Link } from '../../core/working/finding';
import type { CircuitView } from '../../store/circuitView';
import { stretchChosen } from '../../store/focusSlice';
import { useAppDispatch } from '../../store/store';
import { RunSection } from '../../ui/pictures/RunSection';
import { sectionRoom, sectionScale } from '../../ui/pictures/sectionScale';
import { RunTape } from '../../ui/pictures/RunTape';
import { CircuitTitle } from './CircuitTitle';
import { sectionLabels } from '../../ui/pictures/sectionLabels';
import { StationHandles } from './StationHandles';
import { StretchBands } from './StretchBands';
import { UprightTape } from './UprightTape';
import classes from './RunPane.module.css';

interface RunPaneProps {
  readonly view: CircuitView;
  readonly link: Link;
  readonly stretch: number | null;
}

const LEFT_PX = 104;
const RIGHT_PX = 18;
const LEAST_COLUMN_PX = 168;
const SECTION_PX = 214;
const PHONE_SECTION_PX = 132;

interface PictureProps {
  readonly view: CircuitView;
  readonly geometry: SectionGeometry;
  readonly widthPx: number;
  readonly lit: number | null;
  readonly onChoose: (index: number) => void;
}

function Section({
  view,
  geometry,
  widthPx,
  lit,
  onChoose,
  ...rest
}: PictureProps & { heightPx: number; flagsPx: number[] }) {
  const { ocpd, load } = view.solved.figures;
  const { name } = view.circuit;
  return (
    <RunSection
      geometry={geometry}
      labels={sectionLabels(view)}
      panelLabel={`${ocpd.ratingA} A, ${ocpd.poles}-pole`}
      applianceLabel={name.split(',')[0] ?? name}
      applianceAmps={`${load.continuousA + load.otherA} A`}
      lit={lit}
      widthPx={widthPx}
      onStretch={onChoose}
      {...rest}
    />
  );
}

function FlatTape({
  view,
  widthPx,
  lit,
  onChoose,
  columns,
}: Omit<PictureProps, 'geometry'> & { columns: readonly TapeColumn[] }) {
  return (
    <div className={classes['tape']}>
      <span className={`small ${classes['wire']}`}>wire</span>
      <RunTape columns={columns} leftPx={LEFT_PX} widthPx={widthPx} lit={lit} />
      <StationHandles circuit={view.circuit} columns={columns} leftPx={LEFT_PX} />
      <StretchBands view={view} columns={columns} headPx={LEFT_PX} lit={lit} onChoose={onChoose} />
    </div>
  );
}

/** The run of a circuit: its section to scale, the tape under it, and what is in every stretch. */
export const RunPane = memo(function RunPane({ view, stretch }: RunPaneProps) {
  const { ref, width } = useElementSize();
  const dispatch = useAppDispatch();
  const phone = useMediaQuery('(max-width: 640px)');
  const { circuit, solved } = view;
  const geometry = sectionGeometry(circuit.run, circuit.startHeightFt);
  const lengths = circuit.run.map(({ lengthFt }) => lengthFt);
  const columns = tapeLayout(lengths, Math.max(0, width - LEFT_PX - RIGHT_PX), LEAST_COLUMN_PX);
  const heightPx = phone ? PHONE_SECTION_PX : SECTION_PX;
  const flags = [0, ...columns.map(({ toPx }) => toPx)].map((px) => LEFT_PX + px);
  const picture = {
    view,
    widthPx: width,
    lit: stretch,
    onChoose: (index: number) => void dispatch(stretchChosen(index === stretch ? null : index)),
  };
  return (
    <section className={classes['run']} aria-label="The run">
      <CircuitTitle
        view={view}
        note={circuitNote(circuit, solved.figures)}
        exaggeration={phone ? null : sectionScale(geometry, sectionRoom(width, heightPx)).exaggeration}
      />
      <div ref={ref} className={classes['picture']}>
        {width > 0 && (
          <Section {...picture} geometry={geometry} heightPx={heightPx} flagsPx={phone ? [] : flags} />
        )}
        {width > 0 && !phone && <FlatTape {...picture} columns={columns} />}
        {width > 0 && phone && <UprightTape view={view} lit={stretch} onChoose={picture.onChoose} />}
      </div>
    </section>
  );
});
