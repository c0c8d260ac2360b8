import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Input } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api } from '../api/client';
import type { Food } from '../api/types';
import { FoodCard } from '../features/larder/FoodCard';
import { Choice } from '../ui/Choice';
import { Notice } from '../ui/Notice';

const ROLES: { value: Food['role']; label: string }[] = [
  { value: 'FLOUR', label: 'flours and starches' },
  { value: 'LIQUID', label: 'milks and liquids' },
  { value: 'EGG', label: 'eggs' },
  { value: 'FAT', label: 'fats' },
  { value: 'SUGAR', label: 'sugars and syrups' },
  { value: 'LEAVENING', label: 'leavenings' },
  { value: 'SALT', label: 'salt' },
  { value: 'FLAVOUR', label: 'flavourings' },
  { value: 'ADD_IN', label: 'fruit, nuts and the rest' },
];

/** The foods that lines can name. */
export function LarderPage() {
  const [query, setQuery] = useState('');
  const [role, setRole] = useState<Food['role']>();
  const [without, setWithout] = useState<string>();
  const [search, setSearch] = useSearchParams();
  const foods = useQuery({
    queryKey: ['foods', query, role],
    queryFn: () => api.foods(query, role),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  });
  const all = foods.data ?? [];
  const allergens = [...new Set(all.flatMap((food) => food.allergens))].sort();
  const shown = without ? all.filter((food) => !food.allergens.includes(without)) : all;
  const chosen = shown.find((food) => food.id === search.get('food')) ?? shown[0];
  return (
    <main className="larder">
      <h1>Larder</h1>
      <div className="compare-tools">
        <Input
          className="choice"
          aria-label="Look for a food"
          placeholder="Look for a food: courgette, icing sugar, buckweat"
          value={query}
          onChange={(event) => setQuery(event.target.value)}
        />
        <Choice<Food['role'] | ''>
          aria-label="Role"
          value={role ?? ''}
          options={[{ value: '', label: 'all roles' }, ...ROLES]}
          onChange={(value) => setRole(value === '' ? undefined : value)}
        />
        <Choice
          aria-label="Without"
          value={without ?? ''}
          options={[
            { value: '', label: 'any allergens' },
            ...allergens.map((words) => ({ value: words, label: `without ${words}` })),
          ]}
          onChange={(value) => setWithout(value || undefined)}
        />
      </div>
      {foods.error && <Notice>{foods.error.message}</Notice>}
      {foods.data && shown.length === 0 && (
        <p className="empty">Nothing here goes by a name like that.</p>
      )}
      <div className="larder-columns">
        <ul aria-label="Foods">
          {shown.map((food) => (
            <li key={food.id}>
              <button
                type="button"
                aria-pressed={food.id === chosen?.id}
                onClick={() => setSearch({ food: food.id }, { replace: true })}
              >
                <span>{food.name}</span>
                <span className="quiet">{food.allergens.join(', ')}</span>
              </button>
            </li>
          ))}
        </ul>
        {chosen && <FoodCard food={chosen} />}
      </div>
      <p className="caution">
        Allergens are those that a food holds by its nature. Read the label of what you use.
      </p>
    </main>
  );
}
