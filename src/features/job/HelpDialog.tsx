import { useState } from 'react';
import { HELP, HELP_IDS, type HelpId } from '../../core/wording/help';
import { HelpPicture } from '../../ui/pictures/HelpPicture';
import { Dialog } from '../../ui/shell/Dialog';
import classes from './dialogs.module.css';

interface HelpDialogProps {
  readonly at: HelpId;
  readonly onClose: () => void;
}

/** One topic explained, and the others to choose from. */
export function HelpDialog({ at, onClose }: HelpDialogProps) {
  const [id, setId] = useState(at);
  const { title, words } = HELP[id];
  return (
    <Dialog opened onClose={onClose} title={title}>
      <p className={classes['help']}>{words}</p>
      <HelpPicture id={id} />
      <h3 className="second">More help</h3>
      <ul className={classes['topics']}>
        {HELP_IDS.map((each) => (
          <li key={each}>
            <button
              type="button"
              className="act"
              aria-current={each === id || undefined}
              onClick={() => {
                setId(each);
              }}
            >
              {HELP[each].title}
            </button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
