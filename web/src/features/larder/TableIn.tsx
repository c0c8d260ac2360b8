import { useMutation, useQuery } from '@tanstack/react-query';
import { Button, Progress } from 'antd';
import { useEffect, useRef } from 'react';
import { answer, api } from '../../api/client';
import { files } from '../../api/files';
import { Report } from './Report';

const ASK_EVERY_MS = 400;

/** Whole food tables in, as they are distributed; all of a table, or nothing. */
export function TableIn({ onBrought }: { onBrought: () => void }) {
  const file = useRef<HTMLInputElement>(null);
  const begin = useMutation({ mutationFn: files.bringTable });
  const id = begin.data?.id ?? '';
  const { data: now } = useQuery({
    queryKey: ['table', id],
    queryFn: ({ signal }) =>
      answer(api.GET('/api/foods/tables/{id}', { params: { path: { id } }, signal })),
    enabled: id !== '',
    refetchInterval: ({ state: { data } }) => (data?.report ? false : ASK_EVERY_MS),
    gcTime: 0,
  });
  const cancel = useMutation({
    mutationFn: () => answer(api.DELETE('/api/foods/tables/{id}', { params: { path: { id } } })),
  });
  const done = now?.stage === 'DONE';
  useEffect(() => {
    if (done) onBrought();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once for each table
  }, [done]);
  const going = begin.isPending || (id !== '' && !now?.report);
  return (
    <>
      <Button disabled={going} onClick={() => file.current?.click()}>
        From a food table
      </Button>
      <input
        ref={file}
        type="file"
        accept=".zip,.csv"
        hidden
        aria-label="Food table"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) begin.mutate(chosen);
        }}
      />
      <div role="status" className="table-in">
        {begin.error && <p className="reading refused">{begin.error.message}</p>}
        {going && (
          <>
            <Progress
              aria-label="How much of the table is read"
              percent={Math.floor(100 * (now?.share ?? 0))}
              status="active"
            />
            <p className="reading">
              {now?.stage === 'KEEPING' ? `Keeping ${now.foods} foods …` : 'Reading the table …'}{' '}
              <Button size="small" onClick={() => cancel.mutate()}>
                Stop
              </Button>
            </p>
          </>
        )}
        {now?.stage === 'CANCELLED' && <p className="reading">Stopped; nothing was taken in.</p>}
        {now?.report && now.stage !== 'CANCELLED' && <Report report={now.report} />}
      </div>
    </>
  );
}
