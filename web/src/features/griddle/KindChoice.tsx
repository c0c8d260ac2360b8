import type { Draft } from '../../api/types';
import type { ChangeDraft } from '../../ui/change';
import { Choice } from '../../ui/Choice';

/** What the recipe makes: cakes to eat, or something that other recipes use. */
export function KindChoice(props: { kind: Draft['kind']; onChange: ChangeDraft }) {
  return (
    <Choice<Draft['kind']>
      aria-label="What it makes"
      variant="borderless"
      value={props.kind}
      options={[
        { value: 'PANCAKE', label: 'pancakes' },
        { value: 'WAFFLE', label: 'waffles' },
        { value: 'PREPARATION', label: 'a preparation' },
      ]}
      onChange={(kind) =>
        props.onChange('kind', (draft) => ({
          ...draft,
          kind,
          preparation:
            kind === 'PREPARATION'
              ? (draft.preparation ?? { role: 'ADD_IN', liquid: false, weight: '', cupWeighs: '' })
              : draft.preparation,
        }))
      }
    />
  );
}
