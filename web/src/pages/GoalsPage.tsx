import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, InputNumber } from 'antd';
import { useState } from 'react';
import { answer, api, ifMatch } from '../api/client';
import { queries } from '../api/queries';
import type { GoalSet } from '../api/types';
import { GoalForm } from '../features/goals/GoalForm';
import { Notice } from '../ui/Notice';

/** Goal sets: limits on a serving. */
export default function GoalsPage() {
  const client = useQueryClient();
  const sets = useQuery(queries.goals());
  const measurands = useQuery(queries.measurands());
  const anew = () => client.invalidateQueries({ queryKey: ['goals'] });
  const failure = sets.error ?? measurands.error;
  const at = (set: GoalSet) => ({ path: { id: set.id }, header: ifMatch(set.revision) });
  return (
    <main className="goals">
      <title>Goals · Honest Stack</title>
      <h1>Goals</h1>
      <p className="lead">
        Limits on a serving, a piece or 100 g cooked. A verdict says how likely the serving lies
        within them, given how it was measured: <em>met</em> from 95 in 100,{' '}
        <em>too close to call</em> between 25 and 75.
      </p>
      {failure && <Notice>{failure.message}</Notice>}
      {measurands.data && (
        <div className="goal-sets">
          {sets.data?.map((set) => (
            <GoalForm
              key={`${set.id}:${set.revision}`}
              set={set}
              measurands={measurands.data}
              onSave={(body) =>
                answer(api.PUT('/api/goals/{id}', { params: at(set), body })).then(anew)
              }
              onRemove={() =>
                answer(api.DELETE('/api/goals/{id}', { params: { path: { id: set.id } } })).then(
                  anew,
                )
              }
            />
          ))}
          <GoalForm
            set={undefined}
            measurands={measurands.data}
            onSave={(body) => answer(api.POST('/api/goals', { body })).then(anew)}
          />
        </div>
      )}
      <OfADay taken={sets.data ?? []} onCopied={anew} />
      <p className="caution">
        Goals here are your own or invented; what is right for a person is for them and those who
        care for them.
      </p>
    </main>
  );
}

const DAYS = [
  { day: 'UNITED_STATES', words: 'a US day' },
  { day: 'EUROPEAN_UNION', words: 'an EU day' },
] as const;

/** Goals that are a share of a day's reference, copied to be changed. */
function OfADay({ taken, onCopied }: { taken: GoalSet[]; onCopied: () => void }) {
  const [percent, setPercent] = useState(25);
  const copy = useMutation({
    mutationFn: async (day: (typeof DAYS)[number]['day']) => {
      const query = { day, percent };
      const body = await answer(api.GET('/api/goals/reference', { params: { query } }));
      return answer(api.POST('/api/goals', { body }));
    },
    onSuccess: onCopied,
  });
  return (
    <div className="goal-references">
      {copy.error && <Notice>{copy.error.message}</Notice>}
      <InputNumber
        aria-label="Per cent of a day"
        min={1}
        max={100}
        precision={0}
        suffix="%"
        value={percent}
        onChange={(value) => setPercent(value ?? 25)}
      />{' '}
      {DAYS.map(({ day, words }) => (
        <Button
          key={day}
          loading={copy.isPending}
          disabled={taken.some(({ name }) => name === `${percent} % of ${words}`)}
          onClick={() => copy.mutate(day)}
        >
          Copy: of {words}
        </Button>
      ))}
    </div>
  );
}
