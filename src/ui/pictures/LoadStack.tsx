import { useElementSize } from '@mantine/hooks';
import type { ServiceMethod } from '../../core/code/serviceMethods';
import type { MethodAnswer, ServiceReport } from '../../core/service/serviceReport';
import { printNumber as n } from '../../core/units/number';
import { elementName, methodTitle } from '../../core/wording/serviceNames';
import { Parts, PartsKey } from './LoadParts';
import classes from './LoadStack.module.css';

const TOP = 30;

/** Where things stand for a width: names beside the bars, or above them where there is no room beside. */
interface Layout {
  readonly width: number;
  readonly left: number;
  readonly right: number;
  readonly row: number;
  /** Where the bars of a row begin. */
  readonly barsY: number;
  readonly narrow: boolean;
}

const NARROW_PX = 520;
const USUAL_PX = 640;

const layoutOf = (width: number): Layout =>
  width < NARROW_PX
    ? { width, left: 8, right: 64, row: 84, barsY: 24, narrow: true }
    : { width, left: 128, right: 72, row: 58, barsY: 0, narrow: false };

interface LoadStackProps {
  readonly report: ServiceReport;
  /** Voltage of the service, between its legs. */
  readonly volts: number;
  readonly chosen: ServiceMethod;
  readonly onMethod: (method: ServiceMethod) => void;
}

/** How much is left of the limit, or how much is over it. */
function leftWords(amps: number, limitA: number | null): string {
  if (limitA === null) return '';
  return amps > limitA ? `${n(amps - limitA, 1)} A over` : `${n(limitA - amps, 1)} A left`;
}

interface BarsProps {
  readonly answer: MethodAnswer;
  readonly y: number;
  readonly left: number;
  readonly scale: number;
  readonly volts: number;
  /** The limit, where the load after the job passes it. */
  readonly overFromA: number | null;
  /** Where the line of the limit stands. */
  readonly limitX: number | null;
}

/** Width of the amperes at the end of a bar. */
const AMPS_PX = 52;

/** The load before and after the job, with what is over the limit. */
function Bars({ answer: { before, after }, y, left, scale, volts, overFromA, limitX }: BarsProps) {
  const about = { left, scale, volts };
  const endX = left + after.amps * scale + 8;
  // A figure that the line of the limit would cross stands behind it.
  const crossed = limitX !== null && limitX > endX - 4 && limitX < endX + AMPS_PX;
  return (
    <>
      <Parts parts={before.parts} y={y} height={8} {...about} amps={before.amps} />
      <Parts parts={after.parts} y={y + 12} height={26} {...about} amps={after.amps} />
      {overFromA !== null && (
        <rect
          className={classes['over']}
          x={left + overFromA * scale}
          y={y + 12}
          width={(after.amps - overFromA) * scale}
          height={26}
        />
      )}
      <text
        className={classes['amps']}
        data-over={overFromA !== null || undefined}
        x={crossed ? limitX + 8 : endX}
        y={y + 30}
      >
        {n(after.amps, 0)} A
      </text>
    </>
  );
}

interface MethodRowProps {
  readonly answer: MethodAnswer;
  readonly y: number;
  readonly layout: Layout;
  readonly scale: number;
  readonly volts: number;
  readonly limitA: number | null;
  readonly limitX: number | null;
  readonly chosen: boolean;
  readonly onChoose: () => void;
}

function MethodRow({ answer, y, layout, scale, volts, limitA, limitX, chosen, onChoose }: MethodRowProps) {
  const { method, before, after } = answer;
  const over = limitA !== null && after.amps > limitA;
  const words = leftWords(after.amps, limitA);
  const { width, row, narrow } = layout;
  return (
    <g
      className={classes['method']}
      data-chosen={chosen || undefined}
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${methodTitle[method]}: ${n(before.amps, 1)} A before, ${n(after.amps, 1)} A after${words === '' ? '' : `, ${words}`}`}
      onClick={onChoose}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onChoose();
      }}
    >
      <rect className={classes['back']} x={0} y={y - 6} width={width} height={row - 4} />
      <text className={classes['name']} x={8} y={y + (narrow ? 12 : 20)}>
        {methodTitle[method]}
      </text>
      <text
        className={classes['state']}
        x={narrow ? width - 8 : 8}
        y={y + (narrow ? 12 : 36)}
        textAnchor={narrow ? 'end' : 'start'}
      >
        {words}
      </text>
      <Bars
        answer={answer}
        y={y + layout.barsY}
        left={layout.left}
        scale={scale}
        volts={volts}
        overFromA={over ? limitA : null}
        limitX={limitX}
      />
    </g>
  );
}

interface AxisProps {
  readonly layout: Layout;
  readonly max: number;
  readonly scale: number;
  readonly height: number;
}

function Axis({ layout, max, scale, height }: AxisProps) {
  const steps = max > 300 ? 100 : 50;
  return Array.from({ length: Math.floor(max / steps) + 1 }, (_, at) => at * steps).map((amps) => {
    const x = layout.left + amps * scale;
    return (
      <g key={amps} aria-hidden="true">
        <line className={classes['tick']} x1={x} x2={x} y1={height - 24} y2={height - 18} />
        <text className={classes['axis']} x={x} y={height - 6} textAnchor="middle">
          {amps}
        </text>
      </g>
    );
  });
}

/** The load of the service by each method, thin as it was and broad as it will be, against what limits it. */
export function LoadStack({ report, volts, chosen, onMethod }: LoadStackProps) {
  const { ref, width } = useElementSize();
  const layout = layoutOf(width > 0 ? width : USUAL_PX);
  const { answers, limit } = report;
  const max =
    Math.max(limit.amps ?? 0, ...answers.flatMap(({ before, after }) => [before.amps, after.amps])) * 1.02;
  const scale = (layout.width - layout.left - layout.right) / Math.max(max, 1);
  const height = TOP + answers.length * layout.row + 26;
  const limitX = limit.amps === null ? null : layout.left + limit.amps * scale;
  return (
    <div ref={ref}>
      <svg
        className={classes['stack']}
        viewBox={`0 0 ${layout.width} ${height}`}
        role="group"
        aria-label="Load of the service by method"
      >
        {limitX !== null && limit.element !== null && (
          <g aria-hidden="true">
            <line className={classes['limit']} x1={limitX} x2={limitX} y1={20} y2={height - 22} />
            <text className={classes['limitWords']} x={limitX} y={14} textAnchor="middle">
              {n(limit.amps ?? 0)} A {elementName[limit.element]}
            </text>
          </g>
        )}
        {answers.map((answer, at) => (
          <MethodRow
            key={answer.method}
            answer={answer}
            y={TOP + at * layout.row}
            layout={layout}
            scale={scale}
            volts={volts}
            limitA={limit.amps}
            limitX={limitX}
            chosen={answer.method === chosen}
            onChoose={() => {
              onMethod(answer.method);
            }}
          />
        ))}
        <Axis layout={layout} max={max} scale={scale} height={height} />
      </svg>
      <PartsKey answer={answers.find(({ method }) => method === chosen)} volts={volts} />
    </div>
  );
}
