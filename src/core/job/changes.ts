import { applianceTitle } from '../appliances/registry';
import type { Circuit } from '../circuit/circuitSchema';
import { followedBy } from '../circuit/edits/sharedRaceway';
import type { CircuitFields, Command, PutSources } from './command';
import { joinedChange } from './fieldChange';
import type { Job } from './jobSchema';

/** The fields in which a circuit is another than it was. */
function changedFields(was: Circuit, is: Circuit): Partial<CircuitFields> {
  const fields: Partial<CircuitFields> = {};
  for (const [key, value] of Object.entries(is)) {
    if (key !== 'id' && Reflect.get(was, key) !== value) Reflect.set(fields, key, value);
  }
  return fields;
}

/** A circuit that bears the title of its appliance goes on bearing it when the appliance changes: "EV charger, 44 A". */
const titled = (was: Circuit, is: Circuit): Circuit =>
  was.appliance !== is.appliance && is.name === was.name && was.name === applianceTitle(was.appliance)
    ? { ...is, name: applianceTitle(is.appliance) }
    : is;

/** The edit that makes one circuit of another. */
export const circuitChange = (was: Circuit, is: Circuit): Command => ({
  kind: 'change-circuit',
  id: was.id,
  fields: changedFields(was, titled(was, is)),
});

/** The edit of one circuit with what follows in the circuits that share a raceway with it. */
export function circuitEdit(was: Circuit, is: Circuit, all: readonly Circuit[]): Command {
  const own = circuitChange(was, is);
  const others = followedBy(was, is, all).map(([before, after]) => circuitChange(before, after));
  return others.length === 0 ? own : { kind: 'batch', commands: [own, ...others] };
}

/** The edit that adds circuits after those that are there. */
export const circuitsAdded = (circuits: readonly Circuit[], from: number): Command => ({
  kind: 'add-circuits',
  circuits: circuits.map((circuit, at) => ({ circuit, at: from + at })),
});

/** An edit with where its values come from; it is joined to others as such. */
export const sourced = (command: Command, sources: PutSources): Command => ({
  kind: 'batch',
  commands: [command, sources],
});

/** An edit without where its values come from, and that. */
function unsourced(command: Command): { readonly plain: Command; readonly sources: PutSources | undefined } {
  if (command.kind !== 'batch' || command.commands.length !== 2)
    return { plain: command, sources: undefined };
  const [first, second] = command.commands;
  if (second?.kind === 'put-sources' && first !== undefined) return { plain: first, sources: second };
  // The way back goes through both the other way round.
  return first?.kind === 'put-sources' && second !== undefined
    ? { plain: second, sources: first }
    : { plain: command, sources: undefined };
}

/** Where values come from after two edits: of each input as the second has it. */
function joinedSources(
  first: PutSources | undefined,
  second: PutSources | undefined,
): PutSources | undefined {
  if (first === undefined || second === undefined) return second ?? first;
  const later = new Set([...second.put.map(({ input }) => input), ...second.drop]);
  return {
    kind: 'put-sources',
    put: [...first.put.filter(({ input }) => !later.has(input)), ...second.put],
    drop: [...first.drop.filter((input) => !later.has(input)), ...second.drop],
  };
}

/** Two edits one after the other as one, with where their values come from. */
export function joined(first: Command, second: Command): Command {
  const [one, other] = [unsourced(first), unsourced(second)];
  const plain = joinedPlain(one.plain, other.plain);
  const sources = joinedSources(one.sources, other.sources);
  return sources === undefined ? plain : sourced(plain, sources);
}

/** Two edits one after the other as one: fields of the same thing are joined, anything else becomes a batch. */
function joinedPlain(first: Command, second: Command): Command {
  if (first.kind === 'change-circuit' && second.kind === 'change-circuit' && first.id === second.id)
    return { kind: second.kind, id: second.id, ...joinedChange(first, second) };
  if (first.kind === 'change-panel' && second.kind === 'change-panel' && first.id === second.id)
    return { kind: second.kind, id: second.id, ...joinedChange(first, second) };
  if (first.kind === 'put-check' && second.kind === 'put-check' && first.id === second.id) return second;
  if (first.kind === 'change' && second.kind === 'change' && first.part === second.part)
    return { kind: second.kind, part: second.part, ...joinedChange(first, second) };
  if (first.kind === 'change-job' && second.kind === 'change-job')
    return { kind: second.kind, ...joinedChange(first, second) };
  return byTarget([first, second]) ?? { kind: 'batch', commands: [first, second] };
}

/** What an edit of one thing alone is about; undefined for one whose order among others matters. */
function targetOf(command: Command): string | undefined {
  if (command.kind === 'put-in-yard') return `${command.list} ${command.item.id}`;
  return command.kind === 'change-circuit' ? `circuit ${command.id}` : undefined;
}

/**
 * Edits of single things, one after the other, as a drag makes them: for each thing the last of them, so that they stay
 * as few as the things are. Undefined where any of them is another edit.
 */
function byTarget(commands: readonly Command[]): Command | undefined {
  const last = new Map<string, Command>();
  for (const command of commands.flatMap((each) => (each.kind === 'batch' ? each.commands : [each]))) {
    const target = targetOf(command);
    if (target === undefined) return undefined;
    const before = last.get(target);
    last.set(
      target,
      before?.kind === 'change-circuit' && command.kind === 'change-circuit'
        ? { kind: command.kind, id: command.id, ...joinedChange(before, command) }
        : command,
    );
  }
  const kept = [...last.values()];
  const [only] = kept;
  return kept.length === 1 && only !== undefined ? only : { kind: 'batch', commands: kept };
}

/** The edit that makes one job of another, circuits and all; which job it is stays as it is. */
export function jobReplaced(was: Job, is: Job): Command {
  const { id: _id, circuits, ...fields } = is;
  return {
    kind: 'batch',
    commands: [
      { kind: 'remove-circuits', ids: was.circuits.map(({ id }) => id) },
      { kind: 'change-job', fields },
      circuitsAdded(circuits, 0),
    ],
  };
}
