import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '../../api/client';
import type { Draft } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { Notice } from '../../ui/Notice';

type Law = 'US' | 'EU';

const STANDS = {
  MET: 'may be said',
  LIKELY_MET: 'may likely be said',
  TOO_CLOSE: 'too close to call',
  LIKELY_MISSED: 'likely not',
  MISSED: 'may not be said',
  NOT_KNOWN: 'cannot be told',
} as const;

/** Which words the rules of claims would allow of the pieces as cooked. */
export function WordsOfClaims({ id, draft }: { id: string; draft: Draft }) {
  const [law, setLaw] = useState<Law>('EU');
  const words = useQuery({
    queryKey: ['claim', 'words', id, draft],
    queryFn: ({ signal }) =>
      answer(
        api.POST('/api/claims/words', {
          params: { query: { recipe: id } },
          body: { draft, waffles: draft.kind === 'WAFFLE' },
          signal,
        }),
      ),
    retry: false,
  });
  const shown = words.data?.filter((one) => one.unitedStates === (law === 'US'));
  return (
    <section aria-labelledby="words-title">
      <h2 id="words-title">Words of claims</h2>
      <p className="quiet">
        What the rules ask of a food that bears such words, held against the pieces as cooked,
        without toppings. It teaches; it is no legal advice.
      </p>
      <Choice<Law>
        aria-label="By which rules"
        value={law}
        options={[
          { value: 'EU', label: 'rules of the EU, for 100 g' },
          {
            value: 'US',
            label: `rules of the US, for ${draft.kind === 'WAFFLE' ? '85 g of waffle' : '110 g of pancake'}`,
          },
        ]}
        onChange={setLaw}
      />
      {words.error && <Notice>{words.error.message}</Notice>}
      {shown && (
        <div className="wide-table">
          <table className="stock-table">
            <thead>
              <tr>
                <th scope="col">words</th>
                <th scope="col">stands</th>
                <th scope="col">why</th>
                <th scope="col">rule</th>
              </tr>
            </thead>
            <tbody>
              {shown.map((one) => (
                <tr key={one.words}>
                  <th scope="row">“{one.words}”</th>
                  <td>{STANDS[one.verdict]}</td>
                  <td>{one.reason}</td>
                  <td className="quiet">{one.rule}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}
