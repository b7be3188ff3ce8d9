import type { ReactNode } from 'react';
import { applianceQuestions, type Appliance } from '../../core/appliances/registry';
import { PlateField } from '../fields/PlateFields';
import classes from './Nameplate.module.css';

interface NameplateProps {
  readonly appliance: Appliance;
  /** What the nameplate says of itself: the family. */
  readonly family: string;
  readonly disabled: boolean;
  readonly onAppliance: (appliance: Appliance, mergeKey: string | undefined) => void;
  readonly children?: ReactNode;
}

/** A rivet of the plate, drawn so that it stays round at any size. */
function Rivet() {
  return (
    <svg className={classes['rivet']} viewBox="0 0 8 8" aria-hidden="true">
      <circle cx="4" cy="4" r="3.2" />
      <path d="M2 5.6 L6 2.4" />
    </svg>
  );
}

/**
 * The plate of an appliance as it is read on the appliance itself: stamped marks, one cell for each, in the
 * order in which that family's plates bear them. What the plate does not say is asked under it.
 */
export function Nameplate({ appliance, family, disabled, onAppliance, children }: NameplateProps) {
  const questions = applianceQuestions(appliance);
  const stamped = questions.filter(({ mark }) => mark !== undefined);
  const asked = questions.filter(({ mark }) => mark === undefined);
  const field = (question: (typeof questions)[number], stamp: boolean) => (
    <PlateField
      key={question.key}
      question={question}
      appliance={appliance}
      disabled={disabled}
      autoFocus={false}
      stamped={stamp}
      onAppliance={onAppliance}
    />
  );
  return (
    <div className={classes['card']} data-help="mca">
      <div className={classes['plate']}>
        <p className={classes['head']}>
          <Rivet />
          <span>{family}</span>
          <Rivet />
        </p>
        <div className={classes['stamped']}>{stamped.map((question) => field(question, true))}</div>
        <p className={classes['foot']} aria-hidden="true">
          <Rivet />
          <Rivet />
        </p>
      </div>
      {asked.length > 0 && (
        <div className={classes['asked']}>{asked.map((question) => field(question, false))}</div>
      )}
      {children}
    </div>
  );
}
