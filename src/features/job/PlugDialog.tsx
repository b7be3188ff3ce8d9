import { useState } from 'react';
import { edition } from '../../core/code/edition';
import type { Job } from '../../core/job/jobSchema';
import { configurationOf, judgePlug } from '../../core/protection/plugFit';
import { DRAWN_CONFIGS } from '../../core/protection/receptacleFaces';
import { plugSentence } from '../../core/wording/plugs';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { ReceptacleFace } from '../../ui/pictures/ReceptacleFace';
import { Dialog } from '../../ui/shell/Dialog';
import classes from './PlugDialog.module.css';
import form from './dialogs.module.css';

interface PlugDialogProps {
  readonly job: Job;
  readonly onClose: () => void;
}

const CIRCUITS = [
  { value: '120 15', label: '120 V, 15 A' },
  { value: '120 20', label: '120 V, 20 A' },
  { value: '120 30', label: '120 V, 30 A' },
  { value: '240 15', label: '240 V, 15 A' },
  { value: '240 20', label: '240 V, 20 A' },
  { value: '240 30', label: '240 V, 30 A' },
  { value: '240 40', label: '240 V, 40 A' },
  { value: '240 50', label: '240 V, 50 A' },
] as const;

const OUTLETS = [
  { value: '1', label: 'this one alone' },
  { value: '2', label: 'two or more' },
] as const;

/** A chart of configurations that answers whether a plug may go there, and names the weakest link. */
export function PlugDialog({ job, onClose }: PlugDialogProps) {
  const code = edition(job.edition, job.amendments);
  const [plug, setPlug] = useState('14-50');
  const [receptacle, setReceptacle] = useState('14-50');
  const [circuit, setCircuit] = useState<string>('240 50');
  const [outlets, setOutlets] = useState('1');
  const [volts = 240, ocpdA = 50] = circuit.split(' ').map(Number);
  const about = { volts, ocpdA, outlets: Number(outlets) };
  const answer = judgePlug({ plug, receptacle, ...about }, code);
  const configs = code.tables.configurations.rows.map(({ config }) => ({ value: config, label: config }));
  return (
    <Dialog wide opened onClose={onClose} title="May this plug go there?">
      <div className={form['form']}>
        <ChoiceField label="Plug" value={plug} choices={configs} onChoose={setPlug} />
        <ChoiceField label="Receptacle" value={receptacle} choices={configs} onChoose={setReceptacle} />
        <ChoiceField label="Circuit" value={circuit} choices={CIRCUITS} onChoose={setCircuit} />
        <ChoiceField label="Receptacles on it" value={outlets} choices={OUTLETS} onChoose={setOutlets} />
        <p className={form['preview']} aria-live="polite">
          <SeverityShape severity={answer.verdict === 'yes' ? 'ok' : 'stop'} size={14} named />{' '}
          {plugSentence(plug, receptacle, answer)}
        </p>
      </div>
      <ul className={classes['chart']} aria-label="Receptacles from the front">
        {DRAWN_CONFIGS.map((config) => {
          const row = configurationOf(code, config);
          const { verdict } = judgePlug({ plug, receptacle: config, ...about }, code);
          return (
            <li key={config}>
              <button
                type="button"
                className={classes['one']}
                data-chosen={config === receptacle || undefined}
                aria-pressed={config === receptacle}
                onClick={() => {
                  setReceptacle(config);
                }}
              >
                <ReceptacleFace config={config} />
                <span className="fig">{config}</span>
                <span className="second">
                  <SeverityShape severity={verdict === 'yes' ? 'ok' : 'stop'} size={10} named /> {row?.volts}{' '}
                  V, {row?.amps} A
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </Dialog>
  );
}
