import { useQuery } from '@tanstack/react-query';
import { queries } from '../api/queries';
import { Choice } from './Choice';

/** Chooses the goals that figures are judged by. */
export function GoalChoice(props: {
  value: string | undefined;
  onChange: (id: string | undefined) => void;
}) {
  const sets = useQuery(queries.goals());
  const known = sets.data?.some((set) => set.id === props.value);
  return (
    <Choice
      aria-label="Goals"
      variant="borderless"
      value={known ? props.value : ''}
      options={
        sets.data && [
          { value: '', label: 'no goals' },
          ...sets.data.map((set) => ({ value: set.id, label: set.name })),
        ]
      }
      onChange={(id) => props.onChange(id || undefined)}
    />
  );
}
