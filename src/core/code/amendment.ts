import type { WireSize } from '../units/wireSize';
import type { GroundFaultRuleId } from './groundFaultRules';
import type { MethodId, Environment } from './methods';
import type { Parameters } from './parameters';
import type { Location } from './locations';

/** Figures of a rule that a local amendment may set otherwise. */
const NUMBERS = {
  'continuous-factor': 'continuousFactor',
  'bend-limit': 'bendLimitDeg',
  'sink-distance': 'gfciSinkFt',
  'outdoor-outlet-amps': 'hardwiredGfciA',
  'ev-disconnect-over': 'evDisconnectOverA',
  'in-sight-distance': 'inSightFt',
  'pool-disconnect-distance': 'poolDisconnectFt',
} as const;

/** Name of a figure that an amendment may set. */
export type AmendedNumber = keyof typeof NUMBERS;

/** One change that a town, county or state makes to the adopted edition. */
export type AmendmentChange =
  | { readonly kind: 'smallest-copper'; readonly size: WireSize }
  | { readonly kind: AmendedNumber; readonly value: number }
  | { readonly kind: 'hvac-exempt-until'; readonly date: string }
  | { readonly kind: 'strike-gfci'; readonly rule: GroundFaultRuleId }
  | { readonly kind: 'require-gfci'; readonly room: Location }
  | { readonly kind: 'exempt-gfci'; readonly load: string }
  | { readonly kind: 'no-arc-fault' }
  | { readonly kind: 'forbid-method'; readonly method: MethodId; readonly place: Environment | 'anywhere' }
  | { readonly kind: 'requirement'; readonly text: string };

/** A local amendment laid over an edition, with where it was found and when. */
export interface Amendment {
  readonly id: string;
  readonly title: string;
  readonly source: string;
  /** Day it took effect, as YYYY-MM-DD. */
  readonly date: string;
  readonly changes: readonly AmendmentChange[];
}

/** What local amendments add to an edition besides its figures; each remembers the amendment that set it. */
export interface LocalRules {
  readonly struck: ReadonlyMap<GroundFaultRuleId, string>;
  readonly gfciRooms: readonly { readonly room: Location; readonly by: string }[];
  readonly exempt: readonly { readonly load: string; readonly by: string }[];
  readonly noArcFault: string | undefined;
  readonly forbidden: readonly {
    readonly method: MethodId;
    readonly place: Environment | 'anywhere';
    readonly by: string;
  }[];
  readonly requirements: readonly { readonly text: string; readonly by: string }[];
}

/** An edition without local amendments. */
export const NO_LOCAL_RULES: LocalRules = {
  struck: new Map(),
  gfciRooms: [],
  exempt: [],
  noArcFault: undefined,
  forbidden: [],
  requirements: [],
};

interface Laid {
  readonly parameters: Parameters;
  readonly local: LocalRules;
}

function changed({ parameters, local }: Laid, change: AmendmentChange, by: string): Laid {
  switch (change.kind) {
    case 'smallest-copper':
      return {
        local,
        parameters: {
          ...parameters,
          smallestCopper: { ...parameters.smallestCopper, value: change.size, by },
        },
      };
    case 'hvac-exempt-until':
      return {
        local,
        parameters: {
          ...parameters,
          hvacExemptUntil: { ...parameters.hvacExemptUntil, value: change.date, certain: true, by },
        },
      };
    case 'strike-gfci':
      return { parameters, local: { ...local, struck: new Map(local.struck).set(change.rule, by) } };
    case 'require-gfci':
      return { parameters, local: { ...local, gfciRooms: [...local.gfciRooms, { room: change.room, by }] } };
    case 'exempt-gfci':
      return { parameters, local: { ...local, exempt: [...local.exempt, { load: change.load, by }] } };
    case 'no-arc-fault':
      return { parameters, local: { ...local, noArcFault: by } };
    case 'forbid-method':
      return {
        parameters,
        local: {
          ...local,
          forbidden: [...local.forbidden, { method: change.method, place: change.place, by }],
        },
      };
    case 'requirement':
      return {
        parameters,
        local: { ...local, requirements: [...local.requirements, { text: change.text, by }] },
      };
    default: {
      const key = NUMBERS[change.kind];
      return { local, parameters: { ...parameters, [key]: { ...parameters[key], value: change.value, by } } };
    }
  }
}

/** Lays a local amendment over an edition's parameters and local amendments; each change remembers who made it. */
export const layAmendment = (current: Laid, { id, changes }: Amendment): Laid =>
  changes.reduce((laid, change) => changed(laid, change, id), current);
