import { Button, Input, InputNumber, Popconfirm } from 'antd';
import { useState } from 'react';
import type { Component, GoalSet, NewGoalSet } from '../../api/types';
import { Mark } from '../../ui/Mark';
import { Notice } from '../../ui/Notice';

const FIGURES: { tag: Component; words: string; unit: string }[] = [
  { tag: 'ENERC', words: 'energy', unit: 'kcal' },
  { tag: 'PROCNT', words: 'protein', unit: 'g' },
  { tag: 'CHOCDF', words: 'carbohydrate', unit: 'g' },
  { tag: 'FIBTG', words: 'fibre', unit: 'g' },
  { tag: 'FAT', words: 'fat', unit: 'g' },
];

/** One goal set, to read and to edit. */
export function GoalForm(props: {
  set: GoalSet | undefined;
  onSave: (set: NewGoalSet) => Promise<unknown>;
  onRemove?: () => Promise<unknown>;
}) {
  const { set, onSave, onRemove } = props;
  const [edited, setEdited] = useState<NewGoalSet>(() => set ?? { name: '', note: '', goals: [] });
  const [failure, setFailure] = useState<string>();
  const [busy, setBusy] = useState(false);
  const limits = (tag: Component) => edited.goals.find((goal) => goal.component === tag);
  const limit = (tag: Component, side: 'lower' | 'upper', value: number | null) => {
    const goal = { component: tag, ...limits(tag), [side]: value ?? undefined };
    const others = edited.goals.filter((other) => other.component !== tag);
    setEdited({
      ...edited,
      goals: goal.lower == null && goal.upper == null ? others : [...others, goal],
    });
  };
  const run = async (what: () => Promise<unknown>) => {
    setBusy(true);
    setFailure(undefined);
    try {
      await what();
      if (!set) setEdited({ name: '', note: '', goals: [] });
    } catch (refused) {
      setFailure(refused instanceof Error ? refused.message : 'It was not saved.');
    } finally {
      setBusy(false);
    }
  };
  const changed =
    JSON.stringify(edited) !== JSON.stringify(set ?? { name: '', note: '', goals: [] });
  return (
    <form
      className="goal-set"
      aria-label={set ? set.name : 'New goal set'}
      onSubmit={(event) => {
        event.preventDefault();
        void run(() => onSave({ name: edited.name, note: edited.note, goals: edited.goals }));
      }}
    >
      <Input
        className="goal-name"
        variant="borderless"
        aria-label="Name of the goals"
        placeholder="A new set of goals: its name"
        value={edited.name}
        maxLength={120}
        onChange={(event) => setEdited({ ...edited, name: event.target.value })}
      />
      <table>
        <thead>
          <tr>
            <th scope="col">a serving, as served</th>
            <th scope="col">at least</th>
            <th scope="col">at most</th>
          </tr>
        </thead>
        <tbody>
          {FIGURES.map(({ tag, words, unit }) => (
            <tr key={tag}>
              <th scope="row">
                <Mark component={tag} /> {words} <span className="unit">{unit}</span>
              </th>
              {(['lower', 'upper'] as const).map((side) => (
                <td key={side}>
                  <InputNumber
                    aria-label={`${words}, ${side === 'lower' ? 'at least' : 'at most'}`}
                    min={0}
                    max={100000}
                    controls={false}
                    value={limits(tag)?.[side] ?? null}
                    onChange={(value) => limit(tag, side, value)}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <Input
        variant="borderless"
        aria-label="Where the limits are from"
        placeholder="Where the limits are from"
        value={edited.note}
        maxLength={300}
        onChange={(event) => setEdited({ ...edited, note: event.target.value })}
      />
      {failure && <Notice>{failure}</Notice>}
      <div className="goal-tools">
        {onRemove && (
          <Popconfirm
            title={`Remove “${set?.name ?? ''}”?`}
            okText="Remove"
            cancelText="Leave it"
            onConfirm={() => void run(onRemove)}
          >
            <Button type="text">Remove</Button>
          </Popconfirm>
        )}
        <Button
          type="primary"
          htmlType="submit"
          loading={busy}
          disabled={!changed || !edited.name.trim() || edited.goals.length === 0}
        >
          {set ? 'Save' : 'Add'}
        </Button>
      </div>
    </form>
  );
}
