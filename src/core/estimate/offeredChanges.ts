import { SETTINGS_A } from '../appliances/ev';
import type { Circuit } from '../circuit/circuitSchema';
import { INSTEAD } from '../fixes/conductorFixes';
import type { CircuitEvaluation } from '../job/evaluation';
import type { JobEvaluation } from '../job/evaluateJob';
import type { OptionChange } from '../quote/optionChange';
import { SERVICE_A } from '../service/serviceOptions';
import { chosenAnswer } from '../service/serviceReport';

/** With less than this left on the service, ways to make more of it are suggested, amperes. */
const LITTLE_SPARE_A = 24;
/** Settings below the full output that an owner is asked about: a third less, as such chargers are mostly set. */
const MODEST_A = 32;

/** Ways to more room on the service. */
function ofService({ service, job }: JobEvaluation): readonly OptionChange[] {
  const limitA = service.report.limit.amps;
  if (limitA === null) return [];
  const larger = SERVICE_A.find((ratingA) => ratingA > (job.house.ratingA ?? limitA));
  return [
    ...(job.house.managedA === null ? [{ kind: 'management' } as const] : []),
    ...(larger === undefined ? [] : [{ kind: 'larger-service', ratingA: larger } as const]),
  ];
}

/** Settings of a charger below what it is planned at. */
function settingsOf({ appliance }: Circuit): readonly number[] {
  if (appliance.family !== 'ev') return [];
  const { outputAmps, settingA = outputAmps, connection } = appliance.nameplate;
  return connection === 'hardwired' ? SETTINGS_A.filter((each) => each < settingA) : [];
}

const at = (settingA: number, wireFor: 'setting' | 'full'): OptionChange => ({
  kind: 'charger',
  settingA,
  wireFor,
});

/** Forms of GFCI protection that may stand in the place of the one that is planned. */
function otherForms({ solved: { figures } }: CircuitEvaluation): readonly OptionChange[] {
  const { form } = figures.outlet.gfci;
  const config = figures.outlet.receptacle?.config;
  if (form === 'none' || form === 'dual-function') return [];
  const spa = figures.facts.needs.kind === 'spa';
  // A device with GFCI protection is made for 15 and 20 A at 125 V.
  const near = spa ? 'spa-enclosure' : config === '5-15' || config === '5-20' ? 'receptacle' : null;
  if (near === null) return [];
  return [{ kind: 'gfci', form: form === 'breaker' ? near : 'breaker' }];
}

const RANGE_A = [40, 50] as const;

function ofFamily(each: CircuitEvaluation): readonly OptionChange[] {
  const { circuit, solved } = each;
  switch (circuit.appliance.family) {
    case 'ev': {
      const modest = settingsOf(circuit).find((settingA) => settingA <= MODEST_A);
      return modest === undefined ? [] : [at(modest, 'setting'), at(modest, 'full')];
    }
    case 'rv':
      return [{ kind: 'trailer', amps: circuit.appliance.nameplate.amps === 30 ? 50 : 30 }];
    case 'range':
    case 'cooktop-oven': {
      const other = RANGE_A.find((ocpdA) => ocpdA !== solved.figures.ocpd.ratingA);
      return other === undefined ? [] : [{ kind: 'breaker', ocpdA: other }];
    }
    default:
      return otherForms(each);
  }
}

/** Other methods for the run, from cable to raceway or to another cable. */
function otherMethods({ circuit: { run } }: CircuitEvaluation): readonly OptionChange[] {
  const was = run[0]?.method;
  return INSTEAD.filter((method) => method !== was).map((method): OptionChange => ({
    kind: 'method',
    method,
  }));
}

/** Options of which only the first that breaks no rule is of use: the largest setting, the cheapest other method. */
export interface Suggested {
  readonly changes: readonly OptionChange[];
  readonly only: 'all' | 'first';
}

/** Options beside the plan that an owner is commonly asked about; none of what is there already. */
export function suggestedChanges(evaluation: JobEvaluation, each: CircuitEvaluation): readonly Suggested[] {
  if (each.circuit.existing !== null) return [];
  const spareA = chosenAnswer(evaluation.service.report, evaluation.job.house)?.spareA ?? null;
  const short = each.circuit.appliance.family === 'ev' && spareA !== null && spareA < LITTLE_SPARE_A;
  const stopped = each.solved.findings.some(({ severity }) => severity === 'stop');
  const settings = settingsOf(each.circuit).map((settingA) => at(settingA, 'setting'));
  return [
    ...(stopped
      ? ([
          { changes: settings, only: 'first' },
          { changes: otherMethods(each), only: 'first' },
        ] as const)
      : []),
    { changes: ofFamily(each), only: 'all' },
    ...(short && !stopped ? ([{ changes: ofService(evaluation), only: 'all' }] as const) : []),
  ];
}

/** Every option that may be put beside the plan of a circuit. */
export function possibleChanges(evaluation: JobEvaluation, each: CircuitEvaluation): readonly OptionChange[] {
  if (each.circuit.existing !== null) return [];
  const settings = settingsOf(each.circuit).flatMap((settingA) => [
    at(settingA, 'setting'),
    at(settingA, 'full'),
  ]);
  const own = ofFamily(each).filter(({ kind }) => kind !== 'charger');
  return [...own, ...settings, ...ofService(evaluation), ...otherMethods(each)];
}
