import { withFound } from '../../core/water/yardEdits';
import type { Water } from '../../core/water/yardSchema';
import { useYardEditor } from '../../store/useYardEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { AmountField, RangeField } from './fields';
import classes from './water.module.css';

const RING = { min: 0, max: 120, units: ['in', '"'], shown: 'in' } as const;
const DEEP = { min: 0, max: 60, units: ['in', '"'], shown: 'in' } as const;
const TAPS = { min: 0, max: 60, units: [], shown: '', whole: true } as const;

interface FoundBondingProps {
  readonly water: Water;
  readonly set: (fields: Partial<Water>, key?: string) => void;
}

const LAID = [
  { value: 'ring', label: 'ring' },
  { value: 'grid', label: 'copper grid' },
] as const;

/** Where the ring lies, or is to lie, or whether a grid does in its place. */
function Ring({ water, set, onGrid }: FoundBondingProps & { readonly onGrid: (grid: boolean) => void }) {
  const { canWrite } = useYardEditor();
  return (
    <>
      <ChoiceField
        label="Surface bonded by"
        value={water.grid === true ? 'grid' : 'ring'}
        disabled={!canWrite}
        choices={LAID}
        onChoose={(value) => {
          onGrid(value === 'grid');
        }}
      />
      <AmountField
        label="Ring off the wall"
        value={water.ringOffIn}
        disabled={!canWrite}
        range={RING}
        onValue={(ringOffIn, key) => {
          set({ ringOffIn }, key);
        }}
      />
      <AmountField
        label={water.grid === true ? 'Grid below subgrade' : 'Ring below subgrade'}
        value={water.ringDeepIn}
        disabled={!canWrite}
        range={DEEP}
        onValue={(ringDeepIn, key) => {
          set({ ringDeepIn }, key);
        }}
      />
    </>
  );
}

const CONDUCTORS = [
  { value: 'planned', label: 'planned: solid' },
  { value: 'solid-8', label: 'found: solid' },
  { value: 'stranded-8', label: 'found: stranded' },
  { value: 'smaller', label: 'found: smaller' },
] as const;

const CONNECTORS = [
  { value: 'planned', label: 'planned: listed' },
  { value: 'listed', label: 'found: listed' },
  { value: 'unlisted', label: 'found: not listed' },
] as const;

/** Where the ring lies or is to lie, and what of the bonding was found there. */
export function FoundBonding({ water, set }: FoundBondingProps) {
  const { canWrite, put } = useYardEditor();
  const found = (fields: Parameters<typeof withFound>[1], key?: string): void => {
    put({ list: 'waters', item: withFound(water, fields) }, `Change ${water.name}`, key);
  };
  return (
    <div className={classes['two']}>
      <Ring
        water={water}
        set={set}
        onGrid={(grid) => {
          found({ grid: grid ? true : undefined });
        }}
      />
      <ChoiceField
        label="Conductor, 8 AWG"
        value={water.conductor ?? 'planned'}
        disabled={!canWrite}
        choices={CONDUCTORS}
        onChoose={(value) => {
          found({ conductor: value === 'planned' ? undefined : value });
        }}
      />
      <ChoiceField
        label="Buried connectors"
        value={water.connectors ?? 'planned'}
        disabled={!canWrite}
        choices={CONNECTORS}
        onChoose={(value) => {
          found({ connectors: value === 'planned' ? undefined : value });
        }}
      />
      <RangeField
        label="Taps to the shell, found"
        value={water.taps ?? null}
        disabled={!canWrite}
        range={TAPS}
        onValue={(taps, key) => {
          found({ taps: taps ?? undefined }, key);
        }}
      />
    </div>
  );
}
