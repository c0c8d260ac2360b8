import { useQuery } from '@tanstack/react-query';
import { Input, Segmented } from 'antd';
import { queries } from '../../api/queries';
import type { Draft, DraftPreparation, FieldProblem, Figures, Line } from '../../api/types';
import type { ChangeDraft } from '../../ui/change';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { ROLES } from '../../ui/roles';
import { Uses } from '../../ui/Uses';
import { Heated } from './Heated';
import { KindChoice } from './KindChoice';
import { PanFatFields } from './PanFatFields';

const NOT_SAID: DraftPreparation = { role: 'ADD_IN', liquid: false, weight: '', cupWeighs: '' };

/** How a preparation ends: what all of it weighs, and what a cup of it does. */
export function Finish(props: {
  recipeId: string;
  kept: number;
  draft: Draft;
  readings: Map<string, Line>;
  problems: FieldProblem[];
  makeup: Figures['makeup'] | undefined;
  onChange: ChangeDraft;
}) {
  const { recipeId, kept, draft, readings, problems, onChange } = props;
  const uses = useQuery(queries.usesOfPreparation(recipeId, kept));
  const stated = draft.preparation ?? NOT_SAID;
  const set = (what: string, part: Partial<DraftPreparation>) =>
    onChange(`finish:${what}`, (now) => ({
      ...now,
      preparation: { ...(now.preparation ?? NOT_SAID), ...part },
    }));
  return (
    <section className="station griddle" aria-labelledby="finish-title">
      <header>
        <h2 id="finish-title">Done</h2>
        <KindChoice kind={draft.kind} onChange={onChange} />
      </header>
      <Field
        label="All of it weighs"
        problem={problems.find((one) => one.field === 'finish.weight')}
      >
        <Input
          aria-label="All of it weighs"
          placeholder="as much as went in; or a weight: 250 g"
          value={stated.weight}
          maxLength={100}
          onChange={(event) => set('weight', { weight: event.target.value })}
        />
      </Field>
      <Field
        label="One cup of it weighs"
        problem={problems.find((one) => one.field === 'finish.cupWeighs')}
      >
        <Input
          aria-label="One cup of it weighs"
          placeholder="not weighed; or a weight: 92 g"
          value={stated.cupWeighs}
          maxLength={100}
          onChange={(event) => set('cupWeighs', { cupWeighs: event.target.value })}
        />
      </Field>
      <Field label="In a recipe it counts among">
        <div className="editor-row">
          <Choice
            aria-label="In a recipe it counts among"
            value={stated.role}
            options={ROLES}
            onChange={(role) => set('role', { role })}
          />
          <Segmented<'poured' | 'filled'>
            aria-label="How it is measured"
            value={stated.liquid ? 'poured' : 'filled'}
            options={[
              { value: 'filled', label: 'filled into a cup' },
              { value: 'poured', label: 'poured' },
            ]}
            onChange={(how) => set('liquid', { liquid: how === 'poured' })}
          />
        </div>
      </Field>
      <PanFatFields
        griddle={draft.griddle}
        readings={readings}
        problems={problems}
        onChange={onChange}
      />
      <Heated
        griddle={draft.griddle}
        makeup={props.makeup}
        problems={problems}
        onChange={onChange}
      />
      <p className="reading">
        Other recipes use its newest kept version, by its name:{' '}
        {kept === 0 ? 'keep it once, and they can.' : 'version ' + String(kept) + ' now.'}
      </p>
      <Uses uses={uses.data} of="this preparation" />
    </section>
  );
}
