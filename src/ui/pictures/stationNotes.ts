import type { RouteReport } from '../../core/route/routeReport';
import { printNumber as n } from '../../core/units/number';
import type { StationNote } from './sectionDrawing';

/** What is written at each station: the box that it takes and how full it is, or how long a pull box has to be. */
export function stationNotes({ about, boxes }: RouteReport): readonly (StationNote | null)[] {
  const { ocpd, outlet } = about.solved.figures;
  const spa = outlet.gfci.form === 'spa-enclosure';
  return about.kinds.map((kind, station) => {
    const box = boxes.find((each) => each.station === station);
    if (box === undefined || kind === 'panel' || kind === 'appliance') return null;
    if (box.minIn !== null) {
      return { name: kind === 'body' ? 'Body' : 'Box', note: `${n(box.minIn, 1)} in long or more` };
    }
    if (kind === 'body') return { name: 'Body', note: 'pull point' };
    if (kind === 'disconnect')
      return spa
        ? { name: 'Spa panel', note: `${n(ocpd.ratingA)} A GFCI` }
        : { name: 'Disconnect', note: '' };
    const in3 = box.hasIn3 ?? box.box?.in3;
    return {
      name: box.hasIn3 === null && box.box !== null ? `Box ${box.box.name}` : 'Box',
      note:
        in3 === undefined ? `needs ${n(box.needsIn3)} in³` : `filled ${n(box.needsIn3)} of ${n(in3, 1)} in³`,
    };
  });
}
