import { Button, Checkbox, Input, Modal } from 'antd';
import { useState } from 'react';
import type { ProposedLine } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { Grams, Reading } from '../../ui/Reading';
import type { Reviewed } from './reviewed';

type Place = ProposedLine['place'];

const PLACES: { value: Place; label: string }[] = [
  { value: 'NOT_SAID', label: 'into the bowl' },
  { value: 'PLATE', label: 'on the plate' },
  { value: 'PAN', label: 'into the pan' },
];

/** A pasted recipe, line by line, before anything of it is added. */
export function Review(props: {
  proposed: ProposedLine[];
  onAdd: (lines: Reviewed[]) => void;
  onClose: () => void;
}) {
  const [rows, setRows] = useState(() =>
    props.proposed.map((line) => ({ ...line, take: line.kind === 'LINE' })),
  );
  const set = (index: number, part: Partial<(typeof rows)[number]>) =>
    setRows((before) => before.map((row, i) => (i === index ? { ...row, ...part } : row)));
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
              props.onAdd(taken.map(({ text, place, shared }) => ({ text, place, shared })))
            }
          >
            Add {taken.length} {taken.length === 1 ? 'line' : 'lines'}
          </Button>
        </>
      }
    >
      <ol className="review" aria-label="Pasted lines">
        {rows.map((row, index) => (
          <li key={index} className={row.take ? undefined : 'off-line'}>
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
                  onChange={(event) => set(index, { text: event.target.value, reading: undefined })}
                />
                <Grams line={row.reading} />
              </div>
              {row.kind === 'LINE' ? (
                <Reading line={row.reading} />
              ) : (
                <p className="reading">
                  {row.kind === 'HEADING' ? 'taken for a heading' : 'taken for a step of the work'}
                </p>
              )}
            </div>
            <Choice<Place>
              aria-label={`Where line ${index + 1} goes`}
              value={row.place}
              options={PLACES}
              onChange={(place) => set(index, { place })}
            />
          </li>
        ))}
      </ol>
    </Modal>
  );
}
