import { useMutation, useQuery } from '@tanstack/react-query';
import { Button, Input, InputNumber, Segmented } from 'antd';
import { useRef, useState } from 'react';
import { answer, api, ifMatch, Problem } from '../../api/client';
import { queries } from '../../api/queries';
import type { Food, FoodForm } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { Notice } from '../../ui/Notice';
import { useSettled } from '../../ui/useSettled';
import { emptyForm, emptyLabel, formOf } from './formOf';
import { ROLES } from '../../ui/roles';
import { ALLERGENS, ORIGINS } from './kinds';
import { LabelFields } from './LabelFields';
import { MeasureFields } from './MeasureFields';
import { PreviewTable } from './PreviewTable';
import { ValueFields } from './ValueFields';

const PAUSE_MS = 250;

/** A food to enter or to change, by its label or per 100 g, checked while it is typed. */
export function FoodEditor(props: {
  food: Food | undefined;
  onDone: (food: Food | undefined) => void;
}) {
  const { food, onDone } = props;
  const [form, setForm] = useState<FoodForm>(() => (food ? formOf(food) : emptyForm()));
  const shown = useRef(false);
  const save = useMutation({
    mutationFn: (insist: boolean) =>
      answer(
        food
          ? api.PUT('/api/foods/{id}', {
              params: {
                path: { id: food.id },
                query: { insist },
                header: ifMatch(food.change),
              },
              body: form,
            })
          : api.POST('/api/foods', { params: { query: { insist } }, body: form }),
      ),
    onSuccess: onDone,
  });
  const failure = save.error;
  const set = (part: Partial<FoodForm>) => {
    setForm((before) => ({ ...before, ...part }));
    save.reset();
  };
  const { check, refused } = useCheck(form);
  return (
    <form
      ref={(node) => {
        if (!shown.current) node?.scrollIntoView({ block: 'nearest' });
        shown.current = true;
      }}
      className="food-card food-editor"
      aria-label={food ? `Change ${food.name}` : 'A new food'}
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(false);
      }}
    >
      <Input
        className="goal-name"
        variant="borderless"
        aria-label="Name of the food"
        placeholder="What is it called?"
        value={form.name}
        maxLength={120}
        onChange={(event) => set({ name: event.target.value })}
      />
      <div className="editor-row">
        <Choice
          aria-label="What it does in a batter"
          value={form.role}
          options={ROLES}
          onChange={(role) => set({ role })}
        />
        <Segmented<'poured' | 'filled'>
          aria-label="How it is measured"
          value={form.liquid ? 'poured' : 'filled'}
          options={[
            { value: 'filled', label: 'filled into a cup' },
            { value: 'poured', label: 'poured' },
          ]}
          onChange={(how) => set({ liquid: how === 'poured' })}
        />
        <Segmented<'label' | 'values'>
          aria-label="Where the values are from"
          value={form.label ? 'label' : 'values'}
          options={[
            { value: 'label', label: 'from its label' },
            { value: 'values', label: 'per 100 g' },
          ]}
          onChange={(how) => set({ label: how === 'label' ? emptyLabel() : undefined })}
        />
      </div>
      <div className="food-tables">
        {form.label ? (
          <LabelFields label={form.label} onChange={(label) => set({ label })} />
        ) : (
          <ValueFields values={form.values} onChange={(values) => set({ values })} />
        )}
        <div className="editor-side">
          <PreviewTable check={check} refused={refused} />
        </div>
      </div>
      <MeasureFields measures={form.measures} onChange={(measures) => set({ measures })} />
      <div className="editor-row">
        <Many
          label="Contains"
          value={form.allergens}
          options={ALLERGENS}
          onChange={(allergens) => set({ allergens })}
        />
        <Many
          label="May contain"
          value={form.mayContain}
          options={ALLERGENS}
          onChange={(mayContain) => set({ mayContain })}
        />
        <Many
          label="Comes from"
          value={form.origins}
          options={ORIGINS}
          onChange={(origins) => set({ origins })}
        />
      </div>
      <Input
        aria-label="Other names"
        placeholder="Other names, with commas between them"
        value={form.names.join(', ')}
        maxLength={600}
        onChange={(event) =>
          set({ names: event.target.value.split(',').map((name) => name.trimStart()) })
        }
      />
      <div className="editor-row">
        <Input
          aria-label="Source"
          placeholder="Where the values are from"
          value={form.source}
          maxLength={200}
          onChange={(event) => set({ source: event.target.value })}
        />
        {!form.label && (
          <label className="inline">
            doubt, times a food table’s{' '}
            <InputNumber
              aria-label="Doubt"
              min={0.1}
              max={20}
              value={form.doubt}
              onChange={(doubt) => set({ doubt: doubt ?? 1 })}
            />
          </label>
        )}
      </div>
      {failure && <Notice>{failure.message}</Notice>}
      <div className="goal-tools">
        <Button type="text" onClick={() => onDone(undefined)}>
          Leave it
        </Button>
        {failure instanceof Problem && failure.status === 409 && (
          <Button onClick={() => save.mutate(true)} loading={save.isPending}>
            Keep it all the same
          </Button>
        )}
        <Button
          type="primary"
          htmlType="submit"
          loading={save.isPending}
          disabled={!form.name.trim() || refused !== undefined}
        >
          {food ? 'Save as the next revision' : 'Put it in the larder'}
        </Button>
      </div>
    </form>
  );
}

function Many<Value extends string>(props: {
  label: string;
  value: Value[];
  options: { value: Value; label: string }[];
  onChange: (value: Value[]) => void;
}) {
  return (
    <Choice<Value[]>
      className="many"
      mode="multiple"
      aria-label={props.label}
      prefix={<span className="quiet">{props.label}</span>}
      value={props.value}
      options={props.options}
      onChange={props.onChange}
    />
  );
}

/** What the form would become, asked for shortly after each change. */
function useCheck(form: FoodForm) {
  const asked = useSettled(form, PAUSE_MS);
  const named = {
    ...asked,
    name: asked.name.trim() || 'unnamed',
    names: [],
    measures: asked.measures.filter((row) => row.grams > 0),
  };
  const query = useQuery(queries.foodCheck(named));
  return {
    check: query.data,
    refused: query.error?.message,
  };
}
