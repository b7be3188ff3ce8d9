import type { Lack } from '../../core/packet/packetLacks';
import type { Missing } from '../../core/packet/packetMissing';
import { lackWords, pagesWords } from '../../core/packet/missingWords';
import type { Job } from '../../core/job/jobSchema';
import { evaluationOf } from '../../store/evaluation';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { useJump } from '../job/useJump';
import classes from './packet.module.css';

const ACT = { stop: 'Mend', ask: 'Answer', check: 'Look' } as const;

/** What is done about it where the jump ends. */
const actOf = ({ lack, severity }: Missing): string => {
  const other: Readonly<Record<Exclude<Lack['kind'], 'finding'>, string>> = {
    photo: 'Take it',
    authority: 'Enter it',
    permit: 'Enter it',
  };
  return lack.kind === 'finding' ? ACT[severity] : other[lack.kind];
};

interface MissingListProps {
  readonly job: Job;
  readonly missing: readonly Missing[];
}

/** What keeps the packet from being sealed, each with its pages and a way to where it is put right. */
export function MissingList({ job, missing }: MissingListProps) {
  const jump = useJump(job.id);
  const evaluation = evaluationOf(job);
  return (
    <section className={classes['needs']} aria-label="Before it can be sealed">
      <header>
        <h2>Before it can be sealed</h2>
        <span>
          <b className="fig">{missing.length}</b> open
        </span>
      </header>
      <ul className={classes['missing']}>
        {missing.map((each, at) => {
          const { name, what } = lackWords(each.lack, evaluation);
          return (
            <li key={at}>
              <SeverityShape severity={each.severity} size={12} named />
              <span>
                <b>{name}:</b> {what} <span className="second">{pagesWords(each)}</span>
              </span>
              <button
                type="button"
                className="act"
                aria-label={`${actOf(each)}: ${name}, ${what}`}
                onClick={() => {
                  jump(each.lack);
                }}
              >
                {actOf(each)}
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
