import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api } from '../../api/client';
import { queries } from '../../api/queries';
import type { Run, Runs as RunsAnswer } from '../../api/types';
import { Notice } from '../../ui/Notice';
import { plain } from '../../ui/numbers';
import './stove.css';

/** Mornings with a version: what each came to, and how much they differ. */
export function Runs({ version }: { version: string }) {
  const client = useQueryClient();
  const runs = useQuery(queries.runs({ version }));
  const keep = useMutation({
    mutationFn: (id: string) =>
      answer(api.POST('/api/runs/{id}/version', { params: { path: { id } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['versions'] }),
  });
  const navigate = useNavigate();
  const [picked, setPicked] = useState<string[]>([]);
  const beside = useMutation({
    mutationFn: async () => {
      const made: string[] = [];
      for (const id of picked) {
        const kept = await answer(api.POST('/api/runs/{id}/version', { params: { path: { id } } }));
        made.push(`s=v.${kept.versionId}`);
      }
      return made;
    },
    onSuccess: (made) => {
      void client.invalidateQueries({ queryKey: ['versions'] });
      void navigate(`/compare?${made.join('&')}&mode=TWO_BATCHES`);
    },
  });
  const failure = runs.error ?? keep.error ?? beside.error;
  return (
    <section className="station runs" aria-labelledby="runs-title">
      <header>
        <h2 id="runs-title">Mornings</h2>
        <Link className="button" to={`/stove/${version}`}>
          Cook it
        </Link>
      </header>
      {failure && <Notice>{failure.message}</Notice>}
      {keep.data && (
        <p>
          Kept as a version: <Link to={`/version/${keep.data.versionId}`}>as it was made</Link>,{' '}
          <Link to={`/compare?s=v.${version}&s=v.${keep.data.versionId}`}>beside this one</Link>.
        </p>
      )}
      {runs.data?.runs.length === 0 && <p className="quiet">Not cooked yet.</p>}
      {runs.data && runs.data.runs.length > 0 && (
        <div className="wide-table">
          <table>
            <thead>
              <tr>
                <th scope="col">when, who</th>
                <th scope="col" className="number">
                  pieces
                </th>
                <th scope="col" className="number">
                  foretold
                </th>
                <th scope="col" className="number">
                  cooked piece
                </th>
                <th scope="col">otherwise than written; judged</th>
                <th scope="col">
                  <span className="sr-only">keep</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {runs.data.runs.map((run) => (
                <Row
                  key={run.id}
                  run={run}
                  picked={picked.includes(run.id)}
                  onPick={
                    runs.data.runs.length > 1
                      ? (now) =>
                          setPicked([
                            ...picked.filter((one) => one !== run.id),
                            ...(now ? [run.id] : []),
                          ])
                      : undefined
                  }
                  onKeep={() => keep.mutate(run.id)}
                />
              ))}
            </tbody>
          </table>
          {runs.data.runs.length > 1 && (
            <Button
              disabled={picked.length < 2 || picked.length > 6}
              loading={beside.isPending}
              onClick={() => beside.mutate()}
            >
              Picked mornings side by side
            </Button>
          )}
          <Spreads runs={runs.data} />
        </div>
      )}
    </section>
  );
}

function Row(props: {
  run: Run;
  picked: boolean;
  /** Absent where there is no other to stand beside. */
  onPick: ((picked: boolean) => void) | undefined;
  onKeep: () => void;
}) {
  const { run, onKeep, onPick } = props;
  const words = [...run.changed];
  if (run.judged) words.push(`“${run.judged}”${run.marks ? `, ${run.marks} of 5` : ''}`);
  return (
    <tr>
      <td>
        {new Date(run.startedAt).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })}
        {run.cook && `, ${run.cook}`}
        {!run.finished && <span className="quiet"> going on</span>}
      </td>
      <td className="number">
        {run.pieces ?? '—'}
        {run.discarded > 0 && <span className="quiet"> −{run.discarded}</span>}
      </td>
      <td className="number">{run.predicted != null ? plain(run.predicted, 1) : '—'}</td>
      <td className="number">{run.cookedPiece != null ? `${plain(run.cookedPiece, 0)} g` : '—'}</td>
      <td>{words.join('; ')}</td>
      <td>
        <div className="row-buttons">
          {run.pieces != null && onPick && (
            <Checkbox checked={props.picked} onChange={(event) => onPick(event.target.checked)}>
              pick<span className="sr-only"> this morning</span>
            </Checkbox>
          )}
          {run.pieces != null && (
            <Button size="small" onClick={onKeep}>
              Keep as made
            </Button>
          )}
          <Button size="small" href={`/api/runs/${run.id}/sheet.pdf`} download>
            PDF
          </Button>
        </div>
      </td>
    </tr>
  );
}

/** Mean and spread over the mornings, each morning a dot. */
function Spreads({ runs }: { runs: RunsAnswer }) {
  if (runs.spread.length === 0) return null;
  return (
    <table aria-label="How mornings differ">
      <tbody>
        {runs.spread.map((one) => (
          <tr key={one.words}>
            <th scope="row">{one.words}</th>
            <td className="number">
              {plain(one.mean, one.mean < 10 ? 2 : 0)} ±{' '}
              {plain(one.deviation, one.deviation < 10 ? 2 : 0)} {one.unit}
            </td>
            <td>
              <Dots values={one.values} mean={one.mean} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Dots({ values, mean }: { values: number[]; mean: number }) {
  const reach = Math.max(
    ...values.map((value) => Math.abs(value - mean)),
    0.02 * Math.abs(mean),
    1e-9,
  );
  const at = (value: number) => 110 + (96 * (value - mean)) / reach;
  return (
    <svg className="dots" viewBox="0 0 220 22" aria-hidden="true">
      <line x1="8" x2="212" y1="11" y2="11" stroke="var(--rule)" />
      <line x1="110" x2="110" y1="3" y2="19" stroke="var(--quiet)" />
      {values.map((value, index) => (
        <circle key={index} cx={at(value)} cy="11" r="4" fill="var(--plum)" opacity="0.7" />
      ))}
    </svg>
  );
}
