import type { RunOption, OptionOrder } from '../search/searchAlternatives';
import type { Binding, Relaxed } from '../search/sensitivity';
import { printWireSize } from '../units/wireSize';
import { metalName, methodName } from './words';

/** What options are put in order by. */
export const orderName: Readonly<Record<OptionOrder, string>> = {
  cost: 'Material',
  pull: 'Pull',
  drop: 'Voltage drop',
  spare: 'Spare ampacity',
};

/** An option in a few words: "6 AWG copper in 3/4 EMT", "NM-B 4 AWG copper". */
export const optionName = ({ method, metal, size, trade }: RunOption): string =>
  size === null
    ? `${methodName(method)} ${metalName[metal]}`
    : trade === null
      ? `${methodName(method)} ${printWireSize(size)} ${metalName[metal]}`
      : `${printWireSize(size)} ${metalName[metal]} in ${trade} ${methodName(method)}`;

/** What binds the conductor. */
export const bindingWords: Readonly<Record<Binding, string>> = {
  load: 'The column of the terminals and the method: the next smaller size does not carry 125 % of the load there.',
  corrected: 'Heat and neighbors: the next smaller size does not carry the load once it is corrected.',
  breaker: 'The breaker: it does not protect the next smaller size.',
  small: '240.4(D): the breaker is too large for the next smaller size.',
  own: 'The ampacity that Article 430, 440 or 630 requires.',
  practice: 'Shop practice: the conductor is wired to the breaker.',
  drop: 'The voltage drop: a smaller size would carry the load.',
  min: 'The smallest size that is allowed here.',
  pinned: 'Size set by hand.',
  made: 'Nothing smaller is made or allowed.',
};

/** What would relax it, as the words of its button. */
export function relaxedWords({ by, size, feet }: Relaxed): string {
  const then = printWireSize(size);
  switch (by) {
    case 'marked-75':
      return `Both ends marked 75 °C: ${then}`;
    case 'lower-setting':
      return `One step lower setting: ${then}`;
    case 'apart':
      return `Apart from other circuits: ${then}`;
    case 'cooler':
      return `10 °C cooler all the way: ${then}`;
    case 'no-drop-limit':
      return `Without the limit of the drop: ${then}`;
    case 'shorter':
      return `${feet ?? 0} ft shorter: ${then}`;
    case 'in-emt':
      return `In EMT: ${then}`;
    case 'in-mc':
      return `In MC: ${then}`;
  }
}
