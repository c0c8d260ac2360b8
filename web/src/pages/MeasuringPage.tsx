import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import type { ReactNode } from 'react';
import { answer, api } from '../api/client';
import { queries } from '../api/queries';
import type { Doubt, DoubtRow } from '../api/types';
import { Cups } from '../features/measuring/Cups';
import { OwnWeights } from '../features/measuring/OwnWeights';
import { Tools } from '../features/measuring/Tools';
import { UncertaintyTable, ValueTable } from '../features/measuring/tables';
import { Notice } from '../ui/Notice';

function Fold({ title, children }: { title: string; children: ReactNode }) {
  return (
    <details className="fold">
      <summary>
        <h3>{title}</h3>
      </summary>
      {children}
    </details>
  );
}

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
      <Cups />
      <Tools />
      <OwnWeights />
      <div className="larder-head">
        <h2>The numbers behind it</h2>
        <Button
          disabled={![...uncertainties, ...usual, ...factors].some((row) => row.changed)}
          onClick={() => change.mutate(() => answer(api.DELETE('/api/doubt')))}
        >
          All as shipped
        </Button>
      </div>
      <p className="quiet">
        Common practice where a row does not say otherwise. What you change counts from now on; kept
        versions stay as they were measured.
      </p>
      <Fold title="How far measuring is off">
        <p className="quiet">
          Standard uncertainties, in percent: the shared part is the same in every batch, the other
          is drawn anew each time something is filled.
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
      </Fold>
      <Fold title="Amounts that are usual">
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
      </Fold>
      <Fold title="Factors">
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
      </Fold>
    </main>
  );
}
