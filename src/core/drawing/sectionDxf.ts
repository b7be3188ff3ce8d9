import { Colors, DxfWriter, point2d, point3d, Units } from '@tarikjabiri/dxf';
import type { SectionScene } from './sectionScene';

/** A text as a drawing takes it: in it a line is a record. */
const oneLine = (text: string): string => text.replace(/[\r\n\u2028\u2029]+/g, ' ');

/** A section as a DXF drawing, one unit a foot, one layer for each kind of thing. */
export function sectionDxf(scene: SectionScene): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Feet);
  const layers = new Set(scene.map(({ layer }) => layer));
  for (const layer of layers) dxf.addLayer(layer, Colors.White, 'Continuous');
  for (const item of scene) {
    dxf.setCurrentLayerName(item.layer);
    if (item.kind === 'path') {
      dxf.addLWPolyline(item.points.map(([x, y]) => ({ point: point2d(x, y) })));
    } else if (item.kind === 'circle') {
      dxf.addCircle(point3d(item.at[0], item.at[1]), item.radiusFt);
    } else {
      dxf.addText(point3d(item.at[0], item.at[1]), item.heightFt, oneLine(item.text));
    }
  }
  return dxf.stringify();
}
