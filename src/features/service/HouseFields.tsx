import { Textarea } from '@mantine/core';
import { useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { mainRange, parseOptional } from '../../core/panel/panelFields';
import { serviceVolts, type House } from '../../core/service/houseSchema';
import { printLoads, readLoads, type LoadProblem } from '../../core/service/typedLoads';
import { parseNumber, printNumber, type NumberRange } from '../../core/units/number';
import { isRefused, refuse, type Refused } from '../../core/units/refused';
import { parseWireSize } from '../../core/units/wireSize';
import { useJobEditor } from '../../store/useJobEditor';
import { CheckField } from '../../ui/fields/CheckField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { QuantityField } from '../../ui/fields/QuantityField';
import { GroupsField } from './GroupsField';
import classes from './service.module.css';

const areaRange: NumberRange = { min: 100, max: 50000, units: ['ft2', 'sq ft', 'ft²'], shown: 'ft²' };
const circuitsRange = (min: number): NumberRange => ({
  min,
  max: 20,
  units: [],
  shown: '',
  whole: true,
});

/** "2/0 al" or "4 cu". */
function parseConductor(text: string): House['conductor'] | Refused {
  if (text.trim() === '') return null;
  const [size = '', metal = ''] = text.trim().toLowerCase().split(/\s+/);
  const parsed = parseWireSize(size);
  const isMetal = metal === 'cu' || metal === 'al';
  return isRefused(parsed) || !isMetal
    ? refuse(text, 'a size and its metal, such as 2/0 al or 4 cu')
    : { size: parsed, metal };
}

/** The loads of the house, typed one after the other. */
function LoadsField({ job }: { readonly job: Job }) {
  const { canWrite, edit } = useJobEditor();
  const [typed, setTyped] = useState<string | null>(null);
  const [problems, setProblems] = useState<readonly LoadProblem[]>([]);
  const { house } = job;
  return (
    <>
      <Textarea
        label="Loads of the house"
        description="Name and VA or kW, by line. The kind follows from the name; add x5 for units of heat, removed for what is taken out."
        rows={8}
        spellCheck={false}
        disabled={!canWrite}
        className={classes['loads']}
        value={typed ?? printLoads(house.loads)}
        onChange={(event) => {
          const text = event.currentTarget.value;
          setTyped(text);
          const read = readLoads(text, () => crypto.randomUUID());
          setProblems(read.problems);
          const loads = read.loads.map((each) => ({
            ...each,
            id: house.loads.find(({ what }) => what === each.what)?.id ?? each.id,
          }));
          edit({ kind: 'change-house', fields: { loads } }, 'Loads of the house', 'house loads');
        }}
        onBlur={() => {
          if (problems.length === 0) setTyped(null);
        }}
      />
      {problems.length > 0 && (
        <ul role="alert" className={classes['problems']}>
          {problems.map(({ row, text, accepts }) => (
            <li key={`${row} ${text}`}>
              Row {row}, “{text}”: type {accepts}.
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

interface PartProps {
  readonly house: House;
  readonly disabled: boolean;
  readonly set: (fields: Partial<House>, label: string, key?: string) => void;
}

const amps = (value: number | null): string => (value === null ? '' : `${printNumber(value)} A`);

/** Main, meter socket and conductors of the service. */
function ServiceFields({ house, disabled, set }: PartProps) {
  return (
    <>
      <QuantityField<number | null>
        disabled={disabled}
        inputMode="decimal"
        label="Main breaker"
        value={house.ratingA}
        print={amps}
        parse={(text) => parseOptional(text, mainRange)}
        onValue={(ratingA, key) => {
          set({ ratingA }, 'Main breaker', key);
        }}
      />
      <QuantityField<number | null>
        disabled={disabled}
        inputMode="decimal"
        label="Meter socket"
        value={house.meterA}
        print={amps}
        parse={(text) => parseOptional(text, mainRange)}
        onValue={(meterA, key) => {
          set({ meterA }, 'Meter socket', key);
        }}
      />
      <QuantityField<House['conductor']>
        disabled={disabled}
        inputMode="text"
        label="Service conductors"
        value={house.conductor}
        print={(value) => (value === null ? '' : `${value.size} ${value.metal}`)}
        parse={parseConductor}
        onValue={(conductor, key) => {
          set({ conductor }, 'Service conductors', key);
        }}
      />
    </>
  );
}

/** Living area and the circuits that every dwelling has. */
function DwellingFields({ house, disabled, set }: PartProps) {
  return (
    <>
      <QuantityField<number | null>
        disabled={disabled}
        inputMode="decimal"
        label="Living area"
        help="Without garage and open porches."
        value={house.areaFt2}
        print={(value) => (value === null ? '' : `${printNumber(value)} ft²`)}
        parse={(text) => parseOptional(text, areaRange)}
        onValue={(areaFt2, key) => {
          set({ areaFt2 }, 'Living area', key);
        }}
      />
      <div className={classes['two']}>
        <QuantityField<number>
          disabled={disabled}
          inputMode="decimal"
          label="Kitchen circuits"
          value={house.smallApplianceCircuits}
          print={(value) => printNumber(value)}
          parse={(text) => parseNumber(text, circuitsRange(2))}
          onValue={(smallApplianceCircuits, key) => {
            set({ smallApplianceCircuits }, 'Small-appliance circuits', key);
          }}
        />
        <QuantityField<number>
          disabled={disabled}
          inputMode="decimal"
          label="Laundry circuits"
          value={house.laundryCircuits}
          print={(value) => printNumber(value)}
          parse={(text) => parseNumber(text, { ...circuitsRange(0), max: 10 })}
          onValue={(laundryCircuits, key) => {
            set({ laundryCircuits }, 'Laundry circuits', key);
          }}
        />
      </div>
    </>
  );
}

/** The setpoint of load management, and whether its device is there already; nothing where there is none. */
function SetpointFields({ house, disabled, set }: PartProps) {
  if (house.managedA === null) return null;
  return (
    <>
      <QuantityField<number | null>
        disabled={disabled}
        inputMode="decimal"
        label="Load management keeps it to"
        value={house.managedA}
        print={amps}
        parse={(text) => parseOptional(text, { ...mainRange, min: 10 })}
        onValue={(managedA, key) => {
          set({ managedA }, 'Load management', key);
        }}
      />
      <CheckField
        label="Its device is there already"
        checked={house.managerThere}
        disabled={disabled}
        onCheck={(managerThere) => {
          set({ managerThere }, 'Load management, there already');
        }}
      />
    </>
  );
}

/** How chargers are counted, and what keeps their load down. */
function ManagementFields({ house, disabled, set }: PartProps) {
  return (
    <>
      <ChoiceField
        label="Voltage, single phase"
        disabled={disabled}
        value={serviceVolts(house)}
        choices={[
          { value: 240, label: '120/240 V' },
          { value: 208, label: '120/208 V' },
        ]}
        onChoose={(volts) => {
          set({ volts }, 'Voltage');
        }}
      />
      <ChoiceField
        label="EV chargers counted at"
        disabled={disabled}
        value={house.evAdder ? 'adder' : 'plain'}
        choices={[
          { value: 'plain', label: 'nameplate' },
          { value: 'adder', label: '125 %: the authority requires it' },
        ]}
        onChoose={(value) => {
          set({ evAdder: value === 'adder' }, 'EV chargers counted at');
        }}
      />
      <SetpointFields house={house} disabled={disabled} set={set} />
      {house.sharing !== null && (
        <button
          type="button"
          className="act"
          disabled={disabled}
          onClick={() => {
            set({ sharing: null }, 'No sharing device');
          }}
        >
          Remove the sharing device
        </button>
      )}
    </>
  );
}

/** What is known of the house and its service. */
export function HouseFields({ job }: { readonly job: Job }) {
  const { canWrite, edit } = useJobEditor();
  const { house } = job;
  const part: PartProps = {
    house,
    disabled: !canWrite,
    set: (fields, label, key) => {
      edit({ kind: 'change-house', fields: { ...fields } }, label, key);
    },
  };
  return (
    <>
      <ServiceFields {...part} />
      <DwellingFields {...part} />
      <LoadsField job={job} />
      <ManagementFields {...part} />
      <GroupsField job={job} />
    </>
  );
}
