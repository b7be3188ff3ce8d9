import type { Breaker, Panel } from './panelSchema';

const NAMED =
  /\b(?:solar|pv|photovoltaic|inverter|generator|genset|standby|interlock|battery|storage system|ess|backup|v2h|v2g|bidirectional)\b/i;

/** Whether a breaker is fed from its own side, as its name in the directory has it: it stays where it stands (705.12). */
export const isSecondSource = ({ name }: Pick<Breaker, 'name'>): boolean => NAMED.test(name);

/** Everything that feeds these panels besides the utility, as was said of them and as their breakers are named. */
export function sourcesOf(panels: readonly Panel[]): readonly string[] {
  const said = panels.flatMap(({ secondSources }) => secondSources ?? []);
  const named = panels.flatMap(({ breakers }) => breakers.filter(isSecondSource).map(({ name }) => name));
  return [...new Set<string>([...said, ...named])];
}
