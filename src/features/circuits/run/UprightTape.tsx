import { holdsWords, segmentName, supportWords } from '../../../core/wording/conductors';
import { stationLetter } from '../../../core/circuit/stations';
import { printLength } from '../../../core/units/length';
import { feet } from '../../../core/units/quantity';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { ConductorsCell, segmentSeverity } from './SegmentBands';
import { LengthField, MethodField, PlaceField } from './segmentFields';
import classes from './RunPane.module.css';

interface UprightTapeProps {
  readonly view: CircuitEvaluation;
  readonly highlighted: number | null;
  readonly onChoose: (index: number) => void;
}

/** The tape on end for a phone: stations down the left edge, one segment under the other. */
export function UprightTape({ view, highlighted, onChoose }: UprightTapeProps) {
  const { circuit, solved } = view;
  const { figures } = solved;
  return (
    <ol className={classes['upright']} aria-label="The segments of the run">
      {figures.segments.map((segment, index) => {
        const severity = segmentSeverity(view, index);
        return (
          <li key={index} className={classes['uprightRow']} data-lit={highlighted === index || undefined}>
            <span className={classes['uprightTape']} aria-hidden="true">
              <span className={classes['flag']}>{stationLetter(index)}</span>
            </span>
            <div className={classes['uprightCell']}>
              <button
                type="button"
                className={classes['plain']}
                aria-expanded={highlighted === index}
                onClick={() => {
                  onChoose(index);
                }}
              >
                <b>{printLength(feet(circuit.run[index]?.lengthFt ?? 0))}</b> of {segmentName(segment)}
                <br />
                <span style={severity === 'stop' ? { color: 'var(--stop)', fontWeight: 650 } : {}}>
                  <SeverityShape severity={severity} size={14} named /> {holdsWords(segment, figures)}
                </span>
              </button>
              {highlighted === index && (
                <div className={classes['uprightFields']}>
                  <LengthField circuit={circuit} index={index} />
                  <MethodField circuit={circuit} index={index} />
                  <PlaceField circuit={circuit} index={index} />
                </div>
              )}
              <div className="second">
                <ConductorsCell view={view} index={index} /> · {supportWords(segment)}
              </div>
            </div>
          </li>
        );
      })}
      <li className={classes['uprightRow']}>
        <span style={{ position: 'relative', marginLeft: 16, width: 15, height: 14 }} aria-hidden="true">
          <span className={classes['flag']}>{stationLetter(circuit.run.length)}</span>
        </span>
      </li>
    </ol>
  );
}
