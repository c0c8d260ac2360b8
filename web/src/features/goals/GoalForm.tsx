import { useMutation } from '@tanstack/react-query';
import { Button, Input, InputNumber, Popconfirm, Slider } from 'antd';
import { Fragment, useState } from 'react';
import type { GoalSet, Measurands, NewGoalSet } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { Mark } from '../../ui/Mark';
import { Notice } from '../../ui/Notice';

const EMPTY: NewGoalSet = { name: '', note: '', goals: [] };

/** One goal set, to read and to edit. */
export function GoalForm(props: {
  set: GoalSet | undefined;
  measurands: Measurands;
  onSave: (set: NewGoalSet) => Promise<unknown>;
  onRemove?: () => Promise<unknown>;
}) {
  const { set, measurands, onSave, onRemove } = props;
  const [edited, setEdited] = useState<NewGoalSet>(() => set ?? EMPTY);
  const [more, setMore] = useState<string[]>([]);
  const save = useMutation({
    mutationFn: onSave,
    onSuccess: () => {
      if (!set) setEdited(EMPTY);
    },
  });
  const remove = useMutation({ mutationFn: async () => onRemove?.() });
  const failure = save.error ?? remove.error;
  const limits = (tag: string) => edited.goals.find((goal) => goal.measurand === tag);
  const isRow = (tag: string) => more.includes(tag) || limits(tag) !== undefined;
  const rows = [...measurands.shown, ...measurands.others.filter(({ tag }) => isRow(tag))];
  const others = measurands.others.filter(({ tag }) => !isRow(tag));
  const limit = (tag: string, side: 'lower' | 'upper', value: number | null) => {
    const goal = { ...limits(tag), measurand: tag, [side]: value ?? undefined };
    const rest = edited.goals.filter((other) => other.measurand !== tag);
    setEdited({
      ...edited,
      goals: goal.lower == null && goal.upper == null ? rest : [...rest, goal],
    });
  };
  const both = (tag: string, lower: number | undefined, upper: number | undefined) => {
    const rest = edited.goals.filter((other) => other.measurand !== tag);
    const none = lower === undefined && upper === undefined;
    setEdited({ ...edited, goals: none ? rest : [...rest, { measurand: tag, lower, upper }] });
  };
  const changed = JSON.stringify(edited) !== JSON.stringify(set ?? EMPTY);
  return (
    <form
      className="goal-set"
      aria-label={set ? set.name : 'New goal set'}
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate({ name: edited.name, note: edited.note, goals: edited.goals });
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
          {rows.map(({ tag, words, unit }) => (
            <Fragment key={tag}>
              <tr>
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
              <tr className="drag">
                <td colSpan={3}>
                  <Band
                    words={words}
                    limits={limits(tag)}
                    end={endOf(tag, limits(tag)?.upper ?? limits(tag)?.lower ?? 0)}
                    onChange={(lower, upper) => both(tag, lower, upper)}
                  />
                </td>
              </tr>
            </Fragment>
          ))}
        </tbody>
      </table>
      <Choice
        className="another-figure"
        variant="borderless"
        aria-label="A limit on another figure"
        placeholder={<span className="quiet">a limit on another figure</span>}
        value={undefined}
        options={others.map(({ tag, words }) => ({ value: tag, label: words }))}
        onChange={(tag: string) => setMore([...more, tag])}
      />
      <Input
        variant="borderless"
        aria-label="Where the limits are from"
        placeholder="Where the limits are from"
        value={edited.note}
        maxLength={300}
        onChange={(event) => setEdited({ ...edited, note: event.target.value })}
      />
      {failure && <Notice>{failure.message}</Notice>}
      <div className="goal-tools">
        {onRemove && (
          <Popconfirm
            title={`Remove “${set?.name ?? ''}”?`}
            okText="Remove"
            cancelText="Leave it"
            onConfirm={() => remove.mutate()}
          >
            <Button type="text">Remove</Button>
          </Popconfirm>
        )}
        <Button
          type="primary"
          htmlType="submit"
          loading={save.isPending}
          disabled={!changed || !edited.name.trim() || edited.goals.length === 0}
        >
          {set ? 'Save' : 'Add'}
        </Button>
      </div>
    </form>
  );
}

/** Where the band of a serving ends on the page, in each figure's unit. */
const ENDS: Record<string, number> = {
  ENERC: 1000,
  PROCNT: 60,
  CHOCDF: 150,
  FIBTG: 20,
  FAT: 50,
  SUGAR: 60,
  FASAT: 20,
  SALT: 4,
};
const STEPS = 100;

function endOf(tag: string, limit: number): number {
  return Math.max(ENDS[tag] ?? 100, 2 * limit);
}

/** The same limits as a band whose ends are dragged; an end at the edge is no limit. */
function Band(props: {
  words: string;
  limits: { lower?: number | null; upper?: number | null } | undefined;
  end: number;
  onChange: (lower: number | undefined, upper: number | undefined) => void;
}) {
  const { words, limits, onChange } = props;
  // Stays as it is while an end is dragged.
  const [end] = useState(props.end);
  const most = Math.max(end, limits?.upper ?? 0, limits?.lower ?? 0);
  return (
    <Slider
      range
      min={0}
      max={most}
      step={most / STEPS}
      value={[limits?.lower ?? 0, limits?.upper ?? most]}
      tooltip={{ open: false }}
      ariaLabelForHandle={[`${words}: drag the lower end`, `${words}: drag the upper end`]}
      onChange={([from = 0, to = most]) =>
        onChange(from <= 0 ? undefined : rounded(from), to >= most ? undefined : rounded(to))
      }
    />
  );
}

function rounded(value: number): number {
  return Number(value.toPrecision(3));
}
