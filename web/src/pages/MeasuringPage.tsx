import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { answer, api } from '../api/client';
import { queries } from '../api/queries';
import type { Doubt, DoubtRow } from '../api/types';
import { OwnWeights } from '../features/measuring/OwnWeights';
import { Tools } from '../features/measuring/Tools';
import { UncertaintyTable, ValueTable } from '../features/measuring/tables';
import { Notice } from '../ui/Notice';

/** How far each way of measuring is off, what is usual, and what the cook's own cups weigh. */
export default function MeasuringPage() {
  const client = useQueryClient();
  const doubt = useQuery(queries.doubt());
  const change = useMutation({
    mutationFn: (asked: () => Promise<Doubt>) => asked(),
    onSuccess: (tables) => {
      client.setQueryData(queries.doubt().queryKey, tables);
      return client.invalidateQueries({ queryKey: ['figures'] });
    },
  });
  const { uncertainties = [], usual = [], factors = [] } = doubt.data ?? {};
  const failure = doubt.error ?? change.error;
  const of = (way: DoubtRow['way']) => ({ params: { path: { way } } });
  const ofUsual = (key: Doubt['usual'][number]['key']) => ({ params: { path: { usual: key } } });
  const ofFactor = (factor: Doubt['factors'][number]['key']) => ({ params: { path: { factor } } });
  return (
    <main className="page measuring">
      <title>Measuring · Honest Stack</title>
      <h1>Measuring</h1>
      {failure && <Notice>{failure.message}</Notice>}
      <Tools />
      <OwnWeights />
      <div className="larder-head">
        <h2>How far measuring is off</h2>
        <Button
          disabled={![...uncertainties, ...usual, ...factors].some((row) => row.changed)}
          onClick={() => change.mutate(() => answer(api.DELETE('/api/doubt')))}
        >
          All as shipped
        </Button>
      </div>
      <p className="quiet">
        Standard uncertainties: the shared part is the same in every batch, the other is drawn anew
        each time something is filled. Relative unless the words say otherwise. Kept versions stay
        as they were measured.
      </p>
      <UncertaintyTable
        rows={uncertainties}
        onChange={(way, body) =>
          change.mutate(() =>
            answer(api.PUT('/api/doubt/uncertainties/{way}', { ...of(way), body })),
          )
        }
        onReset={(way) =>
          change.mutate(() => answer(api.DELETE('/api/doubt/uncertainties/{way}', of(way))))
        }
      />
      <h2>Amounts that are usual</h2>
      <ValueTable
        head="where a line does not say how much"
        rows={usual}
        onChange={(key, value) =>
          change.mutate(() =>
            answer(api.PUT('/api/doubt/usual/{usual}', { ...ofUsual(key), body: { value } })),
          )
        }
        onReset={(key) =>
          change.mutate(() => answer(api.DELETE('/api/doubt/usual/{usual}', ofUsual(key))))
        }
      />
      <h2>Factors</h2>
      <ValueTable
        head="how the same amount differs"
        rows={factors}
        onChange={(key, value) =>
          change.mutate(() =>
            answer(api.PUT('/api/doubt/factors/{factor}', { ...ofFactor(key), body: { value } })),
          )
        }
        onReset={(key) =>
          change.mutate(() => answer(api.DELETE('/api/doubt/factors/{factor}', ofFactor(key))))
        }
      />
    </main>
  );
}
