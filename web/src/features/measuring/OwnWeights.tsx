import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api } from '../../api/client';
import { queries } from '../../api/queries';
import type { OwnConstant } from '../../api/types';
import { Glyph } from '../../ui/Glyph';
import { Notice } from '../../ui/Notice';
import { plain } from '../../ui/numbers';
import { DotPlot } from './DotPlot';

/** What the cook's own cups and spoons were found to weigh. */
export function OwnWeights() {
  const client = useQueryClient();
  const own = useQuery(queries.weighings());
  const forget = useMutation({
    mutationFn: (id: string) =>
      answer(api.DELETE('/api/weighings/{id}', { params: { path: { id } } })),
    onSuccess: () =>
      Promise.all([
        client.invalidateQueries({ queryKey: ['weighings'] }),
        client.invalidateQueries({ queryKey: ['figures'] }),
      ]),
  });
  const failure = own.error ?? forget.error;
  return (
    <>
      <h2>Your own cups and spoons</h2>
      <p className="quiet">
        Each time something was both filled and weighed, keep the pair at its line on the bench
        (More, “It weighed”). From three weighings on, yours replace the tables below.
      </p>
      {failure && <Notice>{failure.message}</Notice>}
      {own.data?.length === 0 && <p className="empty">None kept yet.</p>}
      <ul className="own-constants">
        {own.data?.map((one) => (
          <Own
            key={`${one.foodId}-${one.unit}-${one.packing}`}
            own={one}
            onForget={(id) => forget.mutate(id)}
          />
        ))}
      </ul>
    </>
  );
}

function Own({ own, onForget }: { own: OwnConstant; onForget: (id: string) => void }) {
  return (
    <li>
      <p>
        <b>{own.words}</b>{' '}
        <span className="quiet">{own.inUse ? 'in use' : 'in use from three weighings on'}</span>
      </p>
      <DotPlot grams={own.weighings.map(({ grams }) => grams)} />
      <ul className="weighings">
        {own.weighings.map((one) => (
          <li key={one.id}>
            {plain(one.grams, 1)} g{' '}
            <button
              type="button"
              className="plain"
              aria-label={`Forget ${plain(one.grams, 1)} g`}
              onClick={() => onForget(one.id)}
            >
              <Glyph of="remove" />
            </button>
          </li>
        ))}
      </ul>
    </li>
  );
}
