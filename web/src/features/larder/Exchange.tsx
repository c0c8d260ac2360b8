import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import { useRef } from 'react';
import { api } from '../../api/client';
import type { ImportReport } from '../../api/types';
import { Report } from './Report';
import { TableIn } from './TableIn';

/** Foods out to a CSV file, and in from one. */
export function Exchange({ onBrought }: { onBrought: () => void }) {
  const file = useRef<HTMLInputElement>(null);
  const bring = useMutation({
    mutationFn: async (csv: File) => {
      const { data, error } = await api.POST('/api/foods/import', {
        headers: { 'Content-Type': 'text/csv' },
        body: '',
        bodySerializer: () => csv,
      });
      return (data ?? error) as ImportReport; // a file that is refused has a report too
    },
    onSuccess: (read) => {
      if (read.problems.length === 0) onBrought();
    },
  });
  const { data: report, error } = bring;
  return (
    <div className="exchange">
      <a className="button" href="/api/foods/export" download="foods.csv">
        Foods to a CSV file
      </a>
      <Button onClick={() => file.current?.click()}>Foods from a CSV file</Button>
      <input
        ref={file}
        type="file"
        accept=".csv,text/csv"
        hidden
        aria-label="CSV file of foods"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) bring.mutate(chosen);
        }}
      />
      <TableIn onBrought={onBrought} />
      <div role="status">
        {error && <p className="reading refused">{error.message}</p>}
        {report && <Report report={report} />}
      </div>
    </div>
  );
}
