import type { Question } from '../../core/questions/questions';
import { subjectName } from '../../core/wording/subjectName';
import { severityWord } from '../../core/wording/words';
import { sizesOf } from '../../store/sizes';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { FindingCard } from '../job/FindingCard';
import { useReadyJob } from '../job/JobPage';
import { useJump } from '../job/useJump';
import classes from './questions.module.css';

/** One question: where it is asked, what answers it with its outcome, and room for the words of whoever decides. */
export function QuestionRow({ question }: { readonly question: Question }) {
  const { job } = useReadyJob();
  const jump = useJump(job.id);
  const { sentence, severity, findings } = question;
  const [finding, ...others] = findings;
  const { cite } = finding;
  const names = new Map(findings.map((each) => [subjectName(each.subject, job), each]));
  return (
    <li>
      <p className={classes['sentence']}>
        <SeverityShape severity={severity} size={14} />
        <span>
          <b>{severityWord[severity]}:</b> {sentence} <cite className="fig">{cite.section}</cite>
        </span>
      </p>
      <p className={classes['places']}>
        {[...names].map(([name, each]) => (
          <button
            key={name}
            type="button"
            className="act"
            onClick={() => {
              jump({ kind: 'finding', finding: each });
            }}
          >
            {name}
          </button>
        ))}
      </p>
      <FindingCard sizes={sizesOf(job)} finding={finding} also={others} headed folded />
    </li>
  );
}
