import { printNumber as n } from '../units/number';
import { celsius } from '../units/quantity';
import { printTemperature } from '../units/temperature';
import { printWireSize as size } from '../units/wireSize';
import type { AnyFinding, Finding, FindingCode } from '../working/finding';
import { inAmps, inPercent, methodName, placeName } from './words';

type Sentences = { readonly [C in FindingCode]: (finding: Finding<C>) => string };

/** One sentence for each finding. A finding without one does not compile. */
const SENTENCES: Sentences = {
  'load.nothing': () => 'The load is zero: read the amperes from the nameplate.',
  'load.setting-open': ({ data }) => `The ${n(data.settingA)} A setting counts only when a tool, lock or password guards it; sized for ${n(data.plateA)} A until then.`,
  'load.setting-edition': ({ data }) => `The ${data.year} edition does not speak of settings: sized for ${n(data.plateA)} A unless the maker's label and the authority accept ${n(data.settingA)} A.`,
  'load.setting-above-plate': ({ data }) => `The setting of ${n(data.settingA)} A is more than the ${n(data.plateA)} A on the plate.`,
  'load.managed': ({ data }) => `Load management to ${n(data.managedA)} A counts for the service; the circuit is sized for ${n(data.plateA)} A. Is the charger's own setting restricted too?`,
  'ocpd.below-load': ({ data }) => `The breaker is ${inAmps(data.ocpdA)}; this load asks for ${inAmps(data.needsA)}.`,
  'ocpd.above-ampacity': ({ data }) => `A ${n(data.ocpdA)} A breaker does not protect ${size(data.size)} ${methodName(data.method)}, which carries ${inAmps(data.carriesA)} here.`,
  'ocpd.above-mocp': ({ data }) => `The breaker is ${inAmps(data.ocpdA)}; the plate allows ${inAmps(data.mostA)} at most.`,
  'ocpd.none': ({ data }) => `${inAmps(data.needsA)} is more than the largest standard device, ${inAmps(data.largestA)}: split the load.`,
  'ocpd.not-standard': ({ data }) => `${inAmps(data.ocpdA)} is not a standard rating: is such a device made for this panel?`,
  'conductor.terminal-60c': ({ data }) => `${size(data.size)} ${methodName(data.method)} carries ${inAmps(data.carriesA)} in the 60 °C column; this load asks for ${inAmps(data.needsA)}.`,
  'conductor.too-small': ({ data }) => `${size(data.size)} ${methodName(data.method)} carries ${inAmps(data.carriesA)} here; it is asked to carry ${inAmps(data.needsA)}.`,
  'conductor.small-rule': ({ data }) => `${size(data.size)} takes a ${n(data.limitA)} A breaker at most, not ${inAmps(data.ocpdA)}.`,
  'conductor.none': ({ data }) => `No ${methodName(data.method)} is large enough for ${inAmps(data.needsA)} here; ${size(data.largest)} is the largest.`,
  'conductor.not-made': ({ data }) => `${methodName(data.method)} is not known to be made in ${size(data.size)} for this circuit.`,
  'conductor.below-local': ({ data }) => `${size(data.size)} is smaller than ${size(data.least)}, the least allowed here.`,
  'conductor.aluminum-ends': ({ data }) => `Are both ends, and every splice, marked for ${size(data.size)} aluminum?`,
  'conductor.too-hot': ({ data }) => `At ${printTemperature(celsius(data.ambientC))} the insulation of ${methodName(data.method)} may not be used.`,
  'terminal.unmarked': ({ data }) => `Are both terminals marked 75 °C? Until the marks are seen the 60 °C column holds: ${size(data.size)} instead of ${size(data.at75)}.`,
  'egc.too-small': ({ data }) => `The ground is ${size(data.has)}; a ${n(data.ocpdA)} A breaker asks for ${size(data.needs)}.`,
  'egc.not-upsized': ({ data }) => `The phases went from ${size(data.least)} to ${size(data.size)}, so the ground must be ${size(data.needs)}; it is ${size(data.has)}.`,
  'method.wet-location': ({ data }) => `${methodName(data.method)} may not be ${placeName[data.place]}: it is for dry places.`,
  'method.underground': ({ data }) => `${methodName(data.method)} may not be buried.`,
  'method.ask-listing': ({ data }) => `Is this ${methodName(data.method)} listed and protected for use ${placeName[data.place]}?`,
  'raceway.fill': ({ data }) => `${data.trade} ${methodName(data.method)} would be ${inPercent(data.fillPct, 1)} full; ${inPercent(data.limitPct)} is the most.`,
  'raceway.none': ({ data }) => `No ${methodName(data.method)} holds ${n(data.areaIn2)} in² of conductors.`,
  'raceway.jam': ({ data }) => `Three conductors may wedge in a bend of ${data.trade}: jam ratio ${n(data.ratio)}, between 2.8 and 3.2.`,
  'raceway.bends': ({ data }) => `${n(data.degrees)}° of bend between pull points; ${n(data.limit)}° is the most.`,
  'drop.branch': ({ data }) => `The drop is ${inPercent(data.dropPct)} (${n(data.dropV, 1)} V); ${inPercent(data.limitPct)} or less is advised, not required.`,
  'receptacle.rating-mismatch': ({ data }) => `The largest receptacle for this plug, ${data.config}, is rated ${inAmps(data.ratingA)}: too small for a ${n(data.ocpdA)} A circuit.`,
  'disconnect.ask': () => "Does the appliance's own article or its maker ask for a disconnect within sight?",
  'gfci.required': ({ data }) => `Ground-fault protection for personnel is required at this ${data.reason === 'receptacle' ? 'receptacle' : 'outlet'}: a ground-fault breaker is counted on.`,
  'gfci.contested': ({ data }) => `A hard-wired outlet ${placeName[data.place] === 'garage' ? 'in a garage' : placeName[data.place]} on ${inAmps(data.ocpdA)} asks for ground-fault protection; many makers advise against it. What does the authority say?`,
  'gfci.ask': () => 'Does the place, the appliance or its maker ask for ground-fault protection?',
  'afci.ask': () => 'Is the outlet in a room that asks for arc-fault protection?',
  'edition.unverified': ({ data }) => `The ${data.year} edition was not read: its figures are taken from 2023. Compare with the printed code.`,
}; // prettier-ignore

const sentence = <C extends FindingCode>(finding: Finding<C>): string => SENTENCES[finding.code](finding);

/** A finding in one sentence. */
export const findingSentence = (finding: AnyFinding): string => sentence(finding);
