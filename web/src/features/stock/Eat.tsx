import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Input, InputNumber } from 'antd';
import { useId, useState } from 'react';
import { answer, api } from '../../api/client';
import { queries } from '../../api/queries';
import type { Stock } from '../../api/types';
import { Dialog } from '../../ui/Dialog';
import { Notice } from '../../ui/Notice';
import { plain } from '../../ui/numbers';
import './stock.css';
import { useSettled } from '../../ui/useSettled';

const BURST_MS = 200;

/** Takes some out to be eaten, with what reheating and the plate add, and says what that holds. */
export function Eat({ item, onDone }: { item: Stock; onDone: () => void }) {
  const client = useQueryClient();
  const field = useId();
  const batter = item.form === 'BATTER';
  const [amount, setAmount] = useState(Math.min(batter ? 100 : 1, item.rest));
  const [text, setText] = useState('');
  const added = useSettled(text, BURST_MS)
    .split('\n')
    .filter((line) => line.trim() !== '');
  const holds = useQuery(queries.holds(item.id, amount, added));
  const lacking = holds.data?.added.some((line) => line.problem != null) === true;
  const eat = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/stock/{id}/taken', {
          params: { path: { id: item.id } },
          body: { kind: 'EATEN', amount, added: text.split('\n').filter((one) => one.trim()) },
        }),
      ),
    onSuccess: () => {
      onDone();
      return client.invalidateQueries({ queryKey: ['stock'] });
    },
  });
  return (
    <Dialog
      open
      title={batter ? `Used: ${item.name}` : `Eaten: ${item.name}`}
      okText={batter ? 'Used' : 'Eaten'}
      onOk={() => eat.mutate()}
      onCancel={onDone}
      confirmLoading={eat.isPending}
    >
      {eat.error && <Notice>{eat.error.message}</Notice>}
      <p>
        <InputNumber
          aria-label={batter ? 'Grams of batter' : 'Pieces'}
          min={0.1}
          max={item.rest}
          value={amount}
          onChange={(now) => setAmount(now ?? amount)}
        />{' '}
        {batter ? 'g of batter' : `of ${plain(item.rest, item.rest % 1 ? 1 : 0)} pieces`}
      </p>
      <label htmlFor={field}>Reheated or eaten with, a line each</label>
      <Input.TextArea
        id={field}
        autoSize={{ minRows: 2, maxRows: 8 }}
        maxLength={1000}
        placeholder={'1 tsp butter\n1 tbsp maple syrup'}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      {holds.error && <Notice>{holds.error.message}</Notice>}
      {holds.data && (
        <div aria-live="polite" className={holds.isPlaceholderData ? 'stale' : undefined}>
          <ul className="eaten-with">
            {holds.data.added.map((line, index) => (
              <li key={index} className={line.problem ? 'refused' : undefined}>
                {line.problem ?? `${line.food ?? ''}, ${plain(line.grams ?? 0, 1)} g`}
              </li>
            ))}
          </ul>
          <table className="eaten-holds">
            <tbody>
              {holds.data.figures.map((one) => {
                const places = one.value < 10 ? 1 : 0;
                return (
                  <tr key={one.tag}>
                    <th scope="row">{one.words}</th>
                    <td>
                      {lacking && '≥ '}
                      {plain(one.value, places)} {one.unit}
                    </td>
                    <td className="quiet">
                      {lacking
                        ? `from ${plain(one.low, places)}`
                        : `${plain(one.low, places)}–${plain(one.high, places)}`}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      )}
    </Dialog>
  );
}
