import { Button, Checkbox, Input, Modal } from 'antd';
import { useMemo, useRef, useState } from 'react';
import type { Draft, ProposedLine } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { Grams, Reading } from '../../ui/Reading';
import { useFigures } from '../bench/useFigures';
import { emptyDraft } from '../shelf/emptyDraft';
import type { Reviewed } from './reviewed';

type Place = ProposedLine['place'];

const PLACES: { value: Place; label: string }[] = [
  { value: 'NOT_SAID', label: 'into the bowl' },
  { value: 'PLATE', label: 'on the plate' },
  { value: 'PAN', label: 'into the pan' },
];

type Row = ProposedLine & { id: string; foodId?: string; take: boolean };

/** A pasted recipe, line by line, before anything of it is added; each line read anew as it is corrected. */
export function Review(props: {
  proposed: ProposedLine[];
  system: Draft['system'];
  /** Whose cups and spoons they are, to say it on each line. */
  cups: string;
  onAdd: (lines: Reviewed[]) => void;
  onClose: () => void;
}) {
  const list = useRef<HTMLOListElement>(null);
  const [rows, setRows] = useState<Row[]>(() =>
    props.proposed.map((line) => ({
      ...line,
      id: crypto.randomUUID(),
      take: line.kind === 'LINE',
    })),
  );
  const draft = useMemo(
    () => ({
      ...emptyDraft(),
      system: props.system,
      bowl: rows
        .filter((row) => row.kind === 'LINE')
        .map(({ id, text, foodId }) => ({ id, text, foodId })),
    }),
    [rows, props.system],
  );
  const { readings } = useFigures(draft);
  const set = (index: number, part: Partial<Row>) =>
    setRows((before) => before.map((row, i) => (i === index ? { ...row, ...part } : row)));
  const select = (index: number, from: number, to: number) => {
    const field = list.current?.querySelectorAll<HTMLInputElement>('.line-top input').item(index);
    field?.focus();
    field?.setSelectionRange(from, to);
  };
  const taken = rows.filter((row) => row.take);
  return (
    <Modal
      open
      width={860}
      title="Look these lines over"
      onCancel={props.onClose}
      footer={
        <>
          <Button type="text" onClick={props.onClose}>
            Add nothing
          </Button>
          <Button
            type="primary"
            disabled={taken.length === 0}
            onClick={() =>
              props.onAdd(
                taken.map(({ text, foodId, place, shared }) => ({ text, foodId, place, shared })),
              )
            }
          >
            Add {taken.length} {taken.length === 1 ? 'line' : 'lines'}
          </Button>
        </>
      }
    >
      <ol className="review" aria-label="Pasted lines" ref={list}>
        {rows.map((row, index) => (
          <li key={row.id} className={row.take ? undefined : 'off-line'}>
            <Checkbox
              aria-label={`Take ${row.text}`}
              checked={row.take}
              onChange={(event) => set(index, { take: event.target.checked })}
            />
            <div>
              <div className="line-top">
                <Input
                  variant="borderless"
                  aria-label={`Pasted line ${index + 1}`}
                  value={row.text}
                  maxLength={300}
                  onChange={(event) => set(index, { text: event.target.value, foodId: undefined })}
                />
                <Grams line={readings.get(row.id) ?? row.reading} />
              </div>
              {row.kind === 'LINE' ? (
                <Reading
                  line={readings.get(row.id) ?? row.reading}
                  text={row.text}
                  system={props.cups}
                  onPick={(foodId) => set(index, { foodId })}
                  onText={(text) => set(index, { text })}
                  onSelect={(from, to) => select(index, from, to)}
                />
              ) : (
                <p className="reading">
                  {row.kind === 'HEADING' ? 'taken for a heading' : 'taken for a step of the work'}
                </p>
              )}
            </div>
            {row.take && (
              <Choice<Place>
                aria-label={`Where line ${index + 1} goes`}
                value={row.place}
                options={PLACES}
                onChange={(place) => set(index, { place })}
              />
            )}
          </li>
        ))}
      </ol>
    </Modal>
  );
}
