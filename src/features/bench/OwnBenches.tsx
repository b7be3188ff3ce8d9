import { useState } from 'react';
import { Link } from 'react-router';
import { useJobs } from '../../store/useJobs';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import classes from './bench.module.css';

/** Circuits of own jobs, each a bench with a fault by lot. */
export function OwnBenches() {
  const jobs = useJobs();
  const [chosen, setChosen] = useState('');
  const job = jobs?.find(({ id }) => id === chosen) ?? jobs?.[0];
  if (job === undefined) return null;
  return (
    <section className={classes['own']} aria-label="Circuits of your own jobs">
      <h2>Circuits of your own jobs</h2>
      <ChoiceField
        label="Job"
        value={job.id}
        choices={(jobs ?? []).map(({ id, name }) => ({ value: id, label: name }))}
        onChoose={setChosen}
      />
      <ul>
        {job.document.circuits
          .filter(({ existing }) => existing === null)
          .map(({ id, name }) => (
            <li key={id}>
              <Link to={`/bench/own/${job.id}/${id}`}>{name}</Link>
            </li>
          ))}
      </ul>
    </section>
  );
}
