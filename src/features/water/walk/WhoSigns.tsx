import { useState } from 'react';
import { sayWho, useWho } from '../../../store/who';
import { TextField } from '../../../ui/fields/TextField';
import classes from './walk.module.css';

/** Who signs what is looked at from this device: asked once, changed with one tap. */
export function WhoSigns() {
  const who = useWho();
  const [asking, setAsking] = useState(who === undefined);
  if (asking || who === undefined)
    return (
      <TextField
        label="Who signs here: initials or role"
        value={who ?? ''}
        maxLength={60}
        disabled={false}
        onText={(text) => {
          sayWho(text);
          setAsking(text.trim() === '');
        }}
      />
    );
  return (
    <p className={classes['who']}>
      Signs here: <b>{who}</b>{' '}
      <button
        type="button"
        className="act"
        onClick={() => {
          setAsking(true);
        }}
      >
        Somebody else
      </button>
    </p>
  );
}
