import type { Draft } from '../../api/types';
import { Choice } from '../../ui/Choice';

/** What the recipe makes: cakes to eat, or something that other recipes use. */
export function KindChoice(props: {
  draft: Draft;
  onChange: (what: string, draft: Draft) => void;
}) {
  const { draft, onChange } = props;
  return (
    <Choice<Draft['kind']>
      aria-label="What it makes"
      variant="borderless"
      value={draft.kind}
      options={[
        { value: 'PANCAKE', label: 'pancakes' },
        { value: 'WAFFLE', label: 'waffles' },
        { value: 'PREPARATION', label: 'a preparation' },
      ]}
      onChange={(kind) =>
        onChange('kind', {
          ...draft,
          kind,
          preparation:
            kind === 'PREPARATION'
              ? (draft.preparation ?? { role: 'ADD_IN', liquid: false, weight: '', cupWeighs: '' })
              : draft.preparation,
        })
      }
    />
  );
}
