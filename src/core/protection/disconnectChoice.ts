import type { Edition } from '../code/edition';
import type { GroundFaultForm } from '../code/groundFaultForms';
import { meets } from '../units/quantity';
import type { OutletFacts } from './outletFacts';

/** Kinds of disconnecting means. */
export type DisconnectKind = 'none' | 'plug' | 'lockable-breaker' | 'switch' | 'motor-switch' | 'enclosure';

/** The disconnecting means of an appliance. */
export interface DisconnectChoice {
  readonly required: boolean | 'ask';
  readonly kind: DisconnectKind;
  readonly ratingA: number | null;
  /** Whether it must be seen from the appliance and stand within 50 ft. */
  readonly inSight: boolean;
  /** Farthest from the appliance, and least from water, feet; null where no distance is asked. */
  readonly withinFt: number | null;
  readonly fromWaterFt: number | null;
}

const NONE: DisconnectChoice = {
  required: false,
  kind: 'none',
  ratingA: null,
  inSight: false,
  withinFt: null,
  fromWaterFt: null,
};
const PLUG: DisconnectChoice = { ...NONE, kind: 'plug', inSight: true };

/** Ratings that switches and enclosures are made in, amperes. */
const SWITCHES_A = [30, 60, 100, 200, 400] as const;

/** Up to 300 VA or 1/8 hp the branch device itself is enough (422.31(A)). */
const SMALL_VA = 300;

/** A switch of a rating no less than the load asks, and by practice no less than the branch device. */
const switchRating = (minA: number, ocpdA: number): number =>
  SWITCHES_A.find((each) => meets(each, Math.max(minA, ocpdA))) ?? Math.max(minA, ocpdA);

/** The disconnecting means that the article of an appliance asks for, by its load and how it is connected. */
export function disconnectChoice(
  { needs, load, ocpdA, fromSpaPanel, site }: OutletFacts,
  form: GroundFaultForm,
  { parameters }: Edition,
): DisconnectChoice {
  const { by, minA } = needs.disconnect;
  const withinFt = parameters.inSightFt.value;
  const ratingA = switchRating(minA, ocpdA);
  const plugged = load.connection === 'receptacle';
  switch (by) {
    case 'ask':
      return { ...NONE, required: 'ask' };
    case 'none':
    case 'room-ac':
      return plugged ? PLUG : NONE;
    case 'ev': {
      if (plugged) return PLUG;
      const required = load.equipmentA > parameters.evDisconnectOverA.value;
      return required ? { ...NONE, required, kind: 'lockable-breaker', ratingA: ocpdA } : NONE;
    }
    case 'appliance':
      if (plugged) return PLUG;
      return load.volts * load.equipmentA <= SMALL_VA
        ? NONE
        : { ...NONE, required: true, kind: 'lockable-breaker', ratingA: ocpdA };
    case 'welder':
      return plugged ? PLUG : { ...NONE, required: true, kind: 'switch', ratingA };
    case 'motor': {
      if (plugged) return PLUG;
      const seen = needs.disconnect.atController !== true;
      return {
        ...NONE,
        required: true,
        kind: 'motor-switch',
        ratingA,
        inSight: seen,
        withinFt: seen ? withinFt : null,
      };
    }
    case 'hermetic':
      return { ...NONE, required: true, kind: 'switch', ratingA, inSight: true, withinFt };
    case 'pool':
      if (plugged && (needs.kind !== 'spa' || site.plugDisconnect === true))
        return { ...PLUG, required: true, fromWaterFt: parameters.poolDisconnectFt.value };
      return {
        required: true,
        kind: form === 'spa-enclosure' || fromSpaPanel ? 'enclosure' : 'switch',
        ratingA,
        inSight: true,
        withinFt,
        fromWaterFt: parameters.poolDisconnectFt.value,
      };
    case 'building':
      return { ...NONE, required: true, kind: 'switch', ratingA };
  }
}
