import { SECOND_SOURCES, type Panel } from '../../core/panel/panelSchema';
import { sourceName } from '../../core/wording/panelWords';
import { CheckField } from '../../ui/fields/CheckField';
import { usePanelEditor } from '../../store/usePanelEditor';

/** What feeds a panel besides the utility; that nothing does is said too. */
export function SourceFields({ panel }: { readonly panel: Panel }) {
  const { change, canWrite } = usePanelEditor(panel);
  const { secondSources } = panel;
  return (
    <fieldset>
      <legend>Fed by the utility, and by</legend>
      {SECOND_SOURCES.map((source) => (
        <CheckField
          key={source}
          label={sourceName(source)}
          checked={secondSources?.includes(source) === true}
          disabled={!canWrite}
          onCheck={(checked) => {
            const others = (secondSources ?? []).filter((each) => each !== source);
            const next = checked ? [...others, source] : others;
            change({ secondSources: next.length === 0 ? null : next }, 'Second sources');
          }}
        />
      ))}
      <CheckField
        label="None here: looked"
        checked={secondSources?.length === 0}
        disabled={!canWrite}
        onCheck={(checked) => {
          change({ secondSources: checked ? [] : null }, 'Second sources');
        }}
      />
    </fieldset>
  );
}
