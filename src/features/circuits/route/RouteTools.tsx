import { sectionDxf } from '../../../core/drawing/sectionDxf';
import { layOut } from '../../../core/route/routeCase';
import { sectionScene } from '../../../core/drawing/sectionScene';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { downloadText } from '../../../ui/files/download';
import { fileName } from '../../../ui/files/fileName';
import { svgFile } from '../../../ui/files/svgFile';
import { RouteLine } from './RouteLine';
import classes from './route.module.css';

interface RouteToolsProps {
  readonly view: CircuitEvaluation;
  /** Whether the section shows the chosen segment alone; null while none is chosen. */
  readonly closer: boolean | null;
  readonly onCloser: (closer: boolean) => void;
  readonly picture: () => SVGSVGElement | null;
}

/** The route as a line of words, and what can be done with its picture. */
export function RouteTools({ view, closer, onCloser, picture }: RouteToolsProps) {
  const { circuit, solved, context } = view;
  const name = fileName(circuit.name, 'section');
  return (
    <div className={classes['tools']}>
      <RouteLine key={circuit.id} circuit={circuit} />
      <p>
        {closer !== null && (
          <button
            type="button"
            className="act"
            onClick={() => {
              onCloser(!closer);
            }}
          >
            {closer ? 'Whole run' : 'Closer'}
          </button>
        )}
        <button
          type="button"
          className="act"
          onClick={() => {
            const drawn = picture();
            if (drawn !== null) downloadText(svgFile(drawn), `${name}.svg`, 'image/svg+xml');
          }}
        >
          SVG
        </button>
        <button
          type="button"
          className="act"
          onClick={() => {
            const about = layOut({ circuit, solved, context, neighbors: [], located: false });
            downloadText(sectionDxf(sectionScene(about)), `${name}.dxf`, 'application/dxf');
          }}
        >
          DXF
        </button>
      </p>
    </div>
  );
}
