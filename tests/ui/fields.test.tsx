import { MantineProvider } from '@mantine/core';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, test, vi } from 'vitest';
import { parseLength, printLength } from '../../src/core/units/length';
import { feet, type Feet } from '../../src/core/units/quantity';
import type { Appliance } from '../../src/core/appliances/registry';
import { PlateFields } from '../../src/ui/fields/PlateFields';
import { QuantityField } from '../../src/ui/fields/QuantityField';
import { charger } from '../support/circuits';

function Length({ onValue }: { readonly onValue: (value: Feet, key: string) => void }) {
  const [value, setValue] = useState(feet(62));
  return (
    <MantineProvider env="test">
      <QuantityField<Feet>
        label="Length"
        value={value}
        print={printLength}
        parse={parseLength}
        onValue={(next, key) => {
          setValue(next);
          onValue(next, key);
        }}
      />
    </MantineProvider>
  );
}

const field = () => screen.getByLabelText<HTMLInputElement>('Length');

describe('a field for a quantity', () => {
  test('takes every keystroke that is understood, under one key a visit', async () => {
    const onValue = vi.fn();
    render(<Length onValue={onValue} />);
    await userEvent.clear(field());
    await userEvent.type(field(), "12'6");
    expect(onValue.mock.lastCall?.[0]).toBe(12.5);
    expect(new Set(onValue.mock.calls.map((call: unknown[]) => call[1])).size).toBe(1);
    await userEvent.tab();
    expect(field().value).toBe('12 ft 6 in');
  });

  test('keeps what was typed, says what is accepted, and leaves the value alone', async () => {
    const onValue = vi.fn();
    render(<Length onValue={onValue} />);
    await userEvent.clear(field());
    await userEvent.type(field(), 'far');
    await userEvent.tab();
    expect(field().value).toBe('far');
    expect(screen.getByText(/Type a length such as 62 ft/)).toBeTruthy();
    expect(field().getAttribute('aria-invalid')).toBe('true');
    expect(onValue).not.toHaveBeenCalled();
  });

  test('escape takes back what was typed', async () => {
    render(<Length onValue={vi.fn()} />);
    await userEvent.clear(field());
    await userEvent.type(field(), 'far{Escape}');
    expect(field().value).toBe('62 ft');
  });
});

function Plate({
  start,
  onPlate,
}: {
  readonly start: Appliance;
  readonly onPlate: (appliance: Appliance) => void;
}) {
  const [appliance, setAppliance] = useState(start);
  return (
    <MantineProvider env="test">
      <PlateFields
        appliance={appliance}
        onAppliance={(next) => {
          setAppliance(next);
          onPlate(next);
        }}
      />
    </MantineProvider>
  );
}

describe('the fields of a nameplate', () => {
  test('an optional one is put, and left out again when emptied', async () => {
    const onPlate = vi.fn();
    render(<Plate start={charger()} onPlate={onPlate} />);
    const setting = screen.getByLabelText(/Set to/);
    await userEvent.type(setting, '32');
    expect(onPlate.mock.lastCall?.[0]).toMatchObject({ nameplate: { settingA: 32 } });
    await userEvent.clear(setting);
    expect((onPlate.mock.lastCall![0] as Appliance).nameplate).not.toHaveProperty('settingA');
  });

  test('asks whether access to the setting is restricted only when there is one', async () => {
    render(<Plate start={charger()} onPlate={vi.fn()} />);
    expect(screen.queryByLabelText(/restricted?/)).toBeNull();
    await userEvent.type(screen.getByLabelText(/Set to/), '32');
    expect(screen.getByLabelText(/restricted?/)).toBeTruthy();
  });

  test('refuses a number past what the plate can say', async () => {
    const onPlate = vi.fn();
    render(<Plate start={charger()} onPlate={onPlate} />);
    const output = screen.getByLabelText(/Output on the nameplate/);
    await userEvent.clear(output);
    await userEvent.type(output, '480');
    expect(screen.getByText('Type a number from 6 to 80 A.')).toBeTruthy();
    expect((onPlate.mock.lastCall![0] as Appliance).nameplate).toMatchObject({ outputAmps: 48 });
  });
});
