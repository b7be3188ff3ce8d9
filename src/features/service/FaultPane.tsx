import { useMemo } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { parseOptional } from '../../core/panel/panelFields';
import { serviceVolts } from '../../core/service/houseSchema';
import { faultCurrent } from '../../core/service/faultCurrent';
import type { House } from '../../core/service/houseSchema';
import { parseNumber, printNumber as n } from '../../core/units/number';
import { isRefused, refuse, type Refused } from '../../core/units/refused';
import { parseWireSize } from '../../core/units/wireSize';
import { evaluationOf } from '../../store/evaluation';
import { useJobEditor } from '../../store/useJobEditor';
import { QuantityField } from '../../ui/fields/QuantityField';
import classes from './service.module.css';

const ACCEPTS = 'the transformer and the wire from it, such as 25 kVA 1.5 % 80 ft 2/0 al';
const SOURCE = /^([\d.]+)\s*kva[,\s]+([\d.]+)\s*%[,\s]+([\d.]+)\s*ft[,\s]+(\S+)\s+(cu|al)$/i;

function parseSource(text: string): House['source'] | Refused {
  if (text.trim() === '') return null;
  const read = SOURCE.exec(text.trim());
  const [kva, impedancePct, lengthFt] = [
    [1, 5, 500],
    [2, 0.5, 8],
    [3, 0, 1000],
  ].map(([at = 0, min = 0, max = 0]) => parseNumber(read?.[at] ?? '', { min, max, units: [], shown: '' }));
  const size = parseWireSize(read?.[4] ?? '');
  if (kva === undefined || impedancePct === undefined || lengthFt === undefined) return refuse(text, ACCEPTS);
  if (isRefused(kva) || isRefused(impedancePct) || isRefused(lengthFt) || isRefused(size))
    return refuse(text, ACCEPTS);
  return { kva, impedancePct, lengthFt, size, metal: read?.[5]?.toLowerCase() === 'cu' ? 'cu' : 'al' };
}

const printSource = (source: House['source']): string =>
  source === null
    ? ''
    : `${n(source.kva)} kVA ${n(source.impedancePct)} % ${n(source.lengthFt)} ft ${source.size} ${source.metal}`;

/** What may flow in a fault at the service: the utility's figure, or by its transformer and wire. */
export function FaultPane({ job }: { readonly job: Job }) {
  const { canWrite, edit } = useJobEditor();
  const { house } = job;
  const found = useMemo(
    () =>
      house.source === null
        ? null
        : faultCurrent(house.source, serviceVolts(house), evaluationOf(job).context.code),
    [house, job],
  );
  const set = (fields: Partial<House>, label: string, key: string): void => {
    edit({ kind: 'change', part: 'house', fields }, label, key);
  };
  return (
    <section aria-label="Fault current" data-help="fault">
      <h2>Fault current at the service</h2>
      <div className={classes['two']}>
        <QuantityField<House['source']>
          label="Transformer and wire"
          help="As 25 kVA 1.5 % 80 ft 2/0 al."
          value={house.source}
          disabled={!canWrite}
          print={printSource}
          parse={parseSource}
          onValue={(source, key) => {
            set({ source }, 'Transformer and wire', key);
          }}
        />
        <QuantityField<number | null>
          label="By the utility's letter"
          help="Used instead of the computed value."
          value={house.faultA}
          disabled={!canWrite}
          inputMode="decimal"
          print={(value) => (value === null ? '' : `${n(value)} A`)}
          parse={(text) => parseOptional(text, { min: 0, max: 200000, units: ['a'], shown: 'A' })}
          onValue={(faultA, key) => {
            set({ faultA }, 'Fault current', key);
          }}
        />
      </div>
      {found !== null && (
        <p>
          <span className="fig">{n(found.atSourceA, 0)} A</span> at the transformer with a tenth less
          impedance than its plate; at the panel <span className="fig">{n(found.scalarA, 0)} A</span> by plain
          sums and <span className="fig">{n(found.phasorA, 0)} A</span> by phasors with cold wire:{' '}
          <b className="fig">{n(found.governsA, 0)} A</b> is compared with the panel.{' '}
          <cite className="second fig">110.9</cite>
        </p>
      )}
    </section>
  );
}
