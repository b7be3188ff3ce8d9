import { fieldsOf, type Field } from '../../fields/field';
import { UNITS } from '../../fields/units';
import { usualShell, type ShapeKind } from '../../water/freshYard';
import type { Water } from '../../water/yardSchema';
import { perimeterName, shellName, waterKindName } from '../waterWords';

const of = fieldsOf<Water>();

/** An outline as a list offers it. */
export const shapeName: Readonly<Record<ShapeKind, string>> = {
  rectangle: 'rectangle',
  circle: 'round',
  oval: 'oval: true ellipse',
  stadium: 'oval: round ends, straight sides',
  ell: 'L, by its corners',
  kidney: 'free, a curve through points',
};

/** What it is, what it is built of, and what lies around it. */
export const waterKindFields: readonly Field<Water>[] = [
  of.choice('kind', 'What it is', waterKindName, {
    put: (kind, water) => ({
      kind,
      shell: usualShell(kind),
      rimIn: kind === 'in-ground' ? 0 : water.rimIn,
    }),
  }),
  of.choice('shell', 'Built of', shellName),
  of.choice('perimeter', 'Around it, to 3 ft', perimeterName),
];

/** How deep it is, how high its rim stands, how it lies, and where. */
export const waterMeasureFields: readonly Field<Water>[] = [
  of.number('depthIn', 'Holds water, deep', UNITS.inches),
  of.number('rimIn', 'Rim above grade', UNITS.inches),
  of.number('uprights', 'Uprights of the wall', UNITS.none, { when: ({ shell }) => shell === 'metal-wall' }),
  of.number('turnDeg', 'Turned by', UNITS.degrees),
  of.yesNo('indoors', 'Indoors', { when: ({ kind }) => kind === 'in-ground' || kind === 'above-ground' }),
  of.yesNo('fountain', 'A fountain, or shares its water', { when: ({ kind }) => kind !== 'storable' }),
];

const isGrid = ({ grid }: Water): boolean => grid === true;

/** Where the ring lies or is to lie, and what of the bonding was found there. */
export const waterBondFields: readonly Field<Water>[] = [
  of.choice(
    'grid',
    'Surface bonded by',
    { false: 'ring', true: 'copper grid' },
    { unknown: null, get: isGrid, put: (grid) => ({ grid: grid === true ? true : undefined }) },
  ),
  of.number('ringOffIn', 'Ring off the wall', UNITS.inches),
  of.number('ringDeepIn', 'Ring below subgrade', UNITS.inches, { when: (water) => !isGrid(water) }),
  of.number('ringDeepIn', 'Grid below subgrade', UNITS.inches, { when: isGrid }),
  of.choice(
    'conductor',
    'Conductor, 8 AWG',
    { 'solid-8': 'found: solid', 'stranded-8': 'found: stranded', smaller: 'found: smaller' },
    { unknown: 'planned: solid' },
  ),
  of.choice(
    'connectors',
    'Buried connectors',
    { listed: 'found: listed', unlisted: 'found: not listed' },
    { unknown: 'planned: listed' },
  ),
  of.number('taps', 'Taps to the shell, found', UNITS.none),
];
