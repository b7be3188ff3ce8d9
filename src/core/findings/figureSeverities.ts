import type { AnyFinding } from './finding';
import { worstSeverity, type FigureSeverity } from './severity';
import { FIGURE_KEYS, figureOf, type FigureKey } from './subject';

/** The severity of each figure of a circuit. */
export function figureSeverities(open: readonly AnyFinding[]): Readonly<Record<FigureKey, FigureSeverity>> {
  const of = (figure: FigureKey): FigureSeverity =>
    worstSeverity(open.filter(({ subject }) => figureOf(subject) === figure));
  const [load, breaker, conductor, ground, raceway, drop, disconnect, protection] = FIGURE_KEYS;
  return {
    [load]: of(load),
    [breaker]: of(breaker),
    [conductor]: of(conductor),
    [ground]: of(ground),
    [raceway]: of(raceway),
    [drop]: of(drop),
    [disconnect]: of(disconnect),
    [protection]: of(protection),
  };
}
