import { lazy, memo, Suspense, useState } from 'react';
import { useElementSize, useMediaQuery } from '@mantine/hooks';
import { circuitNote } from '../../../core/wording/conductors';
import { sectionGeometry, type SectionGeometry } from '../../../core/route/sectionGeometry';
import { tapeLayout, type TapeColumn } from '../../../core/route/tapeLayout';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { sentences } from '../../../store/lazyParts';
import { useRouteEvaluation } from '../../../store/useEvaluation';
import { segmentChosen } from '../../../store/focusSlice';
import { useAppDispatch } from '../../../store/store';
import { RunSection } from '../../../ui/pictures/RunSection';
import {
  sectionRoom,
  sectionScale,
  segmentWindow,
  type SectionWindow,
} from '../../../ui/pictures/sectionScale';
import { stationNotes } from '../../../ui/pictures/stationNotes';
import { RunTape } from '../../../ui/pictures/RunTape';
import { CircuitTitle } from '../figures/CircuitTitle';
import { sectionFacts } from '../../../ui/pictures/sectionFacts';
import { sectionLabels } from '../../../ui/pictures/sectionLabels';
import { StationHandles } from './StationHandles';
import { SegmentBands } from './SegmentBands';
import { UprightTape } from './UprightTape';
import type { Part } from '../usePart';
import classes from './RunPane.module.css';

const RouteTools = lazy(() =>
  import('../route/RouteTools').then((module) => ({ default: module.RouteTools })),
);
const SectionHandles = lazy(() =>
  import('../route/SectionHandles').then((module) => ({ default: module.SectionHandles })),
);

interface RunPaneProps {
  readonly view: CircuitEvaluation;
  readonly segment: number | null;
  readonly part: Part;
}

const LEFT_PX = 104;
const RIGHT_PX = 18;
const MIN_COLUMN_PX = 168;
const SECTION_PX = 206;
const PHONE_SECTION_PX = 132;

const sectionHeightPx = (phone: boolean): number => (phone ? PHONE_SECTION_PX : SECTION_PX);

interface PictureProps {
  readonly view: CircuitEvaluation;
  readonly geometry: SectionGeometry;
  readonly widthPx: number;
  readonly highlighted: number | null;
  readonly onChoose: (index: number) => void;
}

function Section({
  view,
  geometry,
  widthPx,
  highlighted,
  onChoose,
  ...rest
}: PictureProps & { heightPx: number; flagsPx: number[]; window: SectionWindow | undefined }) {
  const route = useRouteEvaluation(view.circuit.id);
  const words = sentences.use();
  return (
    <RunSection
      geometry={geometry}
      labels={sectionLabels({ ...view, onRoute: route?.open ?? [], say: words?.findingSentence })}
      stationNotes={route === undefined ? [] : stationNotes(route.report)}
      {...sectionFacts(view, geometry)}
      highlighted={highlighted}
      widthPx={widthPx}
      onSegment={onChoose}
      {...rest}
    />
  );
}

function FlatTape({
  view,
  widthPx,
  highlighted,
  onChoose,
  columns,
  route,
}: Omit<PictureProps, 'geometry'> & { columns: readonly TapeColumn[]; route: boolean }) {
  return (
    <div className={classes['tape']}>
      <span className={`small ${classes['wire']}`}>wire</span>
      <RunTape columns={columns} leftPx={LEFT_PX} widthPx={widthPx} highlighted={highlighted} />
      <StationHandles circuit={view.circuit} columns={columns} leftPx={LEFT_PX} />
      <SegmentBands
        view={view}
        columns={columns}
        headPx={LEFT_PX}
        highlighted={highlighted}
        onChoose={onChoose}
        brief={route}
      />
    </div>
  );
}

interface RunPictureProps extends RunPaneProps {
  readonly widthPx: number;
  readonly phone: boolean;
  readonly geometry: SectionGeometry;
  readonly window: SectionWindow | undefined;
}

/** The section, its handles on the route, and the tape under it. */
function RunPicture({ view, segment, part, widthPx, phone, geometry, window }: RunPictureProps) {
  const dispatch = useAppDispatch();
  const { circuit } = view;
  const route = part === 'route';
  const lengths = circuit.run.map(({ lengthFt }) => lengthFt);
  const columns = tapeLayout(lengths, Math.max(0, widthPx - LEFT_PX - RIGHT_PX), MIN_COLUMN_PX);
  const heightPx = sectionHeightPx(phone);
  const flags = [0, ...columns.map(({ toPx }) => toPx)].map((px) => LEFT_PX + px);
  const picture = {
    view,
    widthPx,
    highlighted: segment,
    onChoose: (index: number) => void dispatch(segmentChosen(index === segment ? null : index)),
  };
  return (
    <>
      <Section
        {...picture}
        geometry={geometry}
        heightPx={heightPx}
        flagsPx={phone || window !== undefined ? [] : flags}
        window={window}
      />
      {route && !phone && (
        <Suspense>
          <SectionHandles
            circuit={circuit}
            geometry={geometry}
            scale={sectionScale(geometry, sectionRoom(widthPx, heightPx), window)}
          />
        </Suspense>
      )}
      {phone ? (
        <UprightTape view={view} highlighted={segment} onChoose={picture.onChoose} />
      ) : (
        <FlatTape {...picture} columns={columns} route={route} />
      )}
    </>
  );
}

/**
 * The run of a circuit: its section to scale, the tape under it, and what is in every segment. Its width is measured
 * once: the next circuit is drawn at once, so nothing under it jumps.
 */
export const RunPane = memo(function RunPane({ view, segment, part }: RunPaneProps) {
  const { ref, width } = useElementSize();
  const phone = useMediaQuery('(max-width: 640px)');
  const { circuit, solved } = view;
  const [closerOn, setCloserOn] = useState<string | null>(null);
  const closer = closerOn === circuit.id;
  const route = part === 'route';
  const geometry = sectionGeometry(circuit.run, circuit.startHeightFt);
  const window = route && closer && segment !== null ? segmentWindow(geometry, segment) : undefined;
  const scale = sectionScale(geometry, sectionRoom(width, sectionHeightPx(phone)), window);
  return (
    <section className={classes['run']} aria-label="The run">
      <CircuitTitle
        key={circuit.id}
        view={view}
        note={circuitNote(circuit, solved.figures)}
        exaggeration={phone ? null : scale.exaggeration}
      />
      {route && (
        <Suspense fallback={<div style={{ height: 34 }} />}>
          <RouteTools
            key={circuit.id}
            view={view}
            closer={segment === null ? null : closer}
            onCloser={(to) => {
              setCloserOn(to ? circuit.id : null);
            }}
            picture={() => document.querySelector<SVGSVGElement>('#the-section svg')}
          />
        </Suspense>
      )}
      <div ref={ref} className={classes['picture']} id="the-section">
        {width > 0 && (
          <RunPicture
            key={circuit.id}
            {...{ view, segment, part, phone, geometry, window }}
            widthPx={width}
          />
        )}
      </div>
    </section>
  );
});
