import { useState } from 'react';
import { BENCHES } from '../../core/bench/benches';
import { DRILL_KINDS } from '../../core/drills/drillKinds';
import { daysUntil, isDue } from '../../core/practice/due';
import {
  missesByCause,
  readPracticeFile,
  writePracticeFile,
  type PracticeCard,
} from '../../core/practice/practiceFile';
import { counted } from '../../core/wording/words';
import { takePractice } from '../../store/practice/practiceStorage';
import { savedAnswers, savedCards } from '../../store/practice/savedPractice';
import { useAnswers, useCards } from '../../store/practice/usePractice';
import { downloadText } from '../../ui/files/download';
import { useFilePicker } from '../../ui/files/useFilePicker';
import { BenchFrame } from './BenchFrame';
import { LATEST_ANSWERS, MissList } from './MissList';
import { nowIso } from '../../store/clock';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './bench.module.css';

/** What a card is of, in words. */
function cardName(id: string): string {
  const [what, which = '', figure = ''] = id.split(' ');
  if (what === 'bench') return BENCHES.find((bench) => bench.id === which)?.name ?? which;
  const kind = DRILL_KINDS.find((each) => each.id === which)?.name ?? which;
  return `${kind}: ${figure}`;
}

/** Cards by when they come back, the soonest first. */
function Cards({ cards }: { readonly cards: readonly PracticeCard[] }) {
  const moment = nowIso();
  return (
    <table className={classes['record']}>
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col">Answered</th>
          <th scope="col">Missed again</th>
          <th scope="col">Comes back</th>
        </tr>
      </thead>
      <tbody>
        {cards
          .toSorted((a, b) => a.due.localeCompare(b.due))
          .map((card) => (
            <tr key={card.id}>
              <th scope="row">{cardName(card.id)}</th>
              <td className="fig">{card.reps}</td>
              <td className="fig">{card.lapses}</td>
              <td className="fig">{isDue(card, moment) ? 'now' : counted(daysUntil(card, moment), 'day')}</td>
            </tr>
          ))}
      </tbody>
    </table>
  );
}

/** Out to a file, and in from one. */
function Files() {
  const [said, setSaid] = useState<string | null>(null);
  const picker = useFilePicker({
    accept: '.json,application/json',
    label: 'File of practice',
    onFile: (file) => {
      void file.text().then(async (text) => {
        const read = readPracticeFile(text);
        if ('problem' in read) {
          setSaid(`${file.name}: ${read.problem}`);
          return;
        }
        await takePractice(read.cards, read.answers);
        setSaid(
          `${file.name}: ${counted(read.cards.length, 'card')} and ${counted(read.answers.length, 'answer')} read.`,
        );
      });
    },
  });
  const save = async (): Promise<void> => {
    const [cards, answers] = await Promise.all([savedCards(), savedAnswers()]);
    downloadText(writePracticeFile(cards, answers), 'practice.pasture.json', 'application/json');
  };
  return (
    <p className={classes['files']}>
      {picker.input}
      <button type="button" className="act" onClick={() => void save()}>
        Save the record to a file
      </button>
      <button type="button" className="act" onClick={picker.choose}>
        Read a record from a file
      </button>
      {said !== null && <span role="status">{said}</span>}
    </p>
  );
}

/** What was practiced: cards by when they come back, misses by their cause. */
export function RecordPage() {
  const cards = [...(useCards()?.values() ?? [])];
  const answers = useAnswers() ?? [];
  const misses = missesByCause(answers, LATEST_ANSWERS);
  const right = answers.filter((answer) => answer.right).length;
  const blind = answers.filter((answer) => answer.blind && answer.right).length;
  return (
    <BenchFrame
      current="record"
      board={classes['recordBoard']}
      foot={<span className="second">It stays in this browser, and in the files that are saved of it.</span>}
    >
      <section className={columnClass('middle', classes['work'])} aria-label="Record">
        <header>
          <h1>Record</h1>
          <span className="second">
            {counted(answers.length, 'answer')}, {right} right
            {blind > 0 && `, ${counted(blind, 'bench')} blind`}
          </span>
        </header>
        {cards.length === 0 ? (
          <p>Nothing practiced yet. A bench or a drill begins it.</p>
        ) : (
          <Cards cards={cards} />
        )}
        <Files />
      </section>
      <aside className={columnClass('side', classes['left'])} aria-label="Misses by their cause">
        <h2>
          Misses, by their cause <span className="second">last {LATEST_ANSWERS} answers</span>
        </h2>
        {misses.length === 0 && <p className="second">None.</p>}
        <MissList misses={misses} />
      </aside>
    </BenchFrame>
  );
}
