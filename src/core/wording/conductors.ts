import type { Circuit } from '../circuit/circuitSchema';
import type { CircuitFigures, SegmentFigures } from '../circuit/figures';
import { METHODS } from '../code/methods';
import type { OwnArticle } from '../code/ownArticles';
import { printNumber as n } from '../units/number';
import { counted, inAmps, methodName } from './words';

/** What a segment is made of: "NM-B 6/2", "6 AWG in 3/4 EMT". */
export function segmentName({ method, cable, raceway, size }: SegmentFigures): string {
  if (cable !== null) return cable.name;
  if (raceway !== null) return `${raceway.taken} ${methodName(method)}`;
  return `${methodName(method)} ${size}`;
}

/** Sections by which a device may be larger than the ampacity, besides 240.4(G). */
const OWN_SECTION: Readonly<Record<OwnArticle, string>> = {
  motor: '430.52',
  hermetic: '440.22',
  welder: '630.12',
};

/** Whether and by how much a segment holds, in a few words. */
export function holdsWords({ verdict, raceway }: SegmentFigures, figures: CircuitFigures): string {
  const fill = raceway === null ? '' : `; fill ${n(raceway.fillPct, 0)} %`;
  const { minA, ratingA } = figures.ocpd;
  if (verdict.failed.includes('load')) return `${n(verdict.columnA, 1)} A, ${inAmps(minA)} required`;
  if (verdict.failed.length > 0) return `${n(verdict.finalA, 1)} A on a ${inAmps(ratingA)} breaker`;
  const { own } = figures.load;
  if (own !== null && verdict.finalA < ratingA - 1e-9)
    return `${n(verdict.finalA, 1)} A, ${n(minA, 1)} A required; ${n(ratingA, 1)} A by ${OWN_SECTION[own]}${fill}`;
  if (verdict.finalA < ratingA - 1e-9) return `${n(verdict.finalA, 1)} A, next size up ${n(ratingA)}${fill}`;
  return `${n(verdict.finalA, 1)} A, ${n(minA, 1)} A required${fill}`;
}

/** The same where there is no room for more than the figures. */
export function holdsBriefly({ verdict, raceway }: SegmentFigures, { ocpd }: CircuitFigures): string {
  if (verdict.failed.includes('load')) return `${n(verdict.columnA)} of ${inAmps(ocpd.minA)}`;
  if (verdict.failed.length > 0) return `${n(verdict.finalA)} of ${inAmps(ocpd.ratingA)}`;
  return `${inAmps(verdict.finalA)}${raceway === null ? '' : `, ${n(raceway.fillPct, 0)} %`}`;
}

/** How a segment is held, by the shop practice and by rule. */
export function supportWords({ method, supports }: SegmentFigures): string {
  if (supports === null) return 'buried';
  const noun = METHODS[method].kind === 'cable' ? 'staple' : 'strap';
  const rule = supports.practice === supports.legal ? '' : `, code minimum ${supports.legal}`;
  return `${counted(supports.practice, noun)}${rule}`;
}

/** How the appliance is wired, in a few words under its name. */
export function circuitNote({ appliance, existing, feedId }: Circuit, { load }: CircuitFigures): string {
  const parts = [
    ...(existing === null ? [] : ['existing']),
    ...(feedId === null ? [] : ['from the spa panel']),
    load.connection === 'receptacle' ? 'plug and receptacle' : 'hardwired',
    load.otherA === 0 ? 'continuous' : load.continuousA === 0 ? 'not continuous' : 'partly continuous',
    load.neutral ? 'with neutral' : load.volts === 120 ? '120 V' : 'no neutral',
  ];
  const known = appliance.family === 'load' ? parts.filter((part) => part !== 'hardwired') : parts;
  return known.join(', ');
}
