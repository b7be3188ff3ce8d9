import { printLength } from '../units/length';
import { printNumber as n } from '../units/number';
import { feet } from '../units/quantity';
import { printWireSize as size } from '../units/wireSize';
import type { routeCatalog } from '../findings/routeCatalog';
import { burialName } from './routeWords';
import { inPercent, methodName, environmentName } from './words';
import type { Sentences } from './sentences';

/** Sentences of findings about the route of a circuit. */
export const routeSentences: Sentences<keyof typeof routeCatalog> = {
  'burial.depth': ({ data }) =>
    `${n(data.coverIn, 1)} in of cover; ${burialName[data.place]} requires ${n(data.needsIn)} in.`,
  'burial.bored': ({ data }) =>
    `Is this ${methodName(data.method)} listed for directional boring? Its depth is recorded as built.`,
  'work.before-locate': () =>
    'Call before digging: no ticket is recorded yet. Lines past the meters are not marked: ask the owner.',
  'station.transition': ({ data }) =>
    `Is this fitting listed to go over from ${methodName(data.from)} to ${methodName(data.to)}? Otherwise it is a box.`,
  'box.fill': ({ data }) => `The box has ${n(data.hasIn3, 1)} in³; ${n(data.needsIn3)} in³ are needed.`,
  'box.none': ({ data }) =>
    `${n(data.needsIn3)} in³ are more than a standard box has: add a ring, or take a larger enclosure and enter its volume.`,
  'box.pull-length': ({ data }) =>
    `The box is ${n(data.hasIn)} in long; ${n(data.needsIn, 1)} in are needed.`,
  'box.unbonded': () => 'A metal box is bonded to the ground in it.',
  'body.marked': ({ data }) =>
    `Is the ${data.trade} body marked for conductors of ${size(data.size)}? If not it is ${n(data.minIn, 1)} in long or more.`,
  'route.bends': ({ data }) =>
    `${n(data.degrees)}° of bends between pull points, couplings counted through; ${n(data.limit)}° is the maximum.`,
  'pull.tension': ({ data }) =>
    `Pulling tension from the easier end: ${n(data.pounds, 0)} lb; ${n(data.maxLb, 0)} lb maximum ${data.by === 'hand' ? 'by hand' : 'for these conductors'}.`,
  'pull.sidewall': ({ data }) =>
    `Sidewall pressure in a bend: ${n(data.lbPerFt, 0)} lb/ft; ${n(data.maxLbPerFt)} lb/ft maximum unless the manufacturer says otherwise.`,
  'raceway.tight': ({ data }) =>
    `${data.cable} fills ${inPercent(data.fillPct, 0)} of ${data.trade}: legal, and hard to pull.`,
  'raceway.sleeve-full': ({ data }) =>
    `${data.cable} fills ${inPercent(data.fillPct, 0)} of ${data.trade}; ${inPercent(data.limitPct)} is the most.`,
  'seal.missing': ({ data }) =>
    data.from === 'underground'
      ? 'No seal is planned: a raceway from underground is sealed where it enters a building, and at either or both ends where moisture may reach live parts.'
      : `No seal is planned: a raceway from ${environmentName[data.from]} to ${environmentName[data.to]} is sealed where condensation is a known problem and where it enters a building from outside.`,
  'burial.under-building': ({ data }) =>
    `${methodName(data.method)} under a building is in a raceway: pull it in PVC, or run conductors in raceway.`,
  'bushing.missing': ({ data }) =>
    `Conductors of ${size(data.size)} pass a bushing where the raceway ends, so that no edge cuts them.`,
  'nailplate.needed': ({ data }) =>
    `The holes are ${n(data.edgeIn)} in from the edge: nearer than 1-1/4 in requires steel plates.`,
  'cable.attic': ({ data, severity }) =>
    severity === 'stop'
      ? `${methodName(data.method)} on the edges of joists in an attic is guarded by strips as high as the cable: everywhere with a stair or ladder, within 6 ft of a scuttle hole. Otherwise it is bored or along the joists.`
      : `How does ${methodName(data.method)} run in the attic? Across joists it is guarded by strips: everywhere with a stair or ladder, within 6 ft of a scuttle hole.`,
  'cable.joist-edges': ({ data }) =>
    `${size(data.size)} cable under joists runs through bored holes or on running boards; ${size(data.min)} and larger may be on their edges.`,
  'cable.sunlight': ({ data, severity }) =>
    severity === 'stop'
      ? `${methodName(data.method)} in the sun is marked sunlight resistant, or is in a raceway.`
      : `Is this ${methodName(data.method)} marked sunlight resistant? In the sun it must be.`,
  'ribbon.missing': () =>
    'No warning ribbon is planned 12 in above the route: good practice in a branch trench.',
  'expansion.missing': ({ data }) =>
    `${n(data.lengthFt, 1)} ft of PVC grow by ${n(data.growthIn)} in: from 1/4 in on an expansion fitting is required.`,
  'riser.unguarded': ({ data }) =>
    `${methodName(data.method)} is protected where it emerges: from 18 in below grade to 8 ft above it.`,
  's-loop.missing': ({ data }) =>
    `Ground that freezes or settles pulls on ${methodName(data.method)}: leave a loop, or a fitting that gives, where it comes up.`,
  'knockout.size': ({ data }) =>
    data.hasIn > data.needsIn
      ? `The hole is ${n(data.hasIn, 3)} in; trade size ${data.trade} takes ${n(data.needsIn, 3)} in: reducing washers, or another box.`
      : `Trade size ${data.trade} requires a ${n(data.needsIn, 3)} in hole, not ${n(data.hasIn, 3)} in.`,
  'piece.short': ({ data }) =>
    `The piece on hand is ${printLength(feet(data.hasFt))}; with 6 in free in its boxes it must be ${printLength(feet(data.needsFt))}.`,
  'route.differs': ({ data }) =>
    `It shares this raceway with ${data.name}, but length, method, location, bends or size differ.`,
};
