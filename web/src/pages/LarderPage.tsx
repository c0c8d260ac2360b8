import { useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox, Input } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { queries, type FoodsAsked } from '../api/queries';
import type { Food } from '../api/types';
import { Exchange } from '../features/larder/Exchange';
import { FoodCard } from '../features/larder/FoodCard';
import { FoodEditor } from '../features/larder/FoodEditor';
import { ALLERGENS, MARKS } from '../features/larder/kinds';
import { Choice } from '../ui/Choice';
import { Notice } from '../ui/Notice';
import { ROLES } from '../ui/roles';
import { useSettled } from '../ui/useSettled';

const PAUSE_MS = 250;

type Role = NonNullable<FoodsAsked['role']>;
type Allergen = NonNullable<FoodsAsked['without']>;
type MarkOf = NonNullable<FoodsAsked['mark']>;

const NARROW = '(max-width: 820px)';

/** Where the card lies below the list, it comes into view once it is drawn. */
function showCard() {
  if (!matchMedia(NARROW).matches) return;
  requestAnimationFrame(() =>
    requestAnimationFrame(() =>
      document.querySelector('.food-card')?.scrollIntoView({ block: 'start' }),
    ),
  );
}

/** The foods that lines can name. */
export default function LarderPage() {
  const client = useQueryClient();
  const [query, setQuery] = useState('');
  const [filter, setFilter] = useState<Omit<FoodsAsked, 'query'>>({});
  const [editing, setEditing] = useState<'new' | 'chosen'>();
  const [search, setSearch] = useSearchParams();
  const foods = useInfiniteQuery(queries.foods({ query: useSettled(query, PAUSE_MS), ...filter }));
  const all = foods.data?.pages.flatMap((page) => page.foods) ?? [];
  const total = foods.data?.pages[0]?.total ?? 0;
  const wanted = search.get('food');
  const listed = all.find((food) => food.id === wanted);
  const fetched = useQuery({
    ...queries.food(wanted ?? ''),
    enabled: wanted !== null && foods.data !== undefined && !listed,
  });
  const chosen = listed ?? (fetched.isError ? undefined : fetched.data) ?? all[0];
  const narrow = (part: typeof filter) => setFilter((before) => ({ ...before, ...part }));
  // A first answer that is still under way was asked for before the change.
  const anew = async () => {
    await client.cancelQueries({ queryKey: ['foods'] });
    await client.invalidateQueries({ queryKey: ['foods'] });
  };
  const done = (food: Food | undefined) => {
    setEditing(undefined);
    if (food) {
      setSearch({ food: food.id }, { replace: true });
      void anew();
    }
  };
  return (
    <main className="larder">
      <div className="larder-head">
        <title>Larder · Honest Stack</title>
        <h1>Larder</h1>
        <Exchange onBrought={() => void anew()} />
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
          onChange={(role: Role | '') => narrow({ role: role || undefined })}
        />
        <Choice
          aria-label="Without"
          value={filter.without ?? ''}
          options={[
            { value: '', label: 'any allergens' },
            ...ALLERGENS.map(({ value, label }) => ({ value, label: `without ${label}` })),
          ]}
          onChange={(without: Allergen | '') => narrow({ without: without || undefined })}
        />
        <Choice
          aria-label="Where values are from"
          value={filter.mark ?? ''}
          options={[{ value: '', label: 'from any source' }, ...MARKS]}
          onChange={(mark: MarkOf | '') => narrow({ mark: mark || undefined })}
        />
        <Checkbox
          checked={filter.doubtful === true}
          onChange={(event) => narrow({ doubtful: event.target.checked || undefined })}
        >
          only doubtful rows
        </Checkbox>
        <span className="quiet" role="status">
          {foods.data ? `${total} ${total === 1 ? 'food' : 'foods'}` : 'looking …'}
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
                  showCard();
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
          {foods.hasNextPage && (
            <li>
              <button
                type="button"
                className="more-foods"
                disabled={foods.isFetchingNextPage}
                onClick={() => void foods.fetchNextPage()}
              >
                <span>and {total - all.length} more</span>
              </button>
            </li>
          )}
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
            onRemoved={(left) => {
              if (!left) setSearch({}, { replace: true });
              void anew();
            }}
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
