import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Input } from 'antd';
import { useState } from 'react';
import { answer, api } from '../api/client';
import { queries } from '../api/queries';
import type { Draft } from '../api/types';
import '../features/stove/stove.css';
import { WordsOfClaims } from '../features/claims/WordsOfClaims';
import { Caution } from '../ui/Caution';
import { Choice } from '../ui/Choice';
import { Mark } from '../ui/Mark';
import { Notice } from '../ui/Notice';
import { plain } from '../ui/numbers';
import { useSettled } from '../ui/useSettled';

const STATED = [
  { tag: 'ENERC', words: 'energy, kcal' },
  { tag: 'PROCNT', words: 'protein, g' },
  { tag: 'CHOCDF', words: 'carbohydrate, g' },
  { tag: 'FIBTG', words: 'fibre, g' },
  { tag: 'FAT', words: 'fat, g' },
  { tag: 'SUGAR', words: 'sugars, g' },
  { tag: 'SALT', words: 'salt, g' },
] as const;
const STANDS = {
  POSSIBLE: 'possible',
  NOT_POSSIBLE: 'not possible',
  CANNOT_BE_TOLD: 'cannot be told',
} as const;
type Rounding = 'AS_WRITTEN' | 'UNITED_STATES' | 'EUROPEAN_UNION';
type Basis = 'AS_SERVED' | 'PER_PIECE';

/** What somebody states: can it be, of this recipe, or at all? */
export default function ClaimsPage() {
  const shelf = useQuery(queries.shelf());
  const [id, setId] = useState('');
  const [basis, setBasis] = useState<Basis>('AS_SERVED');
  const [rounding, setRounding] = useState<Rounding>('AS_WRITTEN');
  const [values, setValues] = useState<Record<string, string>>({});
  const settled = useSettled(values, 300);
  const recipe = useQuery({ ...queries.recipe(id), enabled: id !== '' });
  const stated = STATED.map(({ tag }) => ({ tag, value: settled[tag]?.trim() ?? '' })).filter(
    ({ value }) => value,
  );
  const draft: Draft | undefined = id ? recipe.data?.draft : undefined;
  const claim = useQuery({
    queryKey: ['claim', id, basis, rounding, stated, draft],
    queryFn: ({ signal }) =>
      answer(
        api.POST('/api/claims', {
          params: { query: { recipe: id || undefined } },
          body: { draft, basis, rounding, stated },
          signal,
        }),
      ),
    enabled: stated.length > 0 && (id === '' || draft !== undefined),
    placeholderData: keepPreviousData,
    retry: false,
  });
  return (
    <main className="page">
      <title>Claims · Honest Stack</title>
      <h1>Claims</h1>
      <div className="answer-first" role="status">
        {stated.length === 0 ? (
          <p>Say what somebody claims; it is held against a recipe, and against itself.</p>
        ) : (
          claim.data && <p>{claim.data.words}</p>
        )}
      </div>
      {claim.error && <Notice>{claim.error.message}</Notice>}
      <div className="plan-asked">
        {STATED.map(({ tag, words }) => (
          <label key={tag}>
            <span>
              <Mark component={tag} /> {words}
            </span>
            <Input
              aria-label={words}
              value={values[tag] ?? ''}
              maxLength={20}
              inputMode="decimal"
              onChange={(event) => setValues({ ...values, [tag]: event.target.value })}
            />
          </label>
        ))}
      </div>
      <p className="claim-of">
        <Choice<string>
          aria-label="Of which recipe"
          value={id}
          options={
            shelf.data && [
              { value: '', label: 'of no recipe: only against itself' },
              ...shelf.data
                .filter((one) => one.kind !== 'PREPARATION')
                .map((one) => ({ value: one.id, label: `of ${one.name}` })),
            ]
          }
          onChange={setId}
        />
        <Choice<Basis>
          aria-label="For what"
          value={basis}
          options={[
            { value: 'AS_SERVED', label: 'for a serving with its toppings' },
            { value: 'PER_PIECE', label: 'for one piece without toppings' },
          ]}
          onChange={setBasis}
        />
        <Choice<Rounding>
          aria-label="How it was rounded"
          value={rounding}
          options={[
            { value: 'AS_WRITTEN', label: 'rounded as written' },
            { value: 'UNITED_STATES', label: 'rounded as US labels are' },
            { value: 'EUROPEAN_UNION', label: 'rounded as EU labels are' },
          ]}
          onChange={setRounding}
        />
      </p>
      {stated.length > 0 && claim.data && (
        <>
          <ul className="findings">
            {claim.data.contradictions.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
          {claim.data.held.length > 0 && (
            <div className="wide-table">
              <table className="stock-table">
                <thead>
                  <tr>
                    <th scope="col">claimed</th>
                    <th scope="col">measured</th>
                    <th scope="col">stands</th>
                    <th scope="col">what would have to be true</th>
                  </tr>
                </thead>
                <tbody>
                  {claim.data.held.map((one) => (
                    <tr key={one.tag}>
                      <th scope="row">
                        {one.words} {one.stated} {one.unit}
                      </th>
                      <td>
                        {plain(one.value, one.value < 10 ? 1 : 0)}{' '}
                        <span className="range">
                          {plain(one.low, one.value < 10 ? 1 : 0)}–
                          {plain(one.high, one.value < 10 ? 1 : 0)}
                        </span>
                      </td>
                      <td className={one.standing === 'NOT_POSSIBLE' ? 'stands-out' : undefined}>
                        {STANDS[one.standing]}
                        {one.off > 0 && (
                          <span className="quiet"> by {plain(one.off, one.off < 10 ? 1 : 0)}</span>
                        )}
                      </td>
                      <td>{one.would.join(' ')}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          )}
        </>
      )}
      {draft && <WordsOfClaims key={id} id={id} draft={draft} />}
      <Caution />
    </main>
  );
}
