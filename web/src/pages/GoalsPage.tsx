import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { answer, api, ifMatch } from '../api/client';
import { queries } from '../api/queries';
import type { GoalSet, NewGoalSet } from '../api/types';
import { REFERENCES } from '../features/goals/references';
import { GoalForm } from '../features/goals/GoalForm';
import { Notice } from '../ui/Notice';

/** Goal sets: limits on a serving. */
export default function GoalsPage() {
  const client = useQueryClient();
  const sets = useQuery(queries.goals());
  const measurands = useQuery(queries.measurands());
  const anew = () => client.invalidateQueries({ queryKey: ['goals'] });
  const copy = useMutation({
    mutationFn: (body: NewGoalSet) => answer(api.POST('/api/goals', { body })),
    onSuccess: anew,
  });
  const failure = sets.error ?? measurands.error ?? copy.error;
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
      <p className="goal-references">
        {REFERENCES.map((set) => (
          <Button
            key={set.name}
            loading={copy.isPending}
            disabled={sets.data?.some((one) => one.name === set.name)}
            onClick={() => copy.mutate(set)}
          >
            Copy: {set.name}
          </Button>
        ))}
      </p>
      <p className="caution">
        Goals here are your own or invented; what is right for a person is for them and those who
        care for them.
      </p>
    </main>
  );
}
