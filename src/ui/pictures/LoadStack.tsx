import type { ServiceMethod } from '../../core/code/serviceMethods';
import type { MethodAnswer, ServiceReport } from '../../core/service/serviceReport';
import type { ServicePart } from '../../core/service/serviceLoad';
import { printNumber as n } from '../../core/units/number';
import { elementName, methodTitle } from '../../core/wording/serviceNames';
import classes from './LoadStack.module.css';

const WIDTH = 640;
const LEFT = 128;
const RIGHT = 72;
const ROW = 58;
const TOP = 30;
const VOLTS = 240;

interface LoadStackProps {
  readonly report: ServiceReport;
  readonly chosen: ServiceMethod;
  readonly onMethod: (method: ServiceMethod) => void;
}

/** Parts of a load one after the other, each as wide as its amperes. */
function Parts({
  parts,
  y,
  height,
  scale,
  amps,
}: {
  readonly parts: readonly ServicePart[];
  readonly y: number;
  readonly height: number;
  readonly scale: number;
  readonly amps: number;
}) {
  let x = LEFT;
  const drawn = parts
    .filter(({ countedVA }) => countedVA > 0)
    .map((part, at) => {
      const width = (part.countedVA / VOLTS) * scale;
      const left = x;
      x += width;
      // What load management keeps off is not drawn: the stack ends where the service ends.
      const shown = Math.max(0, Math.min(width, LEFT + amps * scale - left));
      return { part, at, left, width: shown };
    });
  return drawn.map(({ part, at, left, width }) => (
    <g key={`${part.what} ${at}`}>
      <title>{`${part.what}: ${n(part.countedVA / VOLTS, 1)} A`}</title>
      <rect
        className={classes['part']}
        data-odd={at % 2 === 1 || undefined}
        x={left}
        y={y}
        width={width}
        height={height}
      />
      {width > 90 && height > 14 && (
        <text className={classes['what']} x={left + 6} y={y + height / 2 + 4}>
          {part.what.length * 6.2 > width - 8
            ? `${part.what.slice(0, Math.floor((width - 14) / 6.2))}…`
            : part.what}
        </text>
      )}
    </g>
  ));
}

/** How much is left of the limit, or how much is over it. */
function leftWords(amps: number, limitA: number | null): string {
  if (limitA === null) return '';
  return amps > limitA ? `${n(amps - limitA, 1)} A over` : `${n(limitA - amps, 1)} A left`;
}

interface BarsProps {
  readonly answer: MethodAnswer;
  readonly y: number;
  readonly scale: number;
  /** The limit, where the load after the job passes it. */
  readonly overFromA: number | null;
}

/** The load before and after the job, with what is over the limit. */
function Bars({ answer: { before, after }, y, scale, overFromA }: BarsProps) {
  return (
    <>
      <Parts parts={before.parts} y={y} height={8} scale={scale} amps={before.amps} />
      <Parts parts={after.parts} y={y + 12} height={26} scale={scale} amps={after.amps} />
      {overFromA !== null && (
        <rect
          className={classes['over']}
          x={LEFT + overFromA * scale}
          y={y + 12}
          width={(after.amps - overFromA) * scale}
          height={26}
        />
      )}
      <text
        className={classes['amps']}
        data-over={overFromA !== null || undefined}
        x={LEFT + after.amps * scale + 8}
        y={y + 30}
      >
        {n(after.amps, 0)} A
      </text>
    </>
  );
}

function MethodRow({
  answer,
  y,
  scale,
  limitA,
  chosen,
  onChoose,
}: {
  readonly answer: MethodAnswer;
  readonly y: number;
  readonly scale: number;
  readonly limitA: number | null;
  readonly chosen: boolean;
  readonly onChoose: () => void;
}) {
  const { method, before, after } = answer;
  const over = limitA !== null && after.amps > limitA;
  const left = leftWords(after.amps, limitA);
  return (
    <g
      className={classes['method']}
      data-chosen={chosen || undefined}
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${methodTitle[method]}: ${n(before.amps, 1)} A before, ${n(after.amps, 1)} A after${left === '' ? '' : `, ${left}`}`}
      onClick={onChoose}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onChoose();
      }}
    >
      <rect className={classes['back']} x={0} y={y - 6} width={WIDTH} height={ROW - 4} />
      <text className={classes['name']} x={8} y={y + 20}>
        {methodTitle[method]}
      </text>
      <text className={classes['state']} x={8} y={y + 36}>
        {left}
      </text>
      <Bars answer={answer} y={y} scale={scale} overFromA={over ? limitA : null} />
    </g>
  );
}

/** The load of the service by each method, thin as it was and broad as it will be, against what limits it. */
export function LoadStack({ report, chosen, onMethod }: LoadStackProps) {
  const { answers, limit } = report;
  const max =
    Math.max(limit.amps ?? 0, ...answers.flatMap(({ before, after }) => [before.amps, after.amps])) * 1.02;
  const scale = (WIDTH - LEFT - RIGHT) / Math.max(max, 1);
  const height = TOP + answers.length * ROW + 26;
  const steps = max > 300 ? 100 : 50;
  const limitX = limit.amps === null ? null : LEFT + limit.amps * scale;
  return (
    <svg
      className={classes['stack']}
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="group"
      aria-label="Load of the service by method"
    >
      {answers.map((answer, at) => (
        <MethodRow
          key={answer.method}
          answer={answer}
          y={TOP + at * ROW}
          scale={scale}
          limitA={limit.amps}
          chosen={answer.method === chosen}
          onChoose={() => {
            onMethod(answer.method);
          }}
        />
      ))}
      {Array.from({ length: Math.floor(max / steps) + 1 }, (_, at) => at * steps).map((amps) => (
        <g key={amps} aria-hidden="true">
          <line
            className={classes['tick']}
            x1={LEFT + amps * scale}
            x2={LEFT + amps * scale}
            y1={height - 24}
            y2={height - 18}
          />
          <text className={classes['axis']} x={LEFT + amps * scale} y={height - 6} textAnchor="middle">
            {amps}
          </text>
        </g>
      ))}
      {limitX !== null && limit.element !== null && (
        <g aria-hidden="true">
          <line className={classes['limit']} x1={limitX} x2={limitX} y1={20} y2={height - 22} />
          <text className={classes['limitWords']} x={limitX} y={14} textAnchor="middle">
            {n(limit.amps ?? 0)} A {elementName[limit.element]}
          </text>
        </g>
      )}
    </svg>
  );
}
