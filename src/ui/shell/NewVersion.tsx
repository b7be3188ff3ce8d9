import { Notice } from './Notice';
import { useNewVersion } from './newVersion';

/** Offers a newer build of Pasture. What was edited is saved and stays. */
export function NewVersion() {
  const reload = useNewVersion();
  return reload === null ? null : (
    <Notice severity="ask" acts={[{ label: 'Reload for the new version', act: reload }]}>
      A new version of Pasture is here. Every edit is saved and stays.
    </Notice>
  );
}
