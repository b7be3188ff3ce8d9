import { METHOD_IDS } from '../../core/code/methods';
import { methodName } from '../../core/wording/words';
import { parsePoints, printPoints } from '../../core/water/pointsText';
import { OVERHEAD_KINDS, type YardArea, type YardLine } from '../../core/water/yardSchema';
import { useYardEditor } from '../../store/useYardEditor';
import { CheckField } from '../../ui/fields/CheckField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { QuantityField } from '../../ui/fields/QuantityField';
import { YesNoField } from '../../ui/fields/YesNoField';
import { AmountField, DistanceField, HeightField } from './fields';
import classes from './water.module.css';

const OVERHEAD_NAME: Readonly<Record<(typeof OVERHEAD_KINDS)[number], string>> = {
  triplex: 'Service drop, triplex, to 750 V',
  'open-15kv': 'Other, to 15 kV',
  'open-50kv': 'Other, 15 to 50 kV',
  communication: 'Telephone, cable, data',
  broadband: 'Broadband that the network powers',
};

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

type Of<K extends YardLine['kind']> = Extract<YardLine, { kind: K }>;

function Overhead({ line, set }: OfLine<'overhead'>) {
  const { canWrite } = useYardEditor();
  const height = (key: 'fromFt' | 'toFt', label: string) => (
    <DistanceField
      label={label}
      value={line[key]}
      disabled={!canWrite}
      onValue={(value, merge) => {
        set({ ...line, [key]: value }, merge);
      }}
    />
  );
  return (
    <>
      <ChoiceField
        label="Conductors"
        value={line.conductors}
        disabled={!canWrite}
        choices={OVERHEAD_KINDS.map((value) => ({ value, label: OVERHEAD_NAME[value] }))}
        onChoose={(conductors) => {
          set({ ...line, conductors });
        }}
      />
      <div className={classes['two']}>
        {height('fromFt', 'Height at its first end')}
        {height('toFt', 'Height at its last end')}
        <DistanceField
          label="Sag, hot or with ice"
          value={line.sagFt}
          disabled={!canWrite}
          onValue={(sagFt, key) => {
            set({ ...line, sagFt }, key);
          }}
        />
      </div>
    </>
  );
}

interface OfLine<K extends YardLine['kind']> {
  readonly line: Of<K>;
  readonly set: (line: YardLine, key?: string) => void;
}

function Metal({ line, set }: OfLine<'fence' | 'pipe'>) {
  const { canWrite } = useYardEditor();
  return (
    <YesNoField
      label="Metal"
      value={line.metal ?? undefined}
      disabled={!canWrite}
      onValue={(value) => {
        set({ ...line, metal: value ?? null });
      }}
    />
  );
}

function Tall({ line, set }: OfLine<'fence' | 'wall'>) {
  const { canWrite } = useYardEditor();
  return (
    <DistanceField
      label="Height"
      value={line.heightFt}
      disabled={!canWrite}
      onValue={(heightFt, key) => {
        set({ ...line, heightFt }, key);
      }}
    />
  );
}

function Fence({ line, set }: OfLine<'fence'>) {
  const { canWrite } = useYardEditor();
  return (
    <>
      <div className={classes['two']}>
        <Tall line={line} set={set} />
        <Metal line={line} set={set} />
      </div>
      <CheckField
        label="Solid: neither cord nor hand passes through"
        checked={line.solid}
        disabled={!canWrite}
        onCheck={(solid) => {
          set({ ...line, solid });
        }}
      />
    </>
  );
}

function Pipe({ line, set }: OfLine<'pipe'>) {
  const { canWrite } = useYardEditor();
  return (
    <div className={classes['two']}>
      <Metal line={line} set={set} />
      <HeightField
        label="Height above grade"
        value={line.heightFt}
        disabled={!canWrite}
        onValue={(heightFt, key) => {
          set({ ...line, heightFt: heightFt ?? 0 }, key);
        }}
      />
    </div>
  );
}

function Wiring({ line, set }: OfLine<'wiring'>) {
  const { canWrite } = useYardEditor();
  return (
    <>
      <ChoiceField
        label="Method"
        value={line.method}
        disabled={!canWrite}
        choices={METHOD_IDS.map((value) => ({ value, label: methodName(value) }))}
        onChoose={(method) => {
          set({ ...line, method });
        }}
      />
      <CheckField
        label="Feeds the equipment of the water"
        checked={line.feedsWater}
        disabled={!canWrite}
        onCheck={(feedsWater) => {
          set({ ...line, feedsWater });
        }}
      />
    </>
  );
}

/** What is known of a line besides its points. */
function Known({ line, set }: OfLine<YardLine['kind']>) {
  switch (line.kind) {
    case 'wall':
      return <Tall line={line} set={set} />;
    case 'fence':
      return <Fence line={line} set={set} />;
    case 'overhead':
      return <Overhead line={line} set={set} />;
    case 'pipe':
      return <Pipe line={line} set={set} />;
    case 'wiring':
      return <Wiring line={line} set={set} />;
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
      <Known line={line} set={set} />
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

const TOP = { min: -24, max: 240, units: ['in'], shown: 'in' } as const;

/** A deck or slab. */
export function AreaFields({ area }: { readonly area: YardArea }) {
  const { canWrite, put } = useYardEditor();
  const set = (item: YardArea, key?: string): void => {
    put({ list: 'areas', item }, `Change ${area.name}`, key);
  };
  return (
    <>
      <div className={classes['two']}>
        <AmountField
          label="Top above grade"
          value={area.topIn}
          disabled={!canWrite}
          range={TOP}
          onValue={(topIn, key) => {
            set({ ...area, topIn }, key);
          }}
        />
        {area.kind === 'slab' && (
          <YesNoField
            label="Bare steel in it"
            value={area.steel ?? undefined}
            disabled={!canWrite}
            onValue={(steel) => {
              set({ ...area, steel: steel ?? null });
            }}
          />
        )}
      </div>
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
