import type { Changed } from '../../core/fields/field';
import { SHAPE_KINDS, shapeOf, type ShapeKind } from '../../core/water/freshYard';
import { freePoints, withFreePoints } from '../../core/water/yardEdits';
import { yardItemSchemas, type Water } from '../../core/water/yardSchema';
import {
  shapeName,
  waterBondFields,
  waterKindFields,
  waterMeasureFields,
} from '../../core/wording/fields/waterFields';
import { omitUndefined } from '../../core/units/omitUndefined';
import { useYardEditor } from '../../store/useYardEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldList } from '../../ui/fields/FieldList';
import { DistanceField } from './fields';
import { PointsField } from './LineFields';
import classes from './water.module.css';

const shapeKind = ({ shape }: Water): ShapeKind =>
  'polygon' in shape
    ? 'ell'
    : 'curve' in shape
      ? 'kidney'
      : 'circle' in shape
        ? 'circle'
        : 'oval' in shape
          ? 'oval'
          : 'stadium' in shape
            ? 'stadium'
            : 'rectangle';

/** Length and width of any outline, feet. */
function extent({ shape }: Water): readonly [number, number] {
  if ('circle' in shape) return [shape.circle.diameterFt, shape.circle.diameterFt];
  if ('rectangle' in shape) return [shape.rectangle.lengthFt, shape.rectangle.widthFt];
  if ('oval' in shape) return [shape.oval.lengthFt, shape.oval.widthFt];
  if ('stadium' in shape) return [shape.stadium.lengthFt, shape.stadium.widthFt];
  const points = 'polygon' in shape ? shape.polygon : shape.curve;
  const span = (of: readonly number[]): number => Math.max(...of) - Math.min(...of);
  return [span(points.map(([x]) => x)), span(points.map(([, y]) => y))];
}

interface WaterFieldsProps {
  readonly water: Water;
}

type Set = (fields: Changed<Water>, key?: string) => void;

/** Its outline: a shape by its sides, or points. */
function Shape({ water, set }: WaterFieldsProps & { readonly set: Set }) {
  const { canWrite } = useYardEditor();
  const kind = shapeKind(water);
  const [length, width] = extent(water);
  const free = freePoints(water);
  return (
    <>
      <ChoiceField
        label="Outline"
        value={kind}
        disabled={!canWrite}
        choices={SHAPE_KINDS.map((value) => ({ value, label: shapeName[value] }))}
        onChoose={(to) => {
          set({ shape: shapeOf(to, length, width) });
        }}
      />
      {free === undefined ? (
        <div className={classes['two']}>
          <DistanceField
            label={kind === 'circle' ? 'Across' : 'Length'}
            value={length}
            disabled={!canWrite}
            onValue={(ft, key) => {
              set({ shape: shapeOf(kind, ft, width) }, key);
            }}
          />
          {kind !== 'circle' && (
            <DistanceField
              label="Width"
              value={width}
              disabled={!canWrite}
              onValue={(ft, key) => {
                set({ shape: shapeOf(kind, length, ft) }, key);
              }}
            />
          )}
        </div>
      ) : (
        <PointsField
          points={free.map(([x, y]) => [x, y] as const)}
          least={3}
          onPoints={(points, key) => {
            set({ shape: withFreePoints(water, points).shape }, key);
          }}
        />
      )}
    </>
  );
}

/** What is known of a pool or tub. */
export function WaterFields({ water }: WaterFieldsProps) {
  const { canWrite, put } = useYardEditor();
  const set: Set = (fields, key) => {
    put({ list: 'waters', item: omitUndefined({ ...water, ...fields }) }, `Change ${water.name}`, key);
  };
  const common = {
    schema: yardItemSchemas.waters,
    of: water,
    disabled: !canWrite,
    set: (fields: Changed<Water>, _edit: string, key?: string) => {
      set(fields, key);
    },
  };
  return (
    <>
      <FieldList {...common} fields={waterKindFields} />
      <Shape water={water} set={set} />
      <div className={classes['two']}>
        <FieldList {...common} fields={waterMeasureFields} />
      </div>
      <div className={classes['two']}>
        <FieldList {...common} fields={waterBondFields} />
      </div>
    </>
  );
}
