import type { Command, PartChange } from './command';

/** What changes of parts were called before they were one kind of command. */
const PART_OF: Readonly<Record<string, PartChange['part']>> = {
  'change-house': 'house',
  'change-materials': 'materials',
  'change-quote': 'quote',
  'change-days': 'days',
  'change-yard': 'yard',
};

/** A command as it was saved in a journal, by the names that commands have now. */
export function currentCommand(command: Command): Command {
  if (command.kind === 'batch') return { ...command, commands: command.commands.map(currentCommand) };
  const part = PART_OF[command.kind];
  return part === undefined ? command : Object.assign({}, command, { kind: 'change', part } as const);
}
