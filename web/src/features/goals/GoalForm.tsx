import { useMutation, useQuery } from '@tanstack/react-query';
import { Button, Checkbox, Input, InputNumber, Popconfirm, Slider } from 'antd';
import { Fragment, useState } from 'react';
import type { GoalSet, Measurands, NewGoalSet } from '../../api/types';
import { queries } from '../../api/queries';
import { Choice } from '../../ui/Choice';
import { Mark } from '../../ui/Mark';
import { Notice } from '../../ui/Notice';

type Limits = NewGoalSet['goals'][number];
type Row = { measurand: string; basis: NonNullable<Limits['basis']> };

/** What a goal can be for. */
const BASES: { basis: Row['basis']; words: string }[] = [
  { basis: 'AS_SERVED', words: '' },
  { basis: 'PER_PIECE', words: ', a piece' },
  { basis: 'PER_100G_COOKED', words: ', 100 g cooked' },
];

const keyOf = ({ measurand, basis }: Pick<Limits, 'measurand' | 'basis'>) =>
  `${measurand}@${basis ?? 'AS_SERVED'}`;

const EMPTY: NewGoalSet = { name: '', note: '', goals: [], promises: [] };

function asSent(set: GoalSet | undefined): NewGoalSet {
  const { name, note, goals, promises = [] } = set ?? EMPTY;
  return { name, note, goals, promises };
}

/** One goal set, to read and to edit. */
export function GoalForm(props: {
  set: GoalSet | undefined;
  measurands: Measurands;
  onSave: (set: NewGoalSet) => Promise<unknown>;
  onRemove?: () => Promise<unknown>;
}) {
  const { set, measurands, onSave, onRemove } = props;
  const [edited, setEdited] = useState<NewGoalSet>(() => asSent(set));
  const promises = useQuery(queries.promises());
  const [more, setMore] = useState<Row[]>([]);
  const save = useMutation({
    mutationFn: onSave,
    onSuccess: () => {
      if (!set) setEdited(EMPTY);
    },
  });
  const remove = useMutation({ mutationFn: async () => onRemove?.() });
  const failure = save.error ?? remove.error;
  const limits = (row: Row) => edited.goals.find((goal) => keyOf(goal) === keyOf(row));
  const all = [...measurands.shown, ...measurands.others];
  const possible = BASES.flatMap(({ basis }) => all.map(({ tag }) => ({ measurand: tag, basis })));
  const isRow = (row: Row) =>
    (row.basis === 'AS_SERVED' && measurands.shown.some(({ tag }) => tag === row.measurand)) ||
    more.some((one) => keyOf(one) === keyOf(row)) ||
    limits(row) !== undefined;
  const rows = possible.filter(isRow);
  const others = possible.filter((row) => !isRow(row));
  const named = ({ measurand, basis }: Row) => {
    const { words = measurand, unit = '' } = all.find(({ tag }) => tag === measurand) ?? {};
    return { words: `${words}${BASES.find((one) => one.basis === basis)?.words ?? ''}`, unit };
  };
  const put = (row: Row, to: Partial<Limits>) => {
    const goal = { ...limits(row), ...row, ...to };
    const rest = edited.goals.filter((other) => keyOf(other) !== keyOf(row));
    const none = goal.lower == null && goal.upper == null;
    setEdited({ ...edited, goals: none ? rest : [...rest, goal] });
  };
  const changed = JSON.stringify(edited) !== JSON.stringify(asSent(set));
  const asked = edited.promises ?? [];
  return (
    <form
      className="goal-set"
      aria-label={set ? set.name : 'New goal set'}
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(edited);
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
            <th scope="col">for a serving</th>
            <th scope="col">at least</th>
            <th scope="col">at most</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => {
            const { words, unit } = named(row);
            const now = limits(row);
            return (
              <Fragment key={keyOf(row)}>
                <tr>
                  <th scope="row">
                    <Mark component={row.measurand} /> {words} <span className="unit">{unit}</span>
                  </th>
                  {(['lower', 'upper'] as const).map((side) => (
                    <td key={side}>
                      <InputNumber
                        aria-label={`${words}, ${side === 'lower' ? 'at least' : 'at most'}`}
                        min={0}
                        max={100000}
                        controls={false}
                        value={now?.[side] ?? null}
                        onChange={(value) => put(row, { [side]: value ?? undefined })}
                      />
                    </td>
                  ))}
                </tr>
                <tr className="drag">
                  <td colSpan={3}>
                    <Band
                      words={words}
                      limits={now}
                      end={endOf(row.measurand, now?.upper ?? now?.lower ?? 0)}
                      onChange={(lower, upper) => put(row, { lower, upper })}
                    />
                    {now && (
                      <Checkbox
                        checked={now.wish === true}
                        onChange={(event) =>
                          put(row, { wish: event.target.checked ? true : undefined })
                        }
                      >
                        <span className="sr-only">{words}: </span>nice to have
                      </Checkbox>
                    )}
                  </td>
                </tr>
              </Fragment>
            );
          })}
        </tbody>
      </table>
      <Choice
        className="another-figure"
        variant="borderless"
        aria-label="A limit on another figure"
        placeholder={<span className="quiet">a limit on another figure</span>}
        value={undefined}
        options={others.map((row) => ({ value: keyOf(row), label: named(row).words }))}
        onChange={(key: string) => {
          const row = others.find((one) => keyOf(one) === key);
          if (row) setMore([...more, row]);
        }}
      />
      <Choice<NonNullable<NewGoalSet['promises']>>
        className="another-figure"
        variant="borderless"
        mode="multiple"
        aria-label="What the plate has to be free from"
        placeholder={<span className="quiet">free from: no egg, no nuts …</span>}
        value={asked}
        options={promises.data?.map(({ promise, words }) => ({ value: promise, label: words }))}
        onChange={(now) =>
          setEdited({
            ...edited,
            promises: promises.data
              ?.map(({ promise }) => promise)
              .filter((one) => now.includes(one)),
          })
        }
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
          disabled={!changed || !edited.name.trim() || edited.goals.length + asked.length === 0}
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
