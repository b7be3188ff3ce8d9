import type { Edition } from '../code/edition';
import type { Working } from '../working/worked';
import { groundFaultSources, localRule, type GroundFaultSource } from './groundFaultSources';
import type { OutletFacts } from './outletFacts';
import type { GroundFaultForm } from '../code/groundFaultForms';

/** Past this the leakage of the cable itself may trip a device at its start, feet. */
const LONG_RUN_FT = 250;

/** Where the neutrals of a GFCI device go. */
export interface NeutralPath {
  /** The pigtail of a breaker goes to the neutral bar of its panel; a device has none. */
  readonly pigtail: 'bar' | 'none';
  /** The neutral of the load goes to the device, or there is none. */
  readonly load: 'device' | 'empty';
}

/** Whether GFCI protection is asked for, in which form, by which rules. */
export interface GroundFaultChoice {
  readonly required: boolean | 'ask';
  readonly form: GroundFaultForm;
  readonly sources: readonly GroundFaultSource[];
  readonly neutral: NeutralPath | null;
  /** Why this form: the reason that decided. */
  readonly reason: FormReason;
}

/** Why a form was taken. */
export type FormReason =
  | 'not-asked'
  | 'exempt'
  | 'planned'
  | 'two-pole'
  | 'over-20'
  | 'near-the-tub'
  | 'tub-without-neutral'
  | 'with-arc-fault'
  | 'at-hand'
  | 'hidden'
  | 'no-breaker-made'
  | 'house-panel'
  | 'house-breaker'
  | 'unknown';

/** Receptacle-type devices are made for 120 V and up to this. */
const RECEPTACLE_MOST_A = 20;

function formByRule(
  facts: OutletFacts,
  arcFault: boolean,
): { readonly form: GroundFaultForm; readonly reason: FormReason } {
  const { needs, load, ocpdA, site, practices } = facts;
  if (needs.kind === 'spa' && load.volts > 125 && load.connection === 'hardwired') {
    if (practices.tubDevice === 'panel' && site.panelGfci !== false)
      return { form: 'breaker', reason: 'house-panel' };
    // A device at the tub needs a neutral for its pigtail; a three-wire tub has none, so its breaker stays in the panel.
    return needs.usesNeutral || site.feedNeutral === true
      ? { form: 'spa-enclosure', reason: 'near-the-tub' }
      : { form: 'breaker', reason: 'tub-without-neutral' };
  }
  if (load.volts > 125 || ocpdA > RECEPTACLE_MOST_A) {
    return site.panelGfci === false
      ? { form: 'spa-enclosure', reason: 'no-breaker-made' }
      : { form: 'breaker', reason: load.volts > 125 ? 'two-pole' : 'over-20' };
  }
  if (site.panelGfci === false) return { form: 'dead-front', reason: 'no-breaker-made' };
  if (arcFault) return { form: 'dual-function', reason: 'with-arc-fault' };
  if (practices.groundFaultForm === 'breaker') return { form: 'breaker', reason: 'house-breaker' };
  if (load.connection === 'receptacle' && !needs.hidden) return { form: 'receptacle', reason: 'at-hand' };
  return { form: 'breaker', reason: 'hidden' };
}

const AT_PANEL: ReadonlySet<GroundFaultForm> = new Set(['breaker', 'dual-function']);
const WITH_PIGTAIL: ReadonlySet<GroundFaultForm> = new Set(['breaker', 'spa-enclosure', 'dual-function']);

function findSources(
  sources: readonly GroundFaultSource[],
  facts: OutletFacts,
  planned: boolean,
  code: Edition,
  work: Working,
): void {
  const place = facts.location;
  for (const { rule, cite, severity, by } of sources) {
    work.step(
      'gfci.source',
      cite,
      { rule, location: place, ocpdA: facts.ocpdA },
      severity,
      by === undefined ? {} : { by },
    );
    const exception = { until: code.parameters.hvacExemptUntil.value, year: code.year };
    switch (severity) {
      case 'contested':
        work.found('ask', 'gfci.contested', cite, { rule, location: place, ocpdA: facts.ocpdA });
        break;
      case 'ask':
        work.found('ask', 'gfci.ask', cite, { volts: facts.load.volts });
        break;
      case 'date':
        work.found('ask', 'gfci.hvac-date', cite, exception);
        break;
      case 'amendment':
        work.found('ask', 'gfci.hvac-amendment', cite, exception);
        break;
      case 'exempt':
        work.found('check', 'gfci.hvac-exempt', cite, exception);
        break;
      case 'must':
        work.found(planned ? 'note' : 'stop', 'gfci.required', cite, { rule, location: place });
    }
  }
}

/** The neutral path for a form, and the mistakes that were seen in it. */
function neutralPath(form: GroundFaultForm, { needs, site }: OutletFacts, work: Working): NeutralPath | null {
  if (form === 'none') return null;
  const path: NeutralPath = {
    pigtail: WITH_PIGTAIL.has(form) ? 'bar' : 'none',
    load: needs.usesNeutral ? 'device' : 'empty',
  };
  work.step('gfci.neutral', 'gfci.neutral', { usesNeutral: needs.usesNeutral, form }, path.load);
  if (form === 'spa-enclosure' && !needs.usesNeutral && site.feedNeutral !== true) {
    work.found('stop', 'gfci.neutral-missing', 'gfci.neutral', { form });
  }
  if (needs.usesNeutral && site.loadNeutral === 'bar')
    work.found('stop', 'gfci.neutral-bypassed', 'gfci.neutral', { form });
  if (site.lineLoad === 'swapped') work.found('stop', 'gfci.line-load-reversed', 'gfci.neutral', { form });
  return path;
}

/**
 * GFCI protection of one outlet: every rule that asks for it, the form by rule first and then by
 * reach and cost, and the path of its neutrals. A load of which nothing is known is asked about.
 */
export function groundFault(
  facts: OutletFacts,
  arcFault: boolean,
  code: Edition,
  work: Working,
): GroundFaultChoice {
  const { needs, load, ocpdA, site } = facts;
  const { asked: sources, lifted } = groundFaultSources(facts, code);
  for (const { rule, cite, by } of lifted) {
    work.step('gfci.source', cite, { rule, location: facts.location, ocpdA }, 'lifted', {
      by: localRule(by),
    });
  }
  const asked = sources.some(({ severity }) => severity === 'must' || severity === 'contested');
  const open = sources.some(({ severity }) => severity !== 'exempt');
  if (needs.kind === 'other' && sources.length === 0) {
    work.step('gfci.rule', 'gfci.place', { volts: load.volts, ocpdA }, 'ask');
    work.found('ask', 'gfci.ask', 'gfci.place', { volts: load.volts });
    return { required: 'ask', form: 'none', sources, neutral: null, reason: 'unknown' };
  }
  const planned = site.groundFault !== 'none';
  findSources(sources, facts, planned, code, work);
  const byRule = open
    ? formByRule(facts, arcFault)
    : {
        form: 'none' as const,
        reason: sources.length === 0 ? ('not-asked' as const) : ('exempt' as const),
      };
  const { form, reason } =
    site.groundFault === undefined ? byRule : { form: site.groundFault, reason: 'planned' as const };
  if (AT_PANEL.has(form) && facts.runFt > LONG_RUN_FT) {
    work.found('check', 'gfci.long-run', 'gfci.neutral', { ft: facts.runFt, maxFt: LONG_RUN_FT });
  }
  work.step('gfci.rule', sources[0]?.cite ?? 'gfci.place', { volts: load.volts, ocpdA }, form);
  return {
    required: asked ? true : open ? 'ask' : false,
    form,
    sources,
    neutral: neutralPath(form, facts, work),
    reason,
  };
}
