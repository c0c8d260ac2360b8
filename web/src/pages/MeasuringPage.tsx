import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, InputNumber } from 'antd';
import { api } from '../api/client';
import type { DoubtRow, OwnConstant } from '../api/types';
import { Glyph } from '../ui/Glyph';
import { Notice } from '../ui/Notice';
import { plain } from '../ui/numbers';

/** How far each way of measuring is off, and what the cook's own cups weigh. */
export function MeasuringPage() {
  const client = useQueryClient();
  const table = useQuery({ queryKey: ['doubt'], queryFn: api.doubt });
  const own = useQuery({ queryKey: ['weighings'], queryFn: api.weighings });
  const refresh = () => void client.invalidateQueries();
  const change = useMutation({
    mutationFn: ({ way, shared, perUse }: { way: string; shared: number; perUse: number }) =>
      api.changeDoubt(way, shared, perUse),
    onSuccess: refresh,
  });
  const reset = useMutation({
    mutationFn: (way: string | undefined) => api.resetDoubt(way),
    onSuccess: refresh,
  });
  const forget = useMutation({ mutationFn: api.forgetWeighing, onSuccess: refresh });
  const failure = table.error ?? own.error ?? change.error ?? reset.error ?? forget.error;
  return (
    <main className="page measuring">
      <h1>Measuring</h1>
      {failure && <Notice>{failure.message}</Notice>}
      <h2>Your own cups and spoons</h2>
      <p className="quiet">
        Each time something was both filled and weighed, keep the pair at its line on the bench
        (More, “It weighed”). From three weighings on, yours replace the table below.
      </p>
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
      <div className="larder-head">
        <h2>The table of doubt</h2>
        <Button
          disabled={!table.data?.some((row) => row.changed)}
          onClick={() => reset.mutate(undefined)}
        >
          All as shipped
        </Button>
      </div>
      <p className="quiet">
        Standard uncertainties: the shared part is the same in every batch, the other is drawn anew
        each time something is filled. Relative unless the words say otherwise. Kept versions stay
        as they were measured.
      </p>
      <table className="doubt">
        <thead>
          <tr>
            <th scope="col">how it was measured</th>
            <th scope="col">shared</th>
            <th scope="col">each time</th>
            <th scope="col">
              <span className="sr-only">reset</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {table.data?.map((row) => (
            <Row
              key={`${row.way}-${row.shared}-${row.perUse}`}
              row={row}
              onChange={(shared, perUse) => change.mutate({ way: row.way, shared, perUse })}
              onReset={() => reset.mutate(row.way)}
            />
          ))}
        </tbody>
      </table>
    </main>
  );
}

function Row(props: {
  row: DoubtRow;
  onChange: (shared: number, perUse: number) => void;
  onReset: () => void;
}) {
  const { row, onChange, onReset } = props;
  const cell = (label: string, value: number, set: (to: number) => void) => (
    <InputNumber
      aria-label={`${row.words}: ${label}`}
      min={0}
      max={50}
      step={0.005}
      controls={false}
      defaultValue={value}
      onBlur={(event) => {
        const to = Number(event.target.value);
        if (event.target.value !== '' && to !== value) set(to);
      }}
      onPressEnter={(event) => (event.target as HTMLInputElement).blur()}
    />
  );
  return (
    <tr className={row.changed ? 'chosen' : undefined}>
      <th scope="row">
        {row.words} <span className="quiet">({row.basis})</span>
      </th>
      <td>{cell('shared', row.shared, (to) => onChange(to, row.perUse))}</td>
      <td>{cell('each time', row.perUse, (to) => onChange(row.shared, to))}</td>
      <td>
        {row.changed && (
          <Button size="small" onClick={onReset}>
            back to {plain(row.shippedShared, 3)}, {plain(row.shippedPerUse, 3)}
          </Button>
        )}
      </td>
    </tr>
  );
}

function Own({ own, onForget }: { own: OwnConstant; onForget: (id: string) => void }) {
  return (
    <li>
      <p>
        <b>{own.words}</b>{' '}
        <span className="quiet">{own.inUse ? 'in use' : 'in use from three weighings on'}</span>
      </p>
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
