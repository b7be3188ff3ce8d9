import { useState } from 'react';
import { judge, readAnswer, type Drill, type Figure, type Judgment } from '../../core/drills/drill';
import { drawDrill, type DrillKind } from '../../core/drills/drillKinds';
import { keepAnswer, nameCause } from '../../store/practice/practiceStorage';
import { nowIso } from '../../store/clock';

/** An answer that was judged. */
export interface Answered {
  readonly answer: string;
  readonly judgment: Judgment;
  /** The wrong rule that was owned to. */
  readonly mine: string | null;
}

/** A plate with what was answered of it. */
export interface DrillState {
  readonly drill: Drill;
  readonly current: Figure;
  readonly typed: string;
  /** What is wrong with what was typed; null: nothing. */
  readonly refused: string | null;
  readonly answered: ReadonlyMap<string, Answered>;
  readonly plates: number;
  readonly choose: (id: string) => void;
  readonly type: (typed: string) => void;
  readonly answer: (typed?: string) => void;
  readonly own: (rule: string) => void;
  readonly next: () => void;
}

const ACCEPTS: Readonly<Record<Figure['is']['kind'], string>> = {
  number: 'Type a number, such as 16.5.',
  wire: 'Type a size, such as 12, 1/0 or 250.',
  trade: 'Type a trade size, such as 3/4 or 1-1/4.',
  word: 'Choose one of those offered.',
};

/** The card of a figure of a kind of drill. */
export const drillCard = (kind: string, figure: string): string => `drill ${kind} ${figure}`;

const drawSeed = (): number => crypto.getRandomValues(new Uint32Array(1))[0] ?? 1;

/** An answer judged and kept; the rule that gave it is known where only one does. */
function judged(card: string, figure: Figure, answer: string): Answered {
  const judgment = judge(figure, answer);
  const [only] = judgment.by;
  const mine = judgment.by.length === 1 && only !== undefined ? only.words : null;
  void keepAnswer(
    { card, right: judgment.right, cause: mine, blind: false },
    judgment.right ? 'good' : 'again',
    nowIso(),
  );
  return { answer, judgment, mine };
}

/** A drill: a new plate each time, each figure judged once, misses kept with the rule that gave them. */
export function useDrill(kind: DrillKind): DrillState {
  const [drill, setDrill] = useState(() => drawDrill(kind, drawSeed()));
  const [plates, setPlates] = useState(1);
  const [chosen, setChosen] = useState<string | null>(null);
  const [typed, setTyped] = useState('');
  const [refused, setRefused] = useState<string | null>(null);
  const [answered, setAnswered] = useState<ReadonlyMap<string, Answered>>(new Map());
  const open = drill.figures.find(({ id }) => !answered.has(id));
  const current = drill.figures.find(({ id }) => id === chosen) ?? open ?? drill.figures.at(-1);
  if (current === undefined) throw new Error(`${kind.id} asks nothing.`);
  const card = drillCard(kind.id, current.id);
  return {
    drill,
    current,
    typed,
    refused,
    answered,
    plates,
    choose: (id) => {
      setChosen(id);
      setTyped('');
      setRefused(null);
    },
    type: (text) => {
      setTyped(text);
      setRefused(null);
    },
    answer: (text = typed) => {
      if (answered.has(current.id)) return;
      const answer = readAnswer(current.is, text);
      if (answer === undefined) {
        setRefused(ACCEPTS[current.is.kind]);
        return;
      }
      const done = judged(card, current, answer);
      setAnswered(new Map([...answered, [current.id, done]]));
      setTyped('');
      // What was missed stays in view until the learner goes on.
      setChosen(done.judgment.right ? null : current.id);
    },
    own: (rule) => {
      const was = answered.get(current.id);
      if (was === undefined) return;
      setAnswered(new Map([...answered, [current.id, { ...was, mine: rule }]]));
      void nameCause(card, rule);
    },
    next: () => {
      setDrill(drawDrill(kind, drawSeed()));
      setPlates(plates + 1);
      setAnswered(new Map());
      setChosen(null);
      setTyped('');
      setRefused(null);
    },
  };
}
