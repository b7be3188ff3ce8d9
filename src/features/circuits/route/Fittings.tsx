import { segmentSpan } from '../../../core/circuit/stations';
import { cite } from '../../../core/code/edition';
import { withFitting } from '../../../core/circuit/edits/routeEdits';
import type { NeededFitting } from '../../../core/route/fittings';
import { fittingName } from '../../../core/wording/routeWords';
import { printNumber as n } from '../../../core/units/number';
import type { CircuitEvaluation, RouteEvaluation } from '../../../core/job/evaluation';
import { useJobEditor } from '../../../store/useJobEditor';
import { CheckField } from '../../../ui/fields/CheckField';
import classes from './route.module.css';

const amount = ({ fitting, count }: NeededFitting): string =>
  fitting === 'ribbon' ? `${count} ft` : String(count);

/** Fittings required besides wire, raceway and boxes. All of it is planned; what is left out becomes a finding. */
export function Fittings({
  view,
  route,
}: {
  readonly view: CircuitEvaluation;
  readonly route: RouteEvaluation;
}) {
  const { circuit, context } = view;
  const { canWrite, replaceCircuit } = useJobEditor();
  if (route.report.fittings.length === 0)
    return (
      <p className="second">
        {circuit.existing === null ? 'Only wire and supports are needed.' : 'Existing: nothing is fitted.'}
      </p>
    );
  return (
    <table className={classes['figures']}>
      <caption>Fittings required</caption>
      <tbody>
        {route.report.fittings.map((each) => {
          const span = segmentSpan(each.segment);
          const name = fittingName[each.fitting];
          return (
            <tr key={`${each.fitting} ${each.segment}`}>
              <th scope="row">
                <CheckField
                  label={name}
                  spoken={`${name}, ${span}`}
                  checked={each.planned}
                  disabled={!canWrite}
                  onCheck={(planned) => {
                    replaceCircuit(
                      withFitting(circuit, each.segment, each.fitting, planned),
                      `${planned ? 'Plan' : 'Leave out'}: ${name.toLowerCase()}`,
                    );
                  }}
                />
              </th>
              <td>{span}</td>
              <td className="fig">{amount(each)}</td>
              <td>
                {each.growthIn === null ? '' : `grows ${n(each.growthIn)} in; `}
                {each.asked === 'rule' ? 'required' : 'good practice'}
              </td>
              <td className="fig second">{cite(context.code, each.section).section}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
