import {
  applianceSchema,
  plateSchema,
  typedWords,
  type Appliance,
  type FamilyId,
} from '../../appliances/registry';
import { wholePlate } from '../../appliances/typedPlate';
import type { TypedFigures, TypedPlate } from '../../appliances/typedWords';
import { shapeOf, valuesOf } from '../../fields/shape';
import { firstProblem, type FieldProblem } from '../../job/zodProblem';
import type { WireSize } from '../../units/wireSize';
import { namedIn } from './families';
import { AS_NOTE } from './heardFigures';
import { Listener } from './listen';
import type { Figure, Measured, Said, Stretch, Unread } from './said';
import { tokensOf, type Token } from './tokens';

/** Another reading of a number that could be either. */
export interface OtherReading {
  /** The number that is read as the nameplate's in the place of the circuit's, amperes or the unit of the plate. */
  readonly value: number;
  readonly unit: 'A' | 'kW' | 'hp';
  /** The number as it was typed; the line that says it is the circuit, and the one that says it is the nameplate's. */
  readonly word: string;
  readonly asCircuit: string;
  readonly asPlate: string;
  readonly reading: Reading;
}

/** A circuit as a line says it, and what stands for what it does not say. */
export interface Reading {
  readonly family: FamilyId;
  /** The plate as far as it was said, and what stands for the rest. */
  readonly plate: TypedPlate;
  /** The appliance, or what is wrong with its plate. */
  readonly appliance: Appliance | FieldProblem;
  readonly stretches: readonly Stretch[];
  readonly material: 'cu' | 'al' | null;
  /** Rating of the circuit, where one was said or a bare number was taken for it. */
  readonly breakerA: number | null;
  readonly size: WireSize | null;
  readonly receptacle: string | null;
  readonly wires: 2 | 3 | 4 | null;
  readonly gfci: boolean | null;
  readonly room: string | null;
  readonly unread: readonly Unread[];
  readonly others: readonly OtherReading[];
}

/** What was read of a line: a circuit, or the words of a line that names no appliance. */
export type LineRead = Reading | { readonly family: null; readonly unread: readonly Unread[] };

/** Ratings of breakers that circuits are built with (240.6(A)): a bare number that is one of them is the circuit. */
const CIRCUITS_A = new Set([
  15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400,
]);

/** Families whose rating is that of their circuit: a further number counts them. */
const RATED: ReadonlySet<FamilyId> = new Set(['receptacle', 'rv', 'feeder']);
/** No outlet and no feeder is rated for less: it is how many. */
const LEAST_RATED_A = 10;
/** No branch circuit of a house is larger: a bare number beyond it is how far, amperes. */
const LARGEST_BRANCH_A = 125;
/** A welder is called by what it welds with: "a 250 amp welder" takes far less, amperes. */
const LARGEST_INPUT_A = 100;

/** Whether a figure cannot be a rating, whatever it is. */
const isNoRating = (family: FamilyId, { value, isAmps }: Figure): boolean =>
  isAmps ? family === 'welder' && value > LARGEST_INPUT_A : value > LARGEST_BRANCH_A && family !== 'feeder';

/** Families of which there may be several on a circuit. */
const COUNTED: ReadonlySet<FamilyId> = new Set(['receptacle', 'water-heater']);

/** Nominal voltages for what people call 110 and 220. */
const nominal = (volts: number): number =>
  volts < 130 ? 120 : volts > 200 && volts < 260 ? (volts === 208 ? 208 : 240) : volts;

/** Volts as the plates of a family bear them: a motor's 230 stays, a charger's is 240. */
function platedVolts(family: FamilyId, volts: number | undefined): number | undefined {
  if (volts === undefined || !('volts' in plateSchema(family).shape)) return volts;
  return valuesOf(shapeOf(plateSchema(family), 'volts').schema).includes(volts) ? volts : nominal(volts);
}

type Main = ReturnType<typeof typedWords>['main'];
type Growing = { -readonly [K in keyof TypedFigures]: TypedFigures[K] };

interface Settled {
  readonly typed: TypedFigures;
  readonly unread: readonly Unread[];
  /** Figures that the plate may have no field for, with where they stand. */
  readonly measured: Said['measured'];
  /** The number that was taken for the circuit though nobody said so. */
  readonly taken: Figure | undefined;
}

/** Figures that somebody spoke of. */
function labelled(typed: Growing, { label, value }: Figure): void {
  if (label === 'breaker') typed.breakerA = value;
  else if (label === 'mca') typed.mca = value;
  else if (label === 'mocp') typed.mocp = value;
  else typed.amps = value;
}

const asMain = (typed: Growing, main: Main, value: number): void => {
  typed[main] = value;
};

const placeOf = ({ token: { word, from, to } }: Figure) => ({ word, from, to });

const askedFeet = (figure: Figure): Unread => ({ ...placeOf(figure), suggestion: `${figure.value} ft` });

/** Says of each number what it is: the circuit where it is a breaker's rating, else the nameplate's, else how many. */
function settled(family: FamilyId, said: Said, against?: Figure): Settled {
  const { main, plated } = typedWords(family);
  const typed: Growing = { ...said.typed, volts: platedVolts(family, said.typed.volts) };
  const unread: Unread[] = [...said.unread];
  const measured = new Map(said.measured);
  let taken: Figure | undefined;
  for (const figure of said.figures) if (figure.label !== undefined) labelled(typed, figure);
  for (const figure of said.figures.filter(({ label }) => label === undefined)) {
    const { value, isAmps } = figure;
    if (
      figure === against ||
      (plated !== undefined && typed[plated] !== undefined && typed.amps === undefined)
    ) {
      asMain(typed, isAmps ? 'amps' : main, value);
    } else if (family === 'cooktop-oven' && !isAmps && typed.kw !== undefined && !CIRCUITS_A.has(value)) {
      typed.sum = [value, ...(typed.sum ?? [typed.kw])];
      measured.delete('kw');
    } else if (isNoRating(family, figure)) {
      unread.push(isAmps ? { ...placeOf(figure), suggestion: AS_NOTE } : askedFeet(figure));
    } else if (!isAmps && value < LEAST_RATED_A && RATED.has(family)) {
      if (COUNTED.has(family) && typed.count === undefined) typed.count = value;
      else unread.push(askedFeet(figure));
    } else if (CIRCUITS_A.has(value) && typed.breakerA === undefined && typed.mocp === undefined) {
      typed.breakerA = value;
      taken = figure;
    } else if (isAmps) {
      if (typed.amps === undefined) {
        typed.amps = value;
        measured.set('amps', figure.token);
      } else unread.push(askedFeet(figure));
    } else if (
      typed[main] === undefined &&
      !(main === 'amps' && typed.kw !== undefined) &&
      !(typed.breakerA !== undefined && (RATED.has(family) || CIRCUITS_A.has(value)))
    ) {
      asMain(typed, main, value);
    } else if (COUNTED.has(family) && typed.count === undefined) typed.count = value;
    else unread.push(askedFeet(figure));
  }
  if (typed.breakerA === undefined && typed.amps === undefined && typed.receptacle !== undefined)
    typed.breakerA = Number(/\d+$/.exec(typed.receptacle)?.[0]);
  return { typed, unread, measured, taken };
}

/** Figures that change nothing of a plate: it has no field for them. */
function unused(family: FamilyId, { measured, typed }: Settled): readonly Unread[] {
  const text = (of: TypedFigures): string => JSON.stringify(typedWords(family).plate(of));
  const whole = text(typed);
  // Left out it may come to the same by what stands for it; another figure would not.
  const isUnused = (key: Measured): boolean => {
    const value = typed[key];
    const others = typeof value === 'number' ? [undefined, value * 2] : [undefined];
    return others.every((other) => text({ ...typed, [key]: other }) === whole);
  };
  return [...measured].flatMap(([key, { word, from, to }]) =>
    !(key === 'phase' && typed.phase === 1) && isUnused(key) ? [{ word, from, to, suggestion: AS_NOTE }] : [],
  );
}

function readingOf(family: FamilyId, said: Said, settledFigures: Settled): Reading {
  const { typed, unread: unheard } = settledFigures;
  const plate = typedWords(family).plate(typed);
  const unread = [...unheard, ...unused(family, settledFigures)].toSorted((a, b) => a.from - b.from);
  const read = applianceSchema.safeParse({ family, nameplate: wholePlate(plate) });
  return {
    family,
    plate,
    appliance: read.success ? read.data : firstProblem(read.error),
    stretches: said.stretches,
    material: said.material,
    breakerA: typed.breakerA ?? null,
    size: said.size,
    receptacle: typed.receptacle ?? null,
    wires: typed.wires ?? (typed.neutral === undefined ? null : typed.neutral ? 4 : 3),
    gfci: said.gfci,
    room: typed.room ?? null,
    unread,
    others: [],
  };
}

const UNIT_OF: Readonly<Record<Main, OtherReading['unit']>> = { amps: 'A', mca: 'A', kw: 'kW', hp: 'hp' };

/** The other reading of a number that was taken for the circuit, where such a plate can be. */
function otherReadings(
  line: string,
  family: FamilyId,
  all: Said,
  { taken }: Settled,
): readonly OtherReading[] {
  if (taken === undefined || RATED.has(family)) return [];
  const reading = readingOf(family, all, settled(family, all, taken));
  if (!('family' in reading.appliance)) return [];
  const unit = taken.isAmps ? 'A' : UNIT_OF[typedWords(family).main];
  const { word, to } = taken.token;
  const saying = (what: string): string => `${line.slice(0, to)} ${what}${line.slice(to)}`;
  const amps = taken.isAmps ? '' : 'A ';
  const plate = taken.isAmps ? '' : `${unit} `;
  return [
    {
      value: taken.value,
      unit,
      word,
      asCircuit: saying(`${amps}circuit`),
      asPlate: saying(`${plate}${family === 'ev' ? 'output' : 'nameplate'}`),
      reading,
    },
  ];
}

const wordsOf = (tokens: readonly Token[]): readonly Unread[] =>
  tokens.flatMap(({ word, from, to, is }) =>
    is.kind === 'word' ? [{ word, from, to, suggestion: null }] : [],
  );

/**
 * Reads a circuit from a line as people type one: the appliance, its figures, and how it runs. Every word is used, or
 * stands among the unread with its place; one that is not understood never takes the answer away.
 */
export function readLine(line: string): LineRead {
  const tokens = tokensOf(line);
  const named = namedIn(tokens);
  if (named === undefined) return { family: null, unread: wordsOf(tokens) };
  const said = new Listener(tokens, named).said();
  const figures = settled(named.family, said);
  return {
    ...readingOf(named.family, said, figures),
    others: otherReadings(line, named.family, said, figures),
  };
}
