import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, InputNumber } from 'antd';
import { useState } from 'react';
import { answer, api } from '../api/client';
import { queries } from '../api/queries';
import type { NewStock, Stock } from '../api/types';
import { Eat } from '../features/stock/Eat';
import { amountText, day, figuresText, holdsText } from '../features/stock/stockWords';
import { Cautions } from '../features/stove/Cautions';
import '../features/stove/stove.css';
import { Caution } from '../ui/Caution';
import { Choice } from '../ui/Choice';
import { Notice } from '../ui/Notice';
import { plain } from '../ui/numbers';

/** What is in the fridge and the freezer: how much, until when, and what is in it. */
export default function StockPage() {
  const client = useQueryClient();
  const stock = useQuery(queries.stock());
  const [label, setLabel] = useState<string>();
  const [eating, setEating] = useState<Stock>();
  const take = useMutation({
    mutationFn: ({ id, kind }: { id: string; kind: 'EATEN' | 'THROWN_AWAY' }) => {
      const item = stock.data?.items.find((one) => one.id === id);
      const amount = item?.form === 'BATTER' ? item.rest : Math.min(1, item?.rest ?? 1);
      return answer(
        api.POST('/api/stock/{id}/taken', { params: { path: { id } }, body: { kind, amount } }),
      );
    },
    onSuccess: () => client.invalidateQueries({ queryKey: ['stock'] }),
  });
  const failure = stock.error ?? take.error;
  const items = stock.data?.items ?? [];
  const first = items[0];
  const labelled = items.find((item) => item.id === label);
  return (
    <main className="page stock-page">
      <title>Keeping · Honest Stack</title>
      <h1>Keeping</h1>
      {failure && <Notice>{failure.message}</Notice>}
      {stock.data && (
        <div className="answer-first">
          <p>
            {first
              ? `Use first: ${first.name}, by ${day(first.useBy)}.`
              : 'Nothing is in the fridge or the freezer.'}
          </p>
        </div>
      )}
      {items.length > 0 && (
        <div className="wide-table">
          <table className="stock-table">
            <thead>
              <tr>
                <th scope="col">what</th>
                <th scope="col">left</th>
                <th scope="col">use by</th>
                <th scope="col">one holds</th>
                <th scope="col">
                  <span className="sr-only">take out</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {items.map((item) => (
                <tr key={item.id}>
                  <td>
                    {item.name}
                    <br />
                    <span className="quiet">
                      {item.form === 'BATTER' ? 'batter' : 'pieces'}, in the{' '}
                      {item.place.toLowerCase()}, made {day(item.madeAt)}
                      {item.note && `; ${item.note}`}
                    </span>
                  </td>
                  <td>{amountText(item)}</td>
                  <td className={item.over ? 'over' : undefined} title={item.rule}>
                    {day(item.useBy)}
                    {item.over && ': past'}
                  </td>
                  <td>{figuresText(item)}</td>
                  <td>
                    <div className="row-buttons">
                      <Button onClick={() => take.mutate({ id: item.id, kind: 'EATEN' })}>
                        {item.form === 'BATTER' ? 'Used' : 'One eaten'}
                      </Button>
                      <Button onClick={() => take.mutate({ id: item.id, kind: 'THROWN_AWAY' })}>
                        {item.form === 'BATTER' ? 'Thrown away' : 'One thrown away'}
                      </Button>
                      <Button onClick={() => setEating(item)}>
                        {item.form === 'BATTER' ? 'Used with …' : 'Eaten with …'}
                      </Button>
                      <Button onClick={() => setLabel(item.id)}>Label</Button>
                    </div>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {labelled && <Label item={labelled} />}
      {eating && <Eat item={eating} onDone={() => setEating(undefined)} />}
      {stock.data && stock.data.eaten.length > 0 && (
        <details>
          <summary>Eaten lately ({stock.data.eaten.length})</summary>
          <ul>
            {stock.data.eaten.map((one) => (
              <li key={one.id}>
                {day(one.at)}: {plain(one.amount, one.amount % 1 ? 1 : 0)}
                {one.form === 'BATTER' ? ' g of batter' : ''}, {one.name}
                {one.added.length > 0 && `, with ${one.added.join('; ')}`}: {holdsText(one.figures)}
              </li>
            ))}
          </ul>
        </details>
      )}
      <PutAway />
      <Cautions cautions={stock.data?.cautions ?? []} />
      <Caution />
    </main>
  );
}

function Label({ item }: { item: Stock }) {
  return (
    <section className="stock-label" aria-label="Label">
      <h2>{item.name}</h2>
      <p>
        {amountText(item)}, made {day(item.madeAt)}
      </p>
      <p>
        <b>Use by {day(item.useBy)}</b> <span className="quiet">{item.rule}</span>
      </p>
      <p>{figuresText(item)}</p>
      <p className="quiet">Reheat through. A planning figure, not a nutrition label.</p>
      <Button
        className="no-print"
        onClick={() => {
          document.body.classList.add('label-only');
          window.print();
          document.body.classList.remove('label-only');
        }}
      >
        Print this label
      </Button>{' '}
      <Button className="no-print" href={`/api/stock/${item.id}/label.pdf`} download>
        Label (PDF)
      </Button>
    </section>
  );
}

function PutAway() {
  const client = useQueryClient();
  const versions = useQuery(queries.versions());
  const shelf = useQuery(queries.shelf());
  const [put, setPut] = useState<Pick<NewStock, 'form' | 'place' | 'amount'>>({
    form: 'PIECES',
    place: 'FRIDGE',
    amount: 4,
  });
  const [version, setVersion] = useState<string>();
  const keep = useMutation({
    mutationFn: (versionId: string) =>
      answer(
        api.POST('/api/stock', {
          body: { ...put, versionId, madeAt: new Date().toISOString(), note: '' },
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: ['stock'] }),
  });
  const names = new Map(
    shelf.data?.filter((one) => one.kind !== 'PREPARATION').map((one) => [one.id, one.name]),
  );
  return (
    <section aria-labelledby="put-title" className="no-print">
      <h2 id="put-title">Put away</h2>
      {keep.error && <Notice>{keep.error.message}</Notice>}
      <div className="plan-asked">
        <Choice<string>
          aria-label="Of which version"
          placeholder="of which version"
          value={version}
          showSearch
          optionFilterProp="label"
          style={{ minWidth: 260 }}
          options={
            shelf.data &&
            versions.data
              ?.filter((one) => names.has(one.recipeId))
              .map((one) => ({
                value: one.id,
                label: `${names.get(one.recipeId) ?? ''}, version ${one.number}`,
              }))
          }
          onChange={setVersion}
        />
        <Choice<NewStock['form']>
          aria-label="What"
          value={put.form}
          options={[
            { value: 'PIECES', label: 'cooked pieces' },
            { value: 'BATTER', label: 'batter, g' },
          ]}
          onChange={(form) => setPut({ ...put, form, amount: form === 'PIECES' ? 4 : 200 })}
        />
        <Choice<NewStock['place']>
          aria-label="Where"
          value={put.place}
          options={[
            { value: 'FRIDGE', label: 'in the fridge' },
            { value: 'FREEZER', label: 'in the freezer' },
          ]}
          onChange={(place) => setPut({ ...put, place })}
        />
        <InputNumber
          aria-label="How many"
          style={{ width: 120 }}
          min={0.5}
          max={100000}
          value={put.amount}
          onChange={(amount) => setPut({ ...put, amount: amount ?? 1 })}
        />
        <Button
          type="primary"
          disabled={!version}
          loading={keep.isPending}
          onClick={() => version && keep.mutate(version)}
        >
          Put away
        </Button>
      </div>
    </section>
  );
}
