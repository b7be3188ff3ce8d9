import type { Job } from '../../core/job/jobSchema';
import { anyHouseSentence } from '../../core/wording/houseFindings';
import { severityWord } from '../../core/wording/words';
import type { AnyHouseFinding } from '../../core/findings/houseFinding';
import { isHouseAnswered } from '../../store/houseView';
import { useJobEditor } from '../../store/useJobEditor';
import { AnswerField } from '../../ui/fields/AnswerField';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import classes from './HouseFindingList.module.css';

interface HouseFindingListProps {
  readonly job: Job;
  /** What the findings are about: the service, or a panel by its id. */
  readonly about: string;
  readonly findings: readonly AnyHouseFinding[];
}

function Answer({
  job,
  about,
  finding,
}: {
  readonly job: Job;
  readonly about: string;
  readonly finding: AnyHouseFinding;
}) {
  const { canWrite, edit } = useJobEditor();
  const given = job.answers.find((each) => each.about === about && each.code === finding.code)?.text ?? '';
  const keep = (text: string): void => {
    const others = job.answers.filter((each) => each.about !== about || each.code !== finding.code);
    edit(
      {
        kind: 'set-job',
        fields: { answers: text === '' ? others : [...others, { about, code: finding.code, text }] },
      },
      'Answer a question',
    );
  };
  return <AnswerField asks={finding.severity === 'ask'} given={given} disabled={!canWrite} onAnswer={keep} />;
}

/** Findings about service or panel, each with its rule and room for the answer that closes it. */
export function HouseFindingList({ job, about, findings }: HouseFindingListProps) {
  if (findings.length === 0) return null;
  return (
    <ul className={classes['findings']} aria-label="Findings">
      {findings.map((finding) => {
        const answered = isHouseAnswered(job, about, finding);
        const severity = finding.severity === 'note' || answered ? 'ok' : finding.severity;
        return (
          <li key={finding.code}>
            <p>
              <SeverityShape severity={severity} />
              <span>
                {answered ? 'Answered. ' : `${severityWord[finding.severity]}: `}
                {anyHouseSentence(finding)} <cite className="fig">{finding.cite.section}</cite>
              </span>
            </p>
            {(finding.severity === 'ask' || finding.severity === 'check') && (
              <details>
                <summary>{answered ? 'The answer' : 'Answer it'}</summary>
                <Answer job={job} about={about} finding={finding} />
              </details>
            )}
          </li>
        );
      })}
    </ul>
  );
}
