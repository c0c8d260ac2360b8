import { useQuery } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { queries } from '../../api/queries';
import type { Draft, DraftHelping, FieldProblem } from '../../api/types';
import type { ChangeDraft } from '../../ui/change';
import { Choice } from '../../ui/Choice';
import { Glyph } from '../../ui/Glyph';
import { linesOf } from './ToppingSets';

const MOST = 12;

/** Other servings of the same batch: a child's, a hungry one, the same under other toppings. */
export function Helpings(props: {
  plate: Draft['plate'];
  problems: FieldProblem[];
  onChange: ChangeDraft;
}) {
  const { plate, problems, onChange } = props;
  const sets = useQuery(queries.toppingSets());
  const others = plate.others ?? [];
  const put = (what: string, how: (others: DraftHelping[]) => DraftHelping[]) =>
    onChange(`helpings:${what}`, (draft) => {
      const now = how(draft.plate.others ?? []);
      return { ...draft, plate: { ...draft.plate, others: now.length > 0 ? now : undefined } };
    });
  const set = (at: number, part: Partial<DraftHelping>) =>
    put(`${at}:${Object.keys(part).join()}`, (now) =>
      now.map((one, other) => (other === at ? { ...one, ...part } : one)),
    );
  return (
    <div className="helpings">
      {others.map((other, at) => {
        const problem = problems.find((one) => one.field === `plate.others.${at}`);
        return (
          <div key={at} className="helping">
            <Input
              aria-label={`Serving ${at + 2}: whose`}
              placeholder="whose"
              value={other.name}
              maxLength={60}
              onChange={(event) => set(at, { name: event.target.value })}
            />
            <Input
              aria-label={`Serving ${at + 2}: how much`}
              placeholder="1½, 120 g, 1/8 of it"
              value={other.amount}
              maxLength={100}
              status={problem ? 'error' : undefined}
              onChange={(event) => set(at, { amount: event.target.value })}
            />
            <Choice<string>
              aria-label={`Serving ${at + 2}: toppings`}
              value={chosen(other)}
              options={[
                { value: '', label: 'same toppings' },
                { value: '-', label: 'none' },
                ...(other.toppings && other.toppings.length > 0
                  ? [{ value: '+', label: other.toppings.map((line) => line.text).join('; ') }]
                  : []),
                ...(sets.data ?? []).map((one) => ({ value: one.id, label: one.name })),
              ]}
              onChange={(id) => {
                const lines = sets.data?.find((one) => one.id === id)?.lines;
                set(at, {
                  toppings: id === '-' ? [] : lines ? linesOf(lines) : undefined,
                });
              }}
            />
            <button
              type="button"
              className="plain"
              aria-label={`Without serving ${at + 2}`}
              onClick={() => put('remove', (now) => now.filter((one) => one !== other))}
            >
              <Glyph of="remove" />
            </button>
            {problem && (
              <p className="reading refused" role="status">
                {problem.problem} <span className="quiet">Try: {problem.accepted}.</span>
              </p>
            )}
          </div>
        );
      })}
      {others.length < MOST && (
        <Button
          size="small"
          type="text"
          onClick={() => put('add', (now) => [...now, { name: '', amount: '1' }])}
        >
          Another serving beside it
        </Button>
      )}
    </div>
  );
}

function chosen(other: DraftHelping): string {
  if (other.toppings == null) return '';
  return other.toppings.length === 0 ? '-' : '+';
}
