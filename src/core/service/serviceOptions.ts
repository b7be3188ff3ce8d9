import { byRating } from '../price/byRating';
import { SETTINGS_A } from '../appliances/ev';
import type { Edition } from '../code/edition';
import type { ServiceTrigger } from '../code/parameters';
import type { Panel } from '../panel/panelSchema';
import type { PriceList } from '../price/priceList';
import { WIRE_SIZES, type WireSize } from '../units/wireSize';
import type { CircuitDemand } from './circuitDemand';
import { serviceVolts, type House } from './houseSchema';
import { ratingLimit, serviceConductorA } from './ratingLimit';
import { CONTINUOUS, spareAmps } from './serviceReport';

/** A way to make the load fit the service, tried before it is offered. */
export type ServiceOption =
  | {
      readonly kind: 'setting';
      readonly circuitId: string;
      readonly what: string;
      readonly settingA: number;
      readonly spareA: number;
      readonly cents: number;
    }
  | {
      readonly kind: 'management';
      readonly setpointA: number;
      readonly spareA: number;
      readonly cents: number;
    }
  | {
      readonly kind: 'sharing';
      readonly circuitId: string;
      readonly loadId: string;
      readonly what: string;
      readonly spareA: number;
      readonly cents: number;
    }
  | {
      readonly kind: 'service';
      readonly ratingA: number;
      readonly size: WireSize;
      readonly triggers: readonly ServiceTrigger[];
      readonly spareA: number;
      readonly cents: number;
    };

/** Ratings in which services of dwellings are made. */
export const SERVICE_A = [100, 125, 150, 200, 225, 300, 400] as const;

interface Question {
  readonly house: House;
  readonly panel: Panel | undefined;
  readonly additions: readonly CircuitDemand[];
  readonly code: Edition;
  readonly prices: PriceList;
}

/** Spare amperes of the chosen method under another house or other additions. */
function spare({ panel, code }: Question, house: House, additions: readonly CircuitDemand[]): number {
  return spareAmps(house, panel, additions, code) ?? -Infinity;
}

/** The largest setting of a charger with which the service still holds; null where none does. */
export function largestSetting(
  question: Question,
  charger: CircuitDemand,
): { readonly settingA: number; readonly spareA: number } | null {
  const volts = serviceVolts(question.house);
  for (const settingA of SETTINGS_A) {
    if (settingA * volts > charger.va) continue;
    const additions = question.additions.map((each) =>
      each === charger ? { ...each, va: settingA * volts } : each,
    );
    const spareA = spare(question, question.house, additions);
    if (spareA >= 0) return { settingA, spareA };
  }
  return null;
}

function settings(question: Question): readonly ServiceOption[] {
  return question.additions
    .filter(({ kind }) => kind === 'ev')
    .flatMap((charger): readonly ServiceOption[] => {
      const found = largestSetting(question, charger);
      if (found === null || found.settingA * serviceVolts(question.house) >= charger.va) return [];
      return [{ kind: 'setting', circuitId: charger.circuitId, what: charger.what, ...found, cents: 0 }];
    });
}

function management(question: Question): readonly ServiceOption[] {
  const { house, panel, additions, code, prices } = question;
  const limit = ratingLimit(house, panel, code).amps;
  if (limit === null || !additions.some(({ kind }) => kind === 'ev')) return [];
  const setpointA = Math.floor(limit / CONTINUOUS);
  const spareA = spare(question, { ...house, managedA: setpointA }, additions);
  return spareA >= 0 ? [{ kind: 'management', setpointA, spareA, cents: prices.service.management }] : [];
}

function sharing(question: Question): readonly ServiceOption[] {
  const { house, additions, prices } = question;
  const candidates = house.loads.filter(
    ({ kind, goes }) => goes !== true && (kind === 'range' || kind === 'dryer'),
  );
  return additions
    .filter(({ kind }) => kind === 'ev')
    .flatMap((charger) =>
      candidates.flatMap((load): readonly ServiceOption[] => {
        const pair = { circuitId: charger.circuitId, loadId: load.id };
        const spareA = spare(question, { ...house, sharing: pair }, additions);
        return spareA >= 0
          ? [
              {
                kind: 'sharing',
                ...pair,
                what: `${charger.what} and ${load.what}`,
                spareA,
                cents: prices.service.sharing,
              },
            ]
          : [];
      }),
    );
}

/** The smallest copper conductor of a service of this rating; undefined where none is large enough. */
export const serviceConductor = (ratingA: number, code: Edition): WireSize | undefined =>
  WIRE_SIZES.find((each) => {
    const carriesA = serviceConductorA(each, 'cu', code);
    return carriesA !== null && carriesA >= ratingA;
  });

/** What a new service brings with it (230.67, 230.85, 250.66, and the utility). */
const serviceTriggers = ({ parameters }: Edition): readonly ServiceTrigger[] =>
  parameters.serviceTriggers.value;

function upgrade(question: Question): readonly ServiceOption[] {
  const { house, panel, additions, code, prices } = question;
  for (const ratingA of SERVICE_A) {
    const size = serviceConductor(ratingA, code);
    if (size === undefined) continue;
    const bigger: House = { ...house, ratingA, meterA: null, conductor: { size, metal: 'cu' } };
    const spareA = spare(
      { ...question, panel: panel === undefined ? undefined : { ...panel, busA: null } },
      bigger,
      additions,
    );
    if (spareA < 0) continue;
    const cents = byRating(ratingA, prices.service.upgrade);
    return [{ kind: 'service', ratingA, size, triggers: serviceTriggers(code), spareA, cents }];
  }
  return [];
}

/**
 * Ways to make the load fit, in order of cost: a lower setting, load management, a sharing device, a larger
 * service with its conductors and what it brings with it. Each was tried with the method of the permit, and held.
 */
export function serviceOptions(question: Question): readonly ServiceOption[] {
  const { house, panel, additions, code } = question;
  const now = spareAmps(house, panel, additions, code);
  if (now === null || now >= 0) return [];
  return [settings, management, sharing, upgrade]
    .flatMap((options) => options(question))
    .toSorted((a, b) => a.cents - b.cents);
}
