import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox, Input } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api } from '../api/client';
import type { Food } from '../api/types';
import { Exchange } from '../features/larder/Exchange';
import { FoodCard } from '../features/larder/FoodCard';
import { FoodEditor } from '../features/larder/FoodEditor';
import { ALLERGENS, MARKS } from '../features/larder/kinds';
import { Choice } from '../ui/Choice';
import { Notice } from '../ui/Notice';
import { ROLES } from '../ui/roles';

/** The foods that lines can name. */
export function LarderPage() {
  const client = useQueryClient();
  const [query, setQuery] = useState('');
  const [filter, setFilter] = useState<Record<string, string>>({});
  const [editing, setEditing] = useState<'new' | 'chosen'>();
  const [search, setSearch] = useSearchParams();
  const asked = { query, ...filter };
  const foods = useQuery({
    queryKey: ['foods', asked],
    queryFn: () => api.foods(asked),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  });
  const all = foods.data ?? [];
  const chosen = all.find((food) => food.id === search.get('food')) ?? all[0];
  const narrow = (key: string) => (value: string) =>
    setFilter((before) => ({ ...before, [key]: value }));
  const done = (food: Food | undefined) => {
    setEditing(undefined);
    if (food) {
      setSearch({ food: food.id }, { replace: true });
      void client.invalidateQueries({ queryKey: ['foods'] });
    }
  };
  return (
    <main className="larder">
      <div className="larder-head">
        <h1>Larder</h1>
        <Exchange onBrought={() => void client.invalidateQueries({ queryKey: ['foods'] })} />
        <Button type="primary" onClick={() => setEditing('new')}>
          Add a food
        </Button>
      </div>
      <div className="compare-tools">
        <Input
          className="choice"
          aria-label="Look for a food"
          placeholder="Look for a food: courgette, icing sugar, buckweat"
          value={query}
          onChange={(event) => setQuery(event.target.value)}
        />
        <Choice
          aria-label="Role"
          value={filter.role ?? ''}
          options={[{ value: '', label: 'all roles' }, ...ROLES]}
          onChange={narrow('role')}
        />
        <Choice
          aria-label="Without"
          value={filter.without ?? ''}
          options={[
            { value: '', label: 'any allergens' },
            ...ALLERGENS.map(({ value, label }) => ({ value, label: `without ${label}` })),
          ]}
          onChange={narrow('without')}
        />
        <Choice
          aria-label="Where values are from"
          value={filter.mark ?? ''}
          options={[{ value: '', label: 'from any source' }, ...MARKS]}
          onChange={narrow('mark')}
        />
        <Checkbox
          checked={filter.doubtful === 'true'}
          onChange={(event) => narrow('doubtful')(event.target.checked ? 'true' : '')}
        >
          only doubtful rows
        </Checkbox>
        <span className="quiet" role="status">
          {foods.data ? `${all.length} ${all.length === 1 ? 'food' : 'foods'}` : 'looking …'}
        </span>
      </div>
      {foods.error && <Notice>{foods.error.message}</Notice>}
      {foods.data && all.length === 0 && (
        <p className="empty">Nothing here goes by a name like that.</p>
      )}
      <div className="larder-columns">
        <ul aria-label="Foods">
          {all.map((food) => (
            <li
              key={food.id}
              ref={
                food.id === chosen?.id ? (row) => row?.scrollIntoView({ block: 'nearest' }) : null
              }
            >
              <button
                type="button"
                aria-pressed={food.id === chosen?.id}
                onClick={() => {
                  setEditing(undefined);
                  setSearch({ food: food.id }, { replace: true });
                }}
              >
                <span>
                  {food.name}
                  {food.doubtful && <span className="quiet"> · doubtful</span>}
                </span>
                <span className="quiet">{food.allergens.join(', ')}</span>
              </button>
            </li>
          ))}
        </ul>
        {editing === 'new' && <FoodEditor key="new" food={undefined} onDone={done} />}
        {editing === 'chosen' && chosen && (
          <FoodEditor key={chosen.id} food={chosen} onDone={done} />
        )}
        {!editing && chosen && (
          <FoodCard
            key={chosen.id}
            food={chosen}
            onEdit={() => setEditing('chosen')}
            onRemoved={() => void client.invalidateQueries({ queryKey: ['foods'] })}
          />
        )}
      </div>
      <p className="caution">
        Allergens are those that a food holds by its nature, and contact that is usual. Read the
        label of what you use. Sweeteners and polyols are not for everyone: ask your care team.
      </p>
    </main>
  );
}
