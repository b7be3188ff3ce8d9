import { printNumber } from '../units/number';
import { refuse, type Refused } from '../units/refused';
import type { Point } from './point';

const PAIR = /^\(?\s*(-?\d+(?:\.\d+)?)\s*[, ]\s*(-?\d+(?:\.\d+)?)\s*\)?$/;

/** Points as they are typed: "16, 8; -16, 8". */
export const printPoints = (points: readonly Point[]): string =>
  points.map(([x, y]) => `${printNumber(x)}, ${printNumber(y)}`).join('; ');

/** "16, 8; -16, 8" as points, feet right and up; refuses fewer than a least number. */
export function parsePoints(text: string, least: number): [number, number][] | Refused {
  const accepts = `at least ${least} points, right and up in feet, such as 16, 8; -16, 8`;
  const parts = text.split(';').map((part) => part.trim());
  const points = parts.filter((part) => part !== '').map((part) => PAIR.exec(part));
  const read = points.map((pair): [number, number] => [Number(pair?.[1]), Number(pair?.[2])]);
  return read.length < least || read.some((pair) => pair.some(Number.isNaN)) ? refuse(text, accepts) : read;
}
