import type { PerimeterDoubt } from '../code/waterFacts';
import type { waterCatalog } from '../findings/waterCatalog';
import { printNumber as n } from '../units/number';
import type { Sentences } from './sentences';
import { taped as ft } from './yardWords';
import { bondReason } from './waterWords';

const DOUBT: Readonly<Record<PerimeterDoubt, string>> = {
  paved:
    'Is a single copper ring under the paved surface accepted? From 2023 on steel in the deck or a copper grid may be required. Yes: the ring. No: steel tied and bonded, or a grid 12 in by 12 in, 3 ft wide.',
  'grid-unnamed':
    'Is a copper grid, 12 in by 12 in and 3 ft wide, accepted in place of the ring? The edition does not name it. Yes: the grid. No: the ring.',
  nonconductive:
    'Is the surface around the water counted as nonconductive? Yes: no bond of the surface. No: the ring lies in the earth below it, as it is drawn.',
  'rim-unknown':
    'How high does the rim stand above every surface within 30 in? 28 in or more, with a unit listed for it: no ring. Less: the ring, as it is drawn.',
  indoors: 'Is the floor around the built-in tub bonded? The authority says how.',
};

/** Sentences of findings about water and what stands around it. */
export const waterSentences: Sentences<keyof typeof waterCatalog> = {
  'zone.receptacle': ({ data }) =>
    `${data.name} is ${ft(data.ft)} from the water along a cord; ${ft(data.minFt)} or more is required, and GFCI does not cure it. Move it.`,
  'zone.switch': ({ data }) =>
    `${data.name} is ${ft(data.ft)} from the water. ${data.kind === 'panel' ? 'Its breakers are switches: a' : 'A'} hand in the water must not reach it: move it ${ft(data.minFt)} away or more.`,
  'zone.disconnect': ({ data }) =>
    `${data.name} is ${ft(data.ft)} from the water by the way of a hand; ${ft(data.minFt)} or more is required, in sight of what it opens. Move it.`,
  'zone.outlet': ({ data }) =>
    `${data.name} is an outlet of another system ${ft(data.ft)} from the water; ${ft(data.minFt)} or more is required. Move it.`,
  'zone.luminaire': ({ data }) =>
    `${data.name} is ${ft(data.ft)} from the water and lower than ${ft(data.clearFt)} above it. Move it ${ft(data.minFt)} away or more, or hang it ${ft(data.clearFt)} high.`,
  'zone.box': ({ data }) =>
    data.low
      ? `The box ${data.name} of an underwater light is lower than 8 in above the maximum water level and 4 in above the deck. Raise it.`
      : `The box ${data.name} of an underwater light is ${ft(data.ft)} from the water; ${ft(data.minFt)} or more is required. Move it.`,
  'zone.equipment': ({ data, severity }) =>
    severity === 'ask'
      ? `Does the authority count ${data.name}, ${ft(data.ft)} from the water, as other equipment? Yes: move it ${ft(data.minFt)} away or more, or put a solid wall, fence or other permanent barrier between. No: it stays.`
      : severity === 'check'
        ? `${data.name} is ${ft(data.ft)} from the water. This edition names no distance; from 2020 on it is ${ft(data.minFt)}, or a solid wall, fence or other permanent barrier between. Move it.`
        : `${data.name} runs on more than the low-voltage contact limit and is ${ft(data.ft)} from the water; ${ft(data.minFt)} or more is required, or a solid wall, fence or other permanent barrier between. Move it.`,
  'zone.cover-motor': ({ data }) =>
    `The cover motor ${data.name} is ${ft(data.ft)} from the water; ${ft(data.minFt)} or more is required, or a wall, cover or other permanent barrier between. Move it.`,
  'zone.gfci': ({ data, severity }) =>
    severity === 'stop'
      ? `${data.name} is ${ft(data.ft)} from the water and has no GFCI protection. Give it GFCI protection.`
      : `Does ${data.name}, ${ft(data.ft)} from the water, have GFCI protection? It is required there.`,
  'zone.close': ({ data }) =>
    `${data.name} is ${ft(data.ft)} from the water and ${ft(data.minFt)} is required: a tape held otherwise finds it too near. Measure it again, or move it.`,
  'zone.disconnect-sight': ({ data }) =>
    data.hidden
      ? `${data.of} is hidden from ${data.name}: a disconnect is seen from what it opens. Move it, or add one in sight.`
      : `${data.name} is ${ft(data.ft)} from ${data.of}; within sight is 50 ft at most. Move it, or add one in sight.`,
  'zone.overhead': ({ data }) =>
    `${data.name} hangs ${ft(data.ft)} from ${data.from ?? 'the water'} at its lowest; ${ft(data.minFt)} is required. Ask the utility to move it, or move the pool, before the dig.`,
  'zone.underground': ({ data }) =>
    `${data.name} lies under the water and does not feed it: run it elsewhere before the dig.`,
  'zone.underground-method': ({ data, severity }) =>
    severity === 'stop'
      ? `${data.name} lies ${ft(data.ft)} from the water. Within 5 ft: run it in PVC, RMC or IMC.`
      : `${data.name} feeds the water without a raceway: some authorities accept that beyond 5 ft, and an insulated copper ground is then in doubt. Raceway is the safe choice.`,
  'pool.convenience-missing': ({ data }) =>
    `No 125 V receptacle stands ${n(data.fromFt)} to ${n(data.toFt)} ft from the water along a cord, 6 ft 6 in high at most, on a general-purpose circuit. Add one.`,
  'pool.convenience-on-timer': ({ data }) =>
    `The timer of the pump switches ${data.name}: the receptacle that the pool requires is on a general-purpose circuit. Take it ahead of the timer.`,
  'pool.convenience-circuit': ({ data }) =>
    `${data.name} is on the circuit of the pump. The receptacle that the pool requires is on a general-purpose circuit: give it its own.`,
  'pool.storable-circuits': ({ data }) =>
    `${data.name} is on the circuit of the pump. Advice, no rule: a circuit of its own for the pump, so that what else is plugged in there does not stop it.`,
  'pool.post-frost': ({ data }) =>
    data.frostIn === null
      ? `How deep does the ground freeze here? The post of ${data.name} is set ${n(data.postIn)} in deep: frost lifts one that is set higher than it reaches, and breaks the raceway.`
      : `The post of ${data.name} is set ${n(data.postIn)} in deep and the ground freezes to ${n(data.frostIn)} in: frost lifts it and breaks the raceway. Set it below.`,
  'pool.light-raceway': ({ data, severity }) =>
    severity === 'stop'
      ? `The conductors of ${data.name} lie past its GFCI in one raceway with ${data.other}, which has no GFCI protection there. Run them in a raceway of their own.`
      : `Do the conductors of ${data.name} share a raceway with ${data.other} past their GFCI? ${data.other} has no GFCI protection there. Yes: a raceway of their own. No: they may share it up to the GFCI.`,
  'pool.light': ({ data: { name, what, inches }, severity }) => {
    const isStop = severity === 'stop';
    switch (what) {
      case 'gfci':
        return isStop
          ? `${name} has no GFCI protection: the supply of an underwater light above the low-voltage contact limit has it. Give it GFCI protection.`
          : `Does ${name} have GFCI protection? An underwater light above the low-voltage contact limit has it.`;
      case 'depth':
        return isStop
          ? `The top of the lens of ${name} lies ${n(inches)} in below the water; none is listed for less than 4 in, and 18 in is usual. Lower it: move the niche.`
          : `How deep lies the top of the lens of ${name} below the normal water level, and is it listed for that? 18 in or more: no listing for less is needed.`;
      case 'niche':
        return isStop
          ? `No 8 AWG insulated copper lies in the niche conduit of ${name}. Run it where the conduit is nonmetallic, potted at the forming shell; the bond outside is another.`
          : `Does 8 AWG insulated copper lie in the niche conduit of ${name}, potted at the forming shell? It is required where the conduit is nonmetallic.`;
    }
  },
  'pool.cover': ({ data: { name, what }, severity }) =>
    what === 'switch'
      ? severity === 'stop'
        ? `The whole pool is not seen from the switch of ${name}. Move the switch: who closes the cover sees who is in the water.`
        : `Is the whole pool seen from the switch of ${name}? It is required: who closes the cover sees who is in the water.`
      : severity === 'stop'
        ? `${name} stands below grade and is not totally enclosed. Use a motor of the totally enclosed type.`
        : `Is ${name}, below grade, a motor of the totally enclosed type? It is required there.`,
  'pool.fountain': () =>
    'What does the authority require of the fountain (680.50 to 680.58)? Water shared with a pool: the rules of the pool too. Its own: GFCI, bonding and equipment by that part; Pasture does not check them.',
  'pool.depth-unknown': ({ data }) =>
    `How much water can it hold, in inches, to where it spills? Over ${n(data.maxIn)} in: permanently installed, with bonding. Less: storable.`,
  'pool.not-storable': ({ data }) =>
    `It can hold ${n(data.depthIn)} in of water; over ${n(data.maxIn)} in with walls that are neither molded nor inflated it is permanently installed, whatever is put away in winter. Plan it so, or ask the authority.`,
  'pool.in-water': ({ data }) => `${data.name} stands in the water. Move it out.`,
  'pool.wall-through': ({ data }) => `${data.name} runs through the water. Move it, or the pool.`,
  'pool.overlap': ({ data }) => `${data.name} and ${data.other} lie in one another. Move one of them.`,
  'bond.item-missing': ({ data }) =>
    `${data.name} is not bonded: ${bondReason[data.reason]}. Run 8 AWG solid copper to it.`,
  'bond.item-unknown': ({ data }) =>
    `${data.name}: ${bondReason[data.reason]} It decides whether it is bonded.`,
  'bond.pump-pigtail': ({ data }) =>
    `${data.name} is double insulated and not bonded, and no 8 AWG solid conductor was brought to it for a later motor. Bring one. Where nothing else joins the grid to the equipment ground of the premises, join it to the ground of the pump’s circuit.`,
  'bond.loop-distance': ({ data }) =>
    `The ring lies ${n(data.offIn)} in from the inside wall; ${n(data.minIn)} to ${n(data.maxIn)} in is required.`,
  'bond.loop-depth': ({ data }) =>
    `The ring lies ${n(data.deepIn)} in below subgrade; ${n(data.minIn)} to ${n(data.maxIn)} in is required.`,
  'bond.loop-open': ({ data }) =>
    `A building stands where the ring would lie: it opens there${data.pieces > 1 ? ` into ${data.pieces} pieces` : ''}, and each end is bonded. Does the inspector accept the open ring?`,
  'bond.perimeter': ({ data }) => DOUBT[data.doubt],
  'bond.relief-lost': ({ data }) =>
    `A surface within 30 in of the tub leaves its rim ${n(data.rimIn)} in high; ${n(data.minIn)} in or more would spare it the ring. The ring is required, as it is drawn.`,
  'bond.relief': ({ data }) =>
    `The rim stands ${n(data.rimIn)} in above every surface within 30 in: a listed self-contained unit needs no ring. Metal within 5 ft is bonded all the same.`,
  'bond.height-band': ({ data }) =>
    `The water stands ${n(data.rimIn)} in above the earth. Is the ring required where the earth lies more than 2 ft below the water? Pasture keeps it until that is answered.`,
  'bond.points': ({ data }) =>
    `The shell is tied to its surroundings at ${n(data.has)} ${data.has === 1 ? 'place' : 'places'}; ${n(data.needs)}, evenly spaced, are required. Add ${n(data.needs - data.has)}.`,
  'bond.points-uneven': ({ data }) =>
    `The four ties are uneven: the largest gap is ${n(data.evenness, 1)} times the smallest. Another number of uprights, or ties on the wall, would be even.`,
  'bond.walk-wrong': ({ data }) =>
    `${data.name}: looked at on the walk, not right${data.wrong === '' ? '' : `: ${data.wrong}`}. Remake it and look again before anything covers it.`,
  'bond.taps': ({ data }) =>
    `Does the inspector require ${n(data.taps)} taps to the metal wall, or fewer? ${n(data.taps)} are planned until that is answered.`,
  'bond.water': ({ severity, data }) =>
    data.shell === 'concrete-steel'
      ? 'Does the authority take the bonded steel of the shell for the bond of the water? No: add metal of 9 in² or more that it always wets, bonded.'
      : severity === 'stop'
        ? 'Nothing bonded wets the water: add metal of 9 in² or more that it always wets, bonded.'
        : 'Does bonded metal of 9 in² or more always wet the water? No: add a plate or fitting, bonded.',
  'bond.water-small': ({ data }) =>
    `${data.name} wets ${n(data.in2, 1)} in²; ${n(data.minIn2)} in² or more is required, also with the pump off. Use a larger one.`,
  'bond.conductor': ({ data }) =>
    data.smaller
      ? 'The bonding conductor is smaller than 8 AWG. Run 8 AWG solid copper.'
      : 'The bonding conductor is stranded. Run 8 AWG solid copper: strands corrode in the ground.',
  'bond.connector-listing': () =>
    'Buried connectors are not listed for direct burial or concrete. Use listed ones of copper, brass or stainless.',
};
