import { PERIMETERS, SHELLS, WATER_KINDS } from '../../core/code/waterFacts';
import { SHAPE_KINDS, shapeOf, usualShell, type ShapeKind } from '../../core/water/freshYard';
import { freePoints, withFreePoints } from '../../core/water/yardEdits';
import type { Water } from '../../core/water/yardSchema';
import { perimeterName, shellName, waterKindName } from '../../core/wording/waterWords';
import type { NumberRange } from '../../core/units/number';
import { useYardEditor } from '../../store/useYardEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { YesNoField } from '../../ui/fields/YesNoField';
import { AmountField, DistanceField, INCHES, RangeField } from './fields';
import { PointsField } from './LineFields';
import { FoundBonding } from './FoundBonding';
import classes from './water.module.css';

const SHAPE_NAME: Readonly<Record<ShapeKind, string>> = {
  rectangle: 'rectangle',
  circle: 'round',
  oval: 'oval: true ellipse',
  stadium: 'oval: round ends, straight sides',
  ell: 'L, by its corners',
  kidney: 'free, a curve through points',
};

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

const ANGLE = { min: -360, max: 360, units: ['°', 'deg'], shown: '°' } as const;
const UPRIGHTS: NumberRange = { min: 4, max: 60, units: [], shown: '', whole: true };

interface WaterFieldsProps {
  readonly water: Water;
}

type Set = (fields: Partial<Water>, key?: string) => void;

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
        choices={SHAPE_KINDS.map((value) => ({ value, label: SHAPE_NAME[value] }))}
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

/** How deep it is, how high its rim stands, and how it lies. */
function Measures({ water, set }: WaterFieldsProps & { readonly set: Set }) {
  const { canWrite } = useYardEditor();
  const inches = (key: 'depthIn' | 'rimIn' | 'uprights', label: string, range = INCHES) => (
    <RangeField
      label={label}
      value={water[key]}
      disabled={!canWrite}
      range={range}
      onValue={(value, merge) => {
        set({ [key]: value }, merge);
      }}
    />
  );
  return (
    <div className={classes['two']}>
      {inches('depthIn', 'Holds water, deep')}
      {inches('rimIn', 'Rim above grade')}
      {water.shell === 'metal-wall' && inches('uprights', 'Uprights of the wall', UPRIGHTS)}
      <AmountField
        label="Turned by"
        value={water.turnDeg}
        disabled={!canWrite}
        range={ANGLE}
        onValue={(turnDeg, key) => {
          set({ turnDeg }, key);
        }}
      />
    </div>
  );
}

/** What it is, what it is built of, and what lies around it. */
function Kind({ water, set }: WaterFieldsProps & { readonly set: Set }) {
  const { canWrite } = useYardEditor();
  return (
    <>
      <ChoiceField
        label="What it is"
        value={water.kind}
        disabled={!canWrite}
        choices={WATER_KINDS.map((value) => ({ value, label: waterKindName[value] }))}
        onChoose={(kind) => {
          set({ kind, shell: usualShell(kind), rimIn: kind === 'in-ground' ? 0 : water.rimIn });
        }}
      />
      <ChoiceField
        label="Built of"
        value={water.shell}
        disabled={!canWrite}
        choices={SHELLS.map((value) => ({ value, label: shellName[value] }))}
        onChoose={(shell) => {
          set({ shell });
        }}
      />
      <ChoiceField
        label="Around it, to 3 ft"
        value={water.perimeter}
        disabled={!canWrite}
        choices={PERIMETERS.map((value) => ({ value, label: perimeterName[value] }))}
        onChoose={(perimeter) => {
          set({ perimeter });
        }}
      />
    </>
  );
}

const PLACES: readonly {
  readonly key: 'indoors' | 'fountain';
  readonly label: string;
  readonly asked: (water: Water) => boolean;
}[] = [
  {
    key: 'indoors',
    label: 'Indoors',
    asked: ({ kind }) => kind === 'in-ground' || kind === 'above-ground',
  },
  { key: 'fountain', label: 'A fountain, or shares its water', asked: ({ kind }) => kind !== 'storable' },
];

/** What is known of a pool or tub. */
export function WaterFields({ water }: WaterFieldsProps) {
  const { canWrite, put } = useYardEditor();
  const set: Set = (fields, key) => {
    put({ list: 'waters', item: { ...water, ...fields } }, `Change ${water.name}`, key);
  };
  return (
    <>
      <Kind water={water} set={set} />
      <Shape water={water} set={set} />
      <Measures water={water} set={set} />
      <div className={classes['two']}>
        {PLACES.filter(({ asked }) => asked(water)).map(({ key, label }) => (
          <YesNoField
            key={key}
            label={label}
            value={water[key]}
            disabled={!canWrite}
            onValue={(value) => {
              set({ [key]: value });
            }}
          />
        ))}
      </div>
      <FoundBonding water={water} set={set} />
    </>
  );
}
