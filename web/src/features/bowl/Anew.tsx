import { useMutation } from '@tanstack/react-query';
import { Button, Input, Segmented } from 'antd';
import { useState } from 'react';
import { answer, api } from '../../api/client';
import type { Adjusted, ConvertTo, Draft } from '../../api/types';
import type { ChangeDraft } from '../../ui/change';
import { Dialog } from '../../ui/Dialog';
import { plain } from '../../ui/numbers';
import { rewrittenLines } from './rewrittenLines';

type By = 'factor' | 'pieces' | 'batter' | 'size';
type Opened = 'scale' | ConvertTo;

const TITLES: Record<Opened, string> = {
  scale: 'More or less of it',
  GRAMS: 'In grams',
  KITCHEN: 'In cups and spoons',
};

/**
 * The recipe written anew: more or less of it, in grams, in cups and spoons. It is shown line by
 * line first, and happens once.
 */
export function Anew(props: { now: () => Draft; onChange: ChangeDraft }) {
  const { now, onChange } = props;
  const [opened, setOpened] = useState<Opened>();
  const [by, setBy] = useState<By>('factor');
  const [texts, setTexts] = useState({ factor: '2', pieces: '', batter: '', piece: '' });
  const write = useMutation({
    mutationFn: async (ask: (draft: Draft) => Promise<Adjusted>) => {
      const before = now();
      return { before, written: await ask(before) };
    },
  });
  const { data: shown, error, reset } = write;
  const close = () => {
    setOpened(undefined);
    reset();
  };
  const take = (written: Adjusted) => {
    onChange(`anew:${Date.now()}`, () => written.draft);
    close();
  };
  const scale = (factor?: string) => {
    const wanted = {
      factor: { factor: factor ?? texts.factor },
      pieces: { pieces: texts.pieces },
      batter: { batter: texts.batter },
      size: { piece: texts.piece, pieces: texts.pieces },
    }[by];
    const said = { factor: '', pieces: '', batter: '', piece: '' };
    write.mutate((draft) =>
      answer(
        api.POST('/api/scale', { body: { draft, ...said, ...(factor ? { factor } : wanted) } }),
      ),
    );
  };
  const convert = (to: ConvertTo) => {
    setOpened(to);
    write.mutate((draft) => answer(api.POST('/api/convert', { body: { draft, to } })));
  };
  const field = (name: keyof typeof texts, label: string, placeholder: string) => (
    <Input
      aria-label={label}
      prefix={<span className="quiet">{label}</span>}
      placeholder={placeholder}
      value={texts[name]}
      maxLength={40}
      onChange={(event) => {
        reset();
        setTexts({ ...texts, [name]: event.target.value });
      }}
      onPressEnter={() => scale()}
    />
  );
  return (
    <div className="anew">
      <Button size="small" onClick={() => setOpened('scale')}>
        More or less of it
      </Button>
      <Button size="small" onClick={() => convert('GRAMS')}>
        In grams
      </Button>
      <Button size="small" onClick={() => convert('KITCHEN')}>
        In cups and spoons
      </Button>
      <Dialog
        open={opened !== undefined}
        title={opened && TITLES[opened]}
        width={620}
        onCancel={close}
        footer={
          <>
            <Button type="text" onClick={close}>
              Leave it as it is
            </Button>
            {opened === 'scale' && !shown && (
              <Button type="primary" loading={write.isPending} onClick={() => scale()}>
                Show what it would be
              </Button>
            )}
            {shown && (
              <Button type="primary" onClick={() => take(shown.written)}>
                Write it so
              </Button>
            )}
          </>
        }
      >
        {opened === 'scale' && (
          <div className="anew-form">
            <Segmented<By>
              block
              aria-label="Said by"
              value={by}
              options={[
                { value: 'factor', label: 'times' },
                { value: 'pieces', label: 'pieces' },
                { value: 'batter', label: 'batter' },
                { value: 'size', label: 'piece size' },
              ]}
              onChange={(to) => {
                reset();
                setBy(to);
              }}
            />
            {by === 'factor' && field('factor', 'times', '1 1/2')}
            {by === 'pieces' && field('pieces', 'pieces in all', '18')}
            {by === 'batter' && field('batter', 'batter in all', '900 g')}
            {by === 'size' && field('piece', 'raw batter for a piece', '60 g')}
            {by === 'size' && field('pieces', 'pieces in all', '14')}
          </div>
        )}
        {error && <p className="reading refused">{error.message}</p>}
        {shown && <Shown before={shown.before} written={shown.written} onFactor={scale} />}
      </Dialog>
    </div>
  );
}

/** What would be written, line by line. */
function Shown(props: { before: Draft; written: Adjusted; onFactor: (factor: string) => void }) {
  const { before, written, onFactor } = props;
  const lines = rewrittenLines(before, written.draft);
  return (
    <div role="status" className="anew-shown">
      {written.factor !== 1 && <p className="quiet">× {plain(written.factor, 2)}</p>}
      {lines.length === 0 && <p>Nothing would change.</p>}
      {lines.length > 0 && (
        <table>
          <thead>
            <tr>
              <th scope="col">now</th>
              <th scope="col">then</th>
            </tr>
          </thead>
          <tbody>
            {lines.map(({ id, from, to }) => (
              <tr key={id}>
                <td className="quiet">{from}</td>
                <td>{to}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {written.notes.length > 0 && (
        <ul className="reading anew-notes">
          {written.notes.map((note) => (
            <li key={note}>{note}</li>
          ))}
        </ul>
      )}
      {written.eggs.map((offer) => (
        <Button key={offer.factor} onClick={() => onFactor(plain(offer.factor, 4))}>
          {offer.words}
        </Button>
      ))}
    </div>
  );
}
