import { z } from 'zod';
import { dateOf, dayNumber } from '../units/civilDay';
import { isSetTo } from './torqueRecord';

/** How the simulated torque driver may be asked to behave: as such tools do, well and badly. */
export const DRIVER_MOODS = ['none', 'short', 'metric', 'overdue', 'contradictory'] as const;
/** A behavior of the simulated torque driver. */
export type DriverMood = (typeof DRIVER_MOODS)[number];

/** What a torque driver sends after a turn: what it was set to, what it came to, and whether it let go there. */
export const driverAnswerSchema = z.object({
  tool: z.string().max(40),
  calibrated: z.iso.date(),
  unit: z.enum(['lb-in', 'N·m']),
  set: z.number().positive(),
  reached: z.number().positive(),
  released: z.boolean(),
});

/** What a torque driver sends after a turn. */
export type DriverAnswer = z.infer<typeof driverAnswerSchema>;

/** Pound-inches of a newton-meter. */
const LB_IN_PER_NM = 8.8507;
const TOOL = 'T-14 (made up)';
/** A driver is calibrated every year. */
const CALIBRATED_DAYS = 365;
const RECENT_DAYS = 90;
/** One that is turned too little, and one that sends another terminal's figure. */
const SHORT = 0.8;
const FAR = 1.5;

const rounded = (value: number): number => Math.round(10 * value) / 10;

/** The answer of a simulated driver that was set to so many pound-inches. */
export function driverAnswer(mood: DriverMood, setLbIn: number, today: string): DriverAnswer {
  const age = mood === 'overdue' ? CALIBRATED_DAYS + RECENT_DAYS : RECENT_DAYS;
  const reached = mood === 'short' ? SHORT * setLbIn : mood === 'contradictory' ? FAR * setLbIn : setLbIn;
  const per = mood === 'metric' ? LB_IN_PER_NM : 1;
  return {
    tool: TOOL,
    calibrated: dateOf(dayNumber(today) - age),
    unit: mood === 'metric' ? 'N·m' : 'lb-in',
    set: rounded(setLbIn / per),
    reached: rounded(reached / per),
    released: mood !== 'short',
  };
}

/** What of an answer is kept: pound-inches, or why none are. */
export type TakenTorque =
  | { readonly lbIn: number; readonly overdue: boolean; readonly tool: string }
  | { readonly refused: 'short' | 'other-setting'; readonly lbIn: number };

/**
 * The torque of an answer for a terminal that wants so many pound-inches.
 *
 * A tool that did not let go has not reached its setting; one that came to something else was set for another screw.
 * Neither is kept.
 */
export function takenTorque(answer: DriverAnswer, wantedLbIn: number, today: string): TakenTorque {
  const lbIn = rounded(answer.reached * (answer.unit === 'N·m' ? LB_IN_PER_NM : 1));
  if (!answer.released) return { refused: 'short', lbIn };
  if (!isSetTo(lbIn, wantedLbIn)) return { refused: 'other-setting', lbIn };
  return {
    lbIn: Math.round(lbIn),
    overdue: dayNumber(today) - dayNumber(answer.calibrated) > CALIBRATED_DAYS,
    tool: answer.tool,
  };
}
