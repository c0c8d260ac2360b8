import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { GoalForm } from '../features/goals/GoalForm';
import { Notice } from '../ui/Notice';

/** Goal sets: limits on a serving. */
export function GoalsPage() {
  const client = useQueryClient();
  const sets = useQuery({ queryKey: ['goals'], queryFn: api.goals });
  const anew = () => client.invalidateQueries({ queryKey: ['goals'] });
  return (
    <main className="goals">
      <h1>Goals</h1>
      <p className="lead">
        Limits on a serving as it is served. A verdict says how likely the serving lies within them,
        given how it was measured: <em>met</em> from 95 in 100, <em>too close to call</em> between
        25 and 75.
      </p>
      {sets.error && <Notice>{sets.error.message}</Notice>}
      <div className="goal-sets">
        {sets.data?.map((set) => (
          <GoalForm
            key={`${set.id}:${set.revision}`}
            set={set}
            onSave={(edited) => api.saveGoals(set.id, set.revision, edited).then(anew)}
            onRemove={() => api.removeGoals(set.id).then(anew)}
          />
        ))}
        <GoalForm set={undefined} onSave={(created) => api.createGoals(created).then(anew)} />
      </div>
      <p className="caution">
        Goals here are your own or invented; what is right for a person is for them and those who
        care for them.
      </p>
    </main>
  );
}
