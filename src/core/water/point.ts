/** A point in plan, feet. */
export type Point = readonly [x: number, y: number];
