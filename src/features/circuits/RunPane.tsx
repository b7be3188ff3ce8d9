import { useElementSize, useMediaQuery } from '@mantine/hooks';
import { circuitNote } from '../../core/wording/conductors';
import { sectionGeometry } from '../../core/run/sectionGeometry';
import { tapeLayout } from '../../core/run/tapeLayout';
import type { Link } from '../../core/working/finding';
import type { CircuitView } from '../../store/circuitView';
import { stretchChosen } from '../../store/focusSlice';
import { useAppDispatch } from '../../store/store';
import { RunSection } from '../../ui/pictures/RunSection';
import { sectionScale } from '../../ui/pictures/sectionScale';
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

/** The run of a circuit: its section to scale, the tape under it, and what is in every stretch. */
export function RunPane({ view, stretch }: RunPaneProps) {
  const { ref, width } = useElementSize();
  const dispatch = useAppDispatch();
  const phone = useMediaQuery('(max-width: 640px)') ?? false;
  const { circuit, solved } = view;
  const geometry = sectionGeometry(circuit.run, circuit.startHeightFt);
  const columns = tapeLayout(
    circuit.run.map(({ lengthFt }) => lengthFt),
    Math.max(0, width - LEFT_PX - RIGHT_PX),
    LEAST_COLUMN_PX,
  );
  const choose = (index: number): void => {
    dispatch(stretchChosen(index === stretch ? null : index));
  };
  const heightPx = phone ? PHONE_SECTION_PX : SECTION_PX;
  const { figures } = solved;
  const flagsPx = phone
    ? []
    : [...columns.map(({ fromPx }) => LEFT_PX + fromPx), LEFT_PX + (columns.at(-1)?.toPx ?? 0)];
  const exaggeration = sectionScale(geometry, {
    widthPx: width,
    heightPx,
    leftPx: 100,
    rightPx: 120,
  }).exaggeration;
  return (
    <section className={classes['run']} aria-label="The run">
      <CircuitTitle
        view={view}
        note={circuitNote(circuit, figures)}
        exaggeration={phone ? null : exaggeration}
      />
      <div ref={ref} className={classes['picture']}>
        {width > 0 && (
          <>
            <RunSection
              geometry={geometry}
              labels={sectionLabels(view)}
              panelLabel={`${figures.ocpd.ratingA} A, ${figures.ocpd.poles}-pole`}
              applianceLabel={circuit.name.split(',')[0] ?? circuit.name}
              applianceAmps={`${figures.load.continuousA + figures.load.otherA} A`}
              lit={stretch}
              widthPx={width}
              heightPx={heightPx}
              flagsPx={flagsPx}
              onStretch={choose}
            />
            {phone ? (
              <UprightTape view={view} lit={stretch} onChoose={choose} />
            ) : (
              <div className={classes['tape']}>
                <span className={`small ${classes['wire']}`}>wire</span>
                <RunTape columns={columns} leftPx={LEFT_PX} widthPx={width} lit={stretch} />
                <StationHandles circuit={circuit} columns={columns} leftPx={LEFT_PX} />
                <StretchBands
                  view={view}
                  columns={columns}
                  headPx={LEFT_PX}
                  lit={stretch}
                  onChoose={choose}
                />
              </div>
            )}
          </>
        )}
      </div>
    </section>
  );
}
