import type { BondRow } from '../../../core/water/bondRows';
import type { ThingAt, WaterReport } from '../../../core/water/waterReport';
import type { Placed } from './labelPlaces';
import { NumberMark } from './NumberMark';
import { numberPlaces } from './numberPlace';
import { THING_MARKS } from './thingMarks';
import { thingLabel, wayWords, type YardLabels } from './yardLabels';
import { pathOf, type YardScale } from './yardScale';

interface ThingsProps {
  readonly report: WaterReport;
  readonly rows: readonly BondRow[];
  readonly scale: YardScale;
  readonly picked: string | null;
}

/** Name and distance of what the rules of distance know. */
function Label({ at, place }: { readonly at: ThingAt; readonly place: Placed }) {
  const [name, off] = thingLabel(at);
  const text = { x: place.x, textAnchor: place.anchor };
  return (
    <>
      <text {...text} y={place.y} className="halo strong">
        {name}
      </text>
      <text
        {...text}
        y={place.y + 14}
        className={at.verdict?.ok === false ? 'halo small stop' : 'halo small'}
      >
        {off}
      </text>
    </>
  );
}

/** The way of a cord or a hand to the water, with its length. */
export function Way({
  report,
  scale,
  picked,
  place,
}: Omit<ThingsProps, 'rows'> & { readonly place: Placed | undefined }) {
  const at = report.things.find(({ thing, distanceFt }) => thing.id === picked && distanceFt > 0);
  if (at === undefined) return null;
  return (
    <>
      <path
        d={pathOf(at.reach?.path ?? [at.thing.at], scale)}
        fill="none"
        stroke="var(--copper)"
        strokeWidth="1.5"
      />
      {place !== undefined && (
        <text className="dimension figures" x={place.x} y={place.y} fontSize="15">
          {wayWords(at)}
        </text>
      )}
    </>
  );
}

/** Numbers of what is bonded, the same as in the list. */
export function BondNumbers({ report, rows, scale, picked }: ThingsProps) {
  const numberAt = numberPlaces(report, scale);
  return (
    <>
      {rows.map((row) => {
        const id =
          row.kind === 'part' ? row.part.candidate.id : row.kind === 'plate' ? row.thing.id : row.kind;
        return (
          <NumberMark
            key={row.number}
            at={numberAt(row)}
            number={row.number}
            lit={id === picked}
            radius={9}
            className="small strong"
          />
        );
      })}
    </>
  );
}

/** What stands in the yard, drawn, named and measured. */
export function YardThings({
  report,
  scale,
  picked,
  labels,
}: ThingsProps & { readonly labels: YardLabels['things'] }) {
  return (
    <>
      {report.things.map((at) => {
        const { thing, isNearest, verdict } = at;
        const place = labels.get(thing.id);
        const { body, lines } = THING_MARKS[thing.kind];
        const bad = verdict?.ok === false && isNearest;
        return (
          <g key={thing.id}>
            <g
              transform={`translate(${scale.x(thing.at[0])} ${scale.y(thing.at[1])})`}
              stroke={bad ? 'var(--stop)' : 'var(--ink)'}
              strokeWidth={thing.id === picked ? 2.4 : 1.5}
              fill="none"
            >
              {thing.id === picked && <circle r="15" fill="var(--copper-wash)" stroke="none" />}
              <path d={body} fill="var(--sheet)" />
              {lines !== undefined && <path d={lines} strokeWidth="1.3" />}
            </g>
            {place !== undefined && <Label at={at} place={place} />}
          </g>
        );
      })}
    </>
  );
}
