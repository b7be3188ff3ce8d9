import { Dialog } from '../../ui/shell/Dialog';
import { STAGES } from './stages';
import classes from './dialogs.module.css';

const KEYS: readonly (readonly [keys: string, does: string])[] = [
  ['Ctrl K or /', 'Find a circuit, a figure, or what to do'],
  ['F1', 'Help on the figure that is chosen'],
  ['N', 'Add a circuit'],
  ['[ and ]', 'Circuit before, circuit after'],
  [`1 to ${STAGES.length}`, STAGES.map(({ name }) => name).join(', ')],
  ['Arrows', 'Along the figures, when one of them has the focus'],
  ['P', 'Set the figure by hand, or leave it to Pasture again'],
  ['A', 'Apply the first fix'],
  ['W', 'Go to the working'],
  ['Q', 'From the cut plan to the quote, and back'],
  ['Alt and arrows', 'On a piece of the cut plan: lay it on the bar before or after'],
  ['Left, Right', 'Pages of the packet'],
  ['Alt 1 to Alt 4', 'Readers of the packet'],
  ['Alt Up, Alt Down', 'On a chapter of the packet: move it by one place'],
  ['R', 'From the figures of a circuit to its route, and back'],
  ['Arrows', 'On a station of the section: along, and up and down'],
  ['Ctrl Z, Ctrl Shift Z', 'Undo, redo'],
  ['Arrows, Page Up and Down', 'On a station of the tape: move it by a foot, by five'],
  ['Esc', 'In a field: take back what was typed'],
  ['?', 'This list'],
];

/** The keys of the stage. */
export function KeysDialog({ opened, onClose }: { readonly opened: boolean; readonly onClose: () => void }) {
  return (
    <Dialog opened={opened} onClose={onClose} title="Keys">
      <table className={classes['keys']}>
        <tbody>
          {KEYS.map(([keys, does]) => (
            <tr key={`${keys} ${does}`}>
              <th scope="row" className="fig">
                {keys}
              </th>
              <td>{does}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Dialog>
  );
}
