import { useMutation } from '@tanstack/react-query';
import { Button, Input, Modal, Segmented } from 'antd';
import { useState } from 'react';
import { answer, api } from '../../api/client';
import type { Adjusted, ConvertTo, Draft } from '../../api/types';
import type { ChangeDraft } from '../../ui/change';
import { plain } from '../../ui/numbers';

type By = 'factor' | 'pieces' | 'batter' | 'size';

/** The recipe written anew: more or less of it, in grams, in cups and spoons. */
export function Anew(props: { now: () => Draft; onChange: ChangeDraft }) {
  const { now, onChange } = props;
  const [open, setOpen] = useState(false);
  const [by, setBy] = useState<By>('factor');
  const [texts, setTexts] = useState({ factor: '2', pieces: '', batter: '', piece: '' });
  const write = useMutation({
    mutationFn: (ask: () => Promise<Adjusted>) => ask(),
    onSuccess: (adjusted) => onChange(`anew:${Date.now()}`, () => adjusted.draft),
  });
  const { data: written, error, reset } = write;
  const scale = (factor?: string) => {
    const wanted = {
      factor: { factor: factor ?? texts.factor },
      pieces: { pieces: texts.pieces },
      batter: { batter: texts.batter },
      size: { piece: texts.piece, pieces: texts.pieces },
    }[by];
    const said = { factor: '', pieces: '', batter: '', piece: '' };
    const body = { draft: now(), ...said, ...(factor ? { factor } : wanted) };
    write.mutate(() => answer(api.POST('/api/scale', { body })));
  };
  const convert = (to: ConvertTo) =>
    write.mutate(() => answer(api.POST('/api/convert', { body: { draft: now(), to } })));
  const field = (name: keyof typeof texts, label: string, placeholder: string) => (
    <Input
      aria-label={label}
      prefix={<span className="quiet">{label}</span>}
      placeholder={placeholder}
      value={texts[name]}
      maxLength={40}
      onChange={(event) => setTexts({ ...texts, [name]: event.target.value })}
      onPressEnter={() => scale()}
    />
  );
  return (
    <div className="anew">
      <Button size="small" onClick={() => setOpen(true)}>
        More or less of it
      </Button>
      <Button size="small" onClick={() => convert('GRAMS')}>
        In grams
      </Button>
      <Button size="small" onClick={() => convert('KITCHEN')}>
        In cups and spoons
      </Button>
      <div role="status">
        {error && <p className="reading refused">{error.message}</p>}
        {written && written.notes.length > 0 && (
          <ul className="reading anew-notes">
            {written.notes.map((note) => (
              <li key={note}>{note}</li>
            ))}
            <li>
              <button type="button" className="part" onClick={reset}>
                Read
              </button>
            </li>
          </ul>
        )}
      </div>
      <Modal
        open={open}
        title="More or less of it"
        onCancel={() => setOpen(false)}
        footer={
          <Button type="primary" onClick={() => scale()}>
            Write it anew
          </Button>
        }
      >
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
            onChange={setBy}
          />
          {by === 'factor' && field('factor', 'times', '1 1/2')}
          {by === 'pieces' && field('pieces', 'pieces in all', '18')}
          {by === 'batter' && field('batter', 'batter in all', '900 g')}
          {by === 'size' && field('piece', 'raw batter for a piece', '60 g')}
          {by === 'size' && field('pieces', 'pieces in all', '14')}
          {error && <p className="reading refused">{error.message}</p>}
          {written && written.factor !== 1 && (
            <p className="reading" role="status">
              Written × {plain(written.factor, 2)}. Undo takes it back.
            </p>
          )}
          {written?.eggs.map((offer) => (
            <Button
              key={offer.factor}
              onClick={() => scale(plain(offer.factor / written.factor, 4))}
            >
              {offer.words}
            </Button>
          ))}
        </div>
      </Modal>
    </div>
  );
}
