import type { Box } from './picture/gray';

/** What a plate or a label tells, by the name that the trade has for it. */
export const MARKS = [
  'MCA',
  'MOCP',
  'volts',
  'phase',
  'hz',
  'hp',
  'kW',
  'amps',
  'outputAmps',
  'inputAmps',
  'RLA',
  'LRA',
  'FLA',
  'serviceFactor',
  'dutyPct',
  'I1max',
  'I1eff',
  'breakerA',
  'torqueLbIn',
  'wireRange',
  'gfciRequired',
  'terminalC',
  'busA',
  'mainA',
  'interruptingKA',
  'spaces',
  'breakerTypes',
] as const;

/** A mark of a plate. */
export type MarkName = (typeof MARKS)[number];

/** Sizes of wire from one to another. */
export interface WireRange {
  readonly from: string;
  readonly to: string;
}

/** A torque and the sizes of wire that it is for; null where the label names none. */
export interface Torque {
  readonly from: string | null;
  readonly to: string | null;
  readonly value: number;
}

/** A figure, two in the order of the plate, yes, sizes of wire, torques by size, or types of breakers. */
export type MarkValue =
  | number
  | boolean
  | readonly number[]
  | readonly string[]
  | WireRange
  | readonly Torque[];

/** One reading of a mark. */
export interface Reading {
  readonly mark: MarkName;
  readonly value: MarkValue;
  readonly unit: string | null;
  /** What is printed there, as it was read. */
  readonly text: string;
  readonly box: Box;
  /** How sure the recognizer is, 0 to 100. */
  readonly score: number;
  /** The row of a plate that has one for each voltage, from 0. */
  readonly row: number | null;
}

/** Whether two values are the same. */
export const isSameValue = (a: MarkValue, b: MarkValue): boolean => JSON.stringify(a) === JSON.stringify(b);
