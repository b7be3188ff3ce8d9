import type { z } from 'zod';
import type { Field } from '../../core/fields/field';
import { omitUndefined } from '../../core/units/omitUndefined';
import { parsePoints, printPoints } from '../../core/water/pointsText';
import { lineSchemas, yardItemSchemas, type YardArea, type YardLine } from '../../core/water/yardSchema';
import { areaFields, lineFields } from '../../core/wording/fields/yardFields';
import { useYardEditor } from '../../store/useYardEditor';
import { FieldList } from '../../ui/fields/FieldList';
import { QuantityField } from '../../ui/fields/QuantityField';
import classes from './water.module.css';

/** The points of a line or area, typed. */
export function PointsField({
  points,
  least,
  onPoints,
}: {
  readonly points: readonly (readonly [number, number])[];
  readonly least: number;
  readonly onPoints: (points: [number, number][], key: string) => void;
}) {
  const { canWrite } = useYardEditor();
  return (
    <QuantityField<readonly (readonly [number, number])[]>
      label="Points: right, up (ft)"
      value={points}
      disabled={!canWrite}
      print={printPoints}
      parse={(text) => parsePoints(text, least)}
      onValue={(to, key) => {
        onPoints(
          to.map(([x, y]) => [x, y]),
          key,
        );
      }}
    />
  );
}

interface KnownProps<L> {
  readonly what: L;
  readonly schema: z.ZodObject;
  readonly fields: readonly Field<L>[];
  readonly set: (what: L, key?: string) => void;
}

/** What is known of a line or area besides its points. */
function Known<L extends object>({ what, schema, fields, set }: KnownProps<L>) {
  const { canWrite } = useYardEditor();
  return (
    <div className={classes['two']}>
      <FieldList
        schema={schema}
        fields={fields}
        of={what}
        disabled={!canWrite}
        set={(changed, _edit, key) => {
          set({ ...what, ...omitUndefined(changed) }, key);
        }}
      />
    </div>
  );
}

/** What is known of a line, by its kind. */
function KnownLine({
  line,
  set,
}: {
  readonly line: YardLine;
  readonly set: (line: YardLine, key?: string) => void;
}) {
  const common = { schema: lineSchemas[line.kind], set };
  switch (line.kind) {
    case 'wall':
      return <Known {...common} what={line} fields={lineFields.wall} />;
    case 'fence':
      return <Known {...common} what={line} fields={lineFields.fence} />;
    case 'overhead':
      return <Known {...common} what={line} fields={lineFields.overhead} />;
    case 'pipe':
      return <Known {...common} what={line} fields={lineFields.pipe} />;
    case 'wiring':
      return <Known {...common} what={line} fields={lineFields.wiring} />;
  }
}

/** A wall, fence, pipe or line. */
export function LineFields({ line }: { readonly line: YardLine }) {
  const { put } = useYardEditor();
  const set = (item: YardLine, key?: string): void => {
    put({ list: 'lines', item }, `Change ${line.name}`, key);
  };
  return (
    <>
      <KnownLine line={line} set={set} />
      <PointsField
        points={line.points}
        least={2}
        onPoints={(points, key) => {
          set({ ...line, points }, key);
        }}
      />
    </>
  );
}

/** A deck or slab. */
export function AreaFields({ area }: { readonly area: YardArea }) {
  const { put } = useYardEditor();
  const set = (item: YardArea, key?: string): void => {
    put({ list: 'areas', item }, `Change ${area.name}`, key);
  };
  return (
    <>
      <Known what={area} schema={yardItemSchemas.areas} fields={areaFields} set={set} />
      <PointsField
        points={area.points}
        least={3}
        onPoints={(points, key) => {
          set({ ...area, points }, key);
        }}
      />
    </>
  );
}
