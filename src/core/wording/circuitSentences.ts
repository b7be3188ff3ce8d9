import { printNumber as n } from '../units/number';
import { printDay } from '../units/day';
import { celsius } from '../units/quantity';
import { printTemperature } from '../units/temperature';
import { printWireSize as size } from '../units/wireSize';
import type { circuitCatalog } from '../findings/circuitCatalog';
import type { OwnArticle } from '../code/ownArticles';
import { disconnectName, inLocation, occupancyName, ruleWords } from './places';
import { standingSentences } from './standingSentences';
import {
  capital,
  counted,
  inAmps,
  inPercent,
  inEnvironment,
  metalName,
  methodName,
  environmentName,
} from './words';
import type { Sentences } from './sentences';

const ARTICLE: Readonly<Record<OwnArticle, string>> = {
  motor: 'Article 430',
  hermetic: 'Article 440',
  welder: 'Article 630',
};

/** A word of a list by its key, or the key itself. */
const words = (list: Readonly<Record<string, string>>, key: string): string => list[key] ?? key;

/** What a disconnect has before it. */
const CLEAR = ' The space before it is clear, 30 in wide and 36 in deep, the handle 6 ft 7 in high at most.';

/** Sentences of findings about the figures of a circuit. */
export const circuitSentences: Sentences<keyof typeof circuitCatalog> = {
  'load.nothing': () => 'The load is zero: read the amperes from the nameplate.',
  'load.house-voltage': ({ data }) =>
    `The house has 120/${n(data.houseV)} V: figured at ${n(data.volts)} V. Read the nameplate at ${n(data.houseV)} V, and take its current and power from there.`,
  'load.setting-open': ({ data }) =>
    `The ${n(data.settingA, 1)} A setting counts only when access to it is restricted (tool cover, locked door or password) and the label shows it; sized for ${n(data.plateA, 1)} A until then.`,
  'load.setting-means': ({ data }) =>
    `What restricts the ${n(data.settingA, 1)} A setting: a tool cover, a locked door or a password? The label must show the adjusted rating.`,
  'load.setting-plugged': ({ data }) =>
    `A setting counts for a hardwired charger only: with a plug the circuit is sized for ${n(data.plateA, 1)} A, not ${n(data.settingA, 1)} A. A listed plug adapter that sets the current is that plug's rating.`,
  'load.plug-adapter': ({ data }) =>
    `Is the adapter listed with the charger, and does it limit ${n(data.plateA, 1)} A to ${n(data.adapterA, 1)} A by itself? Sized for ${n(data.adapterA, 1)} A.`,
  'load.setting-edition': ({ data }) =>
    `The ${data.year} edition says nothing of settings. Do the label and the authority accept ${n(data.settingA, 1)} A? Sized for ${n(data.plateA, 1)} A until then.`,
  'load.setting-above-plate': ({ data }) =>
    `The setting of ${n(data.settingA, 1)} A is more than the ${n(data.plateA, 1)} A on the nameplate.`,
  'load.individual-circuit': ({ data }) =>
    `${counted(data.units, 'charger')} on one circuit: each has a circuit of its own unless load management keeps them under one limit.`,
  'load.shared-limit': ({ data }) =>
    `Are the ${counted(data.units, 'charger')} listed to share one circuit, and does access to the ${n(data.sharedA, 1)} A limit stay restricted? Sized for ${n(data.sharedA, 1)} A together.`,
  'load.managed': ({ data }) =>
    `Load management to ${n(data.managedA, 1)} A counts for the service; the circuit is sized for ${n(data.plateA, 1)} A. Is the charger's own setting restricted too?`,
  'load.plate-missing': ({ data }) =>
    `Read the ${data.field} from the nameplate; ${inAmps(data.usedA)} is taken until then.`,
  'load.by-breaker': ({ data }) =>
    `Read as a nameplate breaker of ${inAmps(data.breakerA)}. What current is on the nameplate? ${inAmps(data.usedA)} is taken until then.`,
  'load.plate-contradiction': ({ data }) =>
    `The nameplate contradicts itself: MOCP ${n(data.mocp, 1)} A is below MCA ${inAmps(data.mca)}. Ask the manufacturer.`,
  'load.subdivide': ({ data }) =>
    `${n(data.amps, 1)} A on one device: a heater is subdivided by its manufacturer into parts of ${n(data.maxA, 1)} A or less.`,
  'load.own-circuit': ({ data }) =>
    `${n(data.amps, 1)} A is more than half of a shared 20 A circuit (${n(data.maxA, 1)} A): the air conditioner has a circuit of its own.`,
  'load.maker-circuits': ({ data }) =>
    `How many circuits, and which breakers, are on the nameplate of the tankless heater? They are followed. ${n(data.amps, 1)} A is taken as continuous until then.`,
  'load.too-many-units': ({ data }) =>
    `Note 4 covers one cooktop and two ovens, not ${n(data.units)} units: their nameplates are added. Does the authority accept them on one circuit?`,
  'load.taps': () => 'Taps to each unit: 20 A minimum, sized for it, only as long as needed for servicing.',
  'load.fuse-only': ({ data }) =>
    `The label requires fuses of ${n(data.mocp, 1)} A at most: a breaker alone is not enough.`,
  'motor.not-in-table': ({ data }) =>
    `No table has a motor of ${n(data.hp)} hp at ${n(data.volts)} V. Ask the manufacturer for its current and circuit.`,
  'motor.fla-used-for-flc': ({ data }) =>
    `Nameplate: ${inAmps(data.plateA)}. Conductor and breaker are sized by the table, ${inAmps(data.flcA)}.`,
  'motor.listed-appliance': ({ data }) =>
    `Part of a listed appliance marked in horsepower and amperes? Yes: the ${inAmps(data.plateA)} of the nameplate count. No: the ${inAmps(data.flcA)} of the table. Until then conductor and disconnect carry the larger, the breaker is limited by the smaller.`,
  'motor.plate-above-table': ({ data }) =>
    `Nameplate: ${inAmps(data.plateA)}, more than the ${inAmps(data.flcA)} of the table. Is it built for low speed or high torque? Then the nameplate is used.`,
  'welder.only': ({ data }) =>
    `Wired by its duty, this ${n(data.ratingA, 1)} A outlet is for the welder only: label it so.`,
  'ocpd.range-least': ({ data }) =>
    `A household range of 8-3/4 kW or more has ${inAmps(data.leastA)} at least; the breaker is ${inAmps(data.ocpdA)}. Use ${inAmps(data.leastA)} with its conductors.`,
  'conductor.spacing': ({ data }) =>
    `Is spacing kept between this cable and ${data.with.join(', ')} along the trench? No, or not looked at: ${n(data.count)} current-carrying conductors count together. Yes: they do not.`,
  'ends.ground-not-landed': () =>
    'The equipment ground is not landed at every end: metal stays live on a fault. Leave it off until it is landed.',
  'ends.spare-open': () =>
    'An unused conductor is not capped at both ends. Leave it off; off, locked, proved dead: cap it at both.',
  'ends.ground-screw': ({ data }) =>
    data.screw === 'sheet-metal'
      ? 'A sheet-metal screw does not fasten a ground or a bond. Use a machine screw with two threads or a nut.'
      : 'The screw of a ground or a bond holds in fewer than two threads and has no nut. Use one with two threads or a nut.',
  'spa.first-power': () =>
    'Fill before power. Nobody in the water at first power, at the GFCI test, at a live reading. A used tub: look at cord, terminals, corrosion and jumpers first. On a deck: who answered for its structure?',
  'rv30.not-240': ({ severity }) =>
    severity === 'ask'
      ? 'Found on two poles: 120 V or 240 V at the outlet? Plug in nothing before L to N reads 120 V.'
      : 'A 30 A trailer outlet is 120 V: a two-pole breaker would put 240 V on the trailer and destroy it.',
  'feeder.four-wires': () =>
    'A new feeder to a subpanel has four wires: the equipment ground is separate from the neutral.',
  'feeder.dwelling': () =>
    'Is the building a one-family dwelling? Yes: its disconnect is rated 100 A at least. No: 60 A, or less with one or two circuits.',
  'feeder.electrode': ({ severity }) =>
    severity === 'stop'
      ? 'The detached building requires a grounding electrode at its disconnect.'
      : 'Has the detached building a grounding electrode? One is required at its disconnect.',
  'panel.neutral-ground-mixed': () =>
    'The bonding screw of the subpanel is in: a new feeder has four wires and its bars are separate. In an existing panel the bond stays until the ground is run: feeder off, locked, proved dead; run the ground, separate the bars, then take the screw out.',
  'ocpd.below-load': ({ data }) => `The breaker is ${inAmps(data.ocpdA)}; ${inAmps(data.needsA)} required.`,
  'ocpd.label-below-125': ({ data }) =>
    `The label names a ${n(data.ocpdA, 1)} A breaker for ${inAmps(data.loadA)}: less than 125 %, ${inAmps(data.needsA)}. Does the manufacturer confirm it? The label is followed.`,
  'ocpd.above-ampacity': ({ data }) =>
    `A ${n(data.ocpdA, 1)} A breaker does not protect ${size(data.size)} ${methodName(data.method)}, which carries ${inAmps(data.carriesA)} here.`,
  'ocpd.above-mocp': ({ data }) =>
    data.by === 'plate'
      ? `The breaker is ${inAmps(data.ocpdA)}; nameplate maximum: ${inAmps(data.maxA)}.`
      : `The breaker is ${inAmps(data.ocpdA)}; the article allows ${inAmps(data.maxA)} at most.`,
  'ocpd.none': ({ data }) =>
    `${inAmps(data.needsA)} is more than the largest standard device, ${inAmps(data.largestA)}: split the load.`,
  'ocpd.start-exception': ({ data }) =>
    `${inAmps(data.ocpdA)} is above the usual ${inAmps(data.usualA)}. Did the motor fail to start on it? Only then may the breaker be larger, ${inAmps(data.maxA)} at most.`,
  'ocpd.not-standard': ({ data }) =>
    `${inAmps(data.ocpdA)} is not a standard rating: is such a device made for this panel?`,
  'ocpd.multi-outlet': ({ data }) =>
    `With several receptacles a ${n(data.ocpdA, 1)} A breaker may not exceed the ${inAmps(data.carriesA)} of ${size(data.size)}.`,
  'conductor.below-breaker': ({ data }) =>
    `The breaker is larger than the ${inAmps(data.carriesA)} of the conductor, as ${ARTICLE[data.article]} allows.`,
  'conductor.below-practice': ({ data }) =>
    data.why === 'pool'
      ? `${size(data.size)} is smaller than ${size(data.min)}: practice for the hots of a pool circuit, no rule; its ground is 12 AWG at least.`
      : `${size(data.size)} is smaller than ${size(data.min)}, the shop’s practice for this circuit.`,
  'conductor.lug-range': ({ data }) =>
    `${size(data.size)} does not fit the lug, which takes ${data.min || 'any'} to ${data.max || 'any'} AWG: splice to a pigtail in a box, or take another lug.`,
  'conductor.terminal-60c': ({ data }) =>
    `${size(data.size)} ${methodName(data.method)} carries ${inAmps(data.carriesA)} in the 60 °C column; ${inAmps(data.needsA)} required.`,
  'conductor.too-small': ({ data }) =>
    `${size(data.size)} ${methodName(data.method)} carries ${inAmps(data.carriesA)} here; ${inAmps(data.needsA)} required.`,
  'conductor.practice': ({ data }) =>
    `Shop practice wires to the breaker: ${size(data.size)} carries ${inAmps(data.carriesA)}, the breaker is ${inAmps(data.ocpdA)}. MCA alone would allow it.`,
  'conductor.small-rule': ({ data }) =>
    `240.4(D): ${size(data.size)} takes a ${n(data.limitA, 1)} A breaker at most, not ${inAmps(data.ocpdA)}.`,
  'conductor.none': ({ data }) =>
    `No ${metalName[data.metal]} ${methodName(data.method)} carries ${inAmps(data.needsA)} here; ${size(data.largest)} is the largest in the tables.`,
  'conductor.not-in-tables': ({ data }) =>
    `${capital(metalName[data.metal])} ${methodName(data.method)} with ${data.wires} insulated conductors is not in Pasture's tables.`,
  'conductor.not-made': ({ data }) =>
    `${methodName(data.method)} is not known to be made in ${size(data.size)} for this circuit.`,
  'conductor.cable-wires': ({ data }) =>
    `The ${methodName(data.method)} on hand has ${data.has} insulated conductors; ${data.needs} required.`,
  'conductor.below-local': ({ data }) =>
    `${size(data.size)} is smaller than ${size(data.min)}, the least allowed here.`,
  'conductor.aluminum-ends': ({ data }) =>
    `Are both ends, and every splice, marked for ${size(data.size)} aluminum?`,
  'conductor.short-part': ({ data }) =>
    `${n(data.lengthFt, 1)} ft of lower ampacity are no more than the ${n(data.allowedFt, 1)} ft allowed: the rest of the run decides.`,
  'conductor.too-hot': ({ data }) =>
    `At ${printTemperature(celsius(data.ambientC))} the insulation of ${methodName(data.method)} may not be used.`,
  'terminal.unmarked': ({ data }) =>
    `Are both terminals marked 75 °C? Until the marks are seen the 60 °C column counts: ${size(data.size)} instead of ${size(data.at75)}.`,
  'egc.too-small': ({ data }) =>
    `The ground is ${size(data.has)}; a ${n(data.ocpdA, 1)} A breaker requires ${size(data.needs)}.`,
  'egc.not-upsized': ({ data }) =>
    `The phases went from ${size(data.min)} to ${size(data.size)}, so the ground must be ${size(data.needs)}; it is ${size(data.has)}.`,
  'egc.raised-by-floor': ({ data }) =>
    `${size(data.size)} aluminum is larger than the ${size(data.min)} that would carry the load, so the ground is raised in proportion to ${size(data.needs)}; ${size(data.has)} by the table alone. From 2020 on a qualified person may show that the smaller one clears a fault.`,
  'egc.aluminum': ({ data }) =>
    `The ground in ${methodName(data.method)} is aluminum; a pool or spa requires copper. Does the authority accept it indoors?`,
  'egc.insulated': ({ data }) =>
    `${methodName(data.method)} ${environmentName[data.place]} has a bare ground: a pool or spa circuit there requires insulated copper.`,
  'method.forbidden': ({ data }) =>
    `A local amendment forbids ${methodName(data.method)} ${inEnvironment(data.place)}.`,
  'method.wet-location': ({ data }) =>
    `${methodName(data.method)} may not run ${inEnvironment(data.place)}: it is for dry locations.`,
  'method.underground': ({ data }) => `${methodName(data.method)} may not be buried.`,
  'method.corrosive': ({ data }) =>
    `${methodName(data.method)} may not be where the air is corrosive, as at pool chemicals.`,
  'method.ask-listing': ({ data }) =>
    `Is this ${methodName(data.method)} listed and protected for use ${environmentName[data.place]}?`,
  'raceway.fill': ({ data }) =>
    `${data.trade} ${methodName(data.method)} would be ${inPercent(data.fillPct, 1)} full; ${inPercent(data.limitPct)} is the most.`,
  'raceway.none': ({ data }) =>
    `No ${methodName(data.method)} is large enough for ${n(data.areaIn2)} in² of conductors.`,
  'raceway.jam': ({ data }) =>
    `Three conductors may wedge in a bend of ${data.trade}: jam ratio ${n(data.ratio)}, between 2.8 and 3.2.`,
  'raceway.bends': ({ data }) =>
    `${n(data.degrees)}° of bend between pull points; ${n(data.limit)}° is the most.`,
  'drop.branch': ({ data }) =>
    `Voltage drop is ${inPercent(data.dropPct, 1)} (${n(data.dropV, 1)} V); ${inPercent(data.limitPct, 1)} or less is advised, not required.`,
  'drop.motor-start': ({ data }) =>
    `Starting current of ${n(data.startA, 0)} A drops the voltage by ${inPercent(data.dipPct, 1)}; ${inPercent(data.maxPct)} or less is good practice.`,
  'receptacle.rating-mismatch': ({ data }) =>
    data.motor === true
      ? `The largest plug of a motor at these volts is a ${data.config}, ${inAmps(data.ratingA)}, and 125 % of its current is more: hardwire it, or run it at 240 V.`
      : `The largest receptacle for this plug, ${data.config}, is rated ${inAmps(data.ratingA)}: too small for a ${n(data.ocpdA, 1)} A circuit.`,
  'receptacle.config-mismatch': ({ data }) =>
    data.why === 'volts'
      ? `Volts: a ${data.config} is not made for ${n(data.volts)} V.`
      : `Shape: a ${data.plug} plug does not enter a ${data.config} receptacle.`,
  'receptacle.near-water': ({ data }) =>
    `The receptacle is ${n(data.ft, 1)} ft from the water along the cord path: ${n(data.minFt)} ft or more is required, with GFCI too.`,
  'receptacle.from-water': ({ data }) =>
    `How far is the receptacle from the inside wall of the water, along the cord path? ${n(data.minFt)} ft or more is required.`,
  'receptacle.no-neutral': ({ data }) =>
    `A new ${data.config} has four wires: its neutral is run too. Three wires take a 6-30 or 6-50.`,
  'receptacle.which-plug': () =>
    'Which plug has the charger? 14-30 or 14-50: four wires, neutral run. 6-30 or 6-50: three wires. A 14-50 is planned until then.',
  'disconnect.plug-tub': ({ data }) =>
    `Is the plug in sight of the tub, readily accessible and ${n(data.minFt)} ft or more from the water? Yes: the plug is the disconnect. No: a switch there, as it is planned.`,
  'disconnect.plug-hp': ({ data }) =>
    `Is the ${data.config} rated for ${n(data.hp)} hp? About ${n(data.plugHp)} hp is usual. Yes: the plug is the disconnect. No: a breaker or motor-rated switch in sight, or hardwired.`,
  'receptacle.no-ground': ({ data }) =>
    `A ${data.config} has no ground: it is never new, and never for a vehicle.`,
  'receptacle.unknown': ({ data }) => `Which receptacle is "${data.config}"? Its ratings are not known.`,
  'disconnect.ask': () =>
    'Does the code article of the appliance, or its manufacturer, require a disconnect within sight?',
  'gfci.required': ({ data, severity }) =>
    `GFCI protection is required: ${ruleWords[data.rule]}.${severity === 'stop' ? ' None is planned.' : ''}`,
  'gfci.hvac-date': ({ data }) =>
    `Permit applied for before ${printDay(data.until)}? Yes: the HVAC exception of 210.8(F) applies (${data.year} edition), no GFCI. No: GFCI breaker.`,
  'gfci.hvac-amendment': ({ data }) =>
    `Did the authority adopt the amendment to the ${data.year} edition that exempts HVAC with power conversion until ${printDay(data.until)}? Yes: no GFCI. No: GFCI breaker.`,
  'gfci.hvac-exempt': ({ data }) =>
    `No GFCI: this rests on the exception of 210.8(F) for listed HVAC equipment, which ends ${printDay(data.until)} (${data.year} edition). Whether the permit date or the installation date counts, the authority decides.`,
  'gfci.contested': ({ data }) =>
    `A hardwired outlet ${inLocation(data.location)} on ${inAmps(data.ocpdA)} requires GFCI protection; many manufacturers advise against it. What does the authority say?`,
  'disconnect.missing': ({ data }) =>
    `A disconnect is required and none is planned: ${words(disconnectName, data.kind)}.`,
  'disconnect.out-of-sight': ({ data }) =>
    data.ft === null
      ? 'The disconnect is not in sight of the equipment.'
      : `The disconnect is not in sight: it is ${n(data.ft, 1)} ft away, and in sight means visible and within ${n(data.maxFt)} ft.`,
  'disconnect.not-lockable': () =>
    'The breaker is not in sight, and its lock hardware does not stay on it: one of the two is required, or a unit switch with a marked off position beside another means.',
  'disconnect.lock-or-sight': () =>
    'Is the breaker in sight of the appliance, or does its lock hardware stay on it with the lock off? Either is enough.',
  'disconnect.too-near-water': ({ data }) =>
    `The disconnect is ${n(data.ft, 1)} ft from the water; ${n(data.minFt)} ft is the least.`,
  'disconnect.inside-wall': ({ data }) =>
    `The outer edge is ${n(data.ft, 1)} ft from the disconnect: how far is the inside wall? ${n(data.minFt)} ft or more, or a permanent barrier with a path as long, is required.`,
  'disconnect.place': ({ data }) =>
    data.waterFt > 0
      ? `Where is the disconnect? In sight, within ${n(data.maxFt)} ft of the equipment, ${n(data.waterFt)} ft or more from the water.${CLEAR}`
      : `Where is the disconnect? In sight, within ${n(data.maxFt)} ft.${CLEAR}`,
  'disconnect.rating': ({ data }) =>
    `The disconnect is rated ${inAmps(data.ratingA)}; ${inAmps(data.minA)} is the least.`,
  'disconnect.spa-emergency': ({ data }) =>
    `In a ${occupancyName[data.occupancy]} a tub requires a labeled emergency shutoff, in sight and 5 ft or more from it. None is planned.`,
  'gfci.long-run': ({ data }) =>
    `${n(data.ft)} ft behind a GFCI breaker may trip it by leakage alone; manufacturers often name ${n(data.maxFt)} ft. Put the device near the load.`,
  'load.spa-pair': ({ data }) =>
    data.planned
      ? `A 20 A and a 30 A GFCI breaker in the spa panel, on this ${n(data.feederA, 1)} A feed: both circuits are planned.`
      : `The manufacturer requires a 20 A and a 30 A GFCI breaker: both in the spa panel, on this ${n(data.feederA, 1)} A feed, each with a circuit of its own to the tub.`,
  'load.pair-diagram': ({ data }) =>
    `Is the ${n(data.breakerA, 1)} A circuit of the pumps 120 V or 240 V, and has it a neutral? The manufacturer's diagram decides.`,
  'disconnect.pair-main': () =>
    'The spa panel of a pair has no common main. The disconnect opens all ungrounded conductors at the same time: does the authority accept the two breakers side by side, or a main in the spa panel?',
  'drop.total': ({ data }) =>
    `Feed and circuit together drop ${inPercent(data.totalPct, 1)}; ${inPercent(data.limitPct)} or less is advised, not required.`,
  'rv.larger': () => 'A 50 A outlet with an adapter is done once: which does the owner want?',
  'gfci.neutral-missing': () =>
    'A GFCI breaker near the tub requires a neutral for its pigtail: run four wires to it, or put the breaker in the panel.',
  'gfci.neutral-bypassed': () =>
    'The neutral of the load is on the bar: it belongs on the device, which trips at the first 120 V load otherwise.',
  'gfci.line-load-reversed': () =>
    'Line and load of the device are swapped: it will not reset, or protects nothing.',
  'afci.required': ({ data, severity }) =>
    `AFCI protection is required ${inLocation(data.location)}.${severity === 'stop' ? ' None is planned.' : ''}`,
  'ident.green-as-ungrounded': ({ data }) =>
    `A green ${size(data.size)} is never a hot, whatever tape is on it.`,
  'ident.white-hot-unmarked': ({ data }) =>
    data.cable
      ? `The white ${size(data.size)} of the cable is a hot: re-identify it black or red at each end and in every box (200.7(C)(1)).`
      : `A white ${size(data.size)} in raceway is never a hot, marked or not.`,
  'ident.white-as-egc': ({ data }) =>
    `A white ${size(data.size)} is never a ground: bare or green for its whole length.`,
  'ident.ground-remarked': ({ data }) =>
    `A ${size(data.size)} ground is bare or green for its whole length; only 4 AWG and larger may be marked at the ends.`,
  ...standingSentences,
  'local.requirement': ({ data }) => `Local amendment: ${data.text}`,
  'gfci.ask': () => 'Does the location, the appliance or its manufacturer require GFCI protection?',
  'afci.ask': () => 'Is the outlet in a room that requires AFCI protection?',
  'edition.unverified': ({ data }) =>
    `The ${data.year} edition is preliminary, not verified: where nothing else is known its figures are those of 2023. Verify against the printed code.`,
};
