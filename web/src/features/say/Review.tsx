import { Button, Checkbox, Input } from 'antd';
import { Dialog } from '../../ui/Dialog';
import { useMemo, useRef, useState } from 'react';
import type { Draft, ProposedLine, Told } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { Grams, Reading } from '../../ui/Reading';
import { useFigures } from '../bench/useFigures';
import { emptyDraft } from '../shelf/emptyDraft';
import { Marked } from './Marked';
import { eachGets, rangeWords, serving, type Entered, type Place, type Taken } from './told';

/** Where a line goes; what goes on the plates is measured for each of them, or for all. */
type Goes = Place | 'ALL_PLATES';

const GOES: { value: Goes; label: string }[] = [
  { value: 'NOT_SAID', label: 'into the bowl' },
  { value: 'PLATE', label: 'on each plate' },
  { value: 'ALL_PLATES', label: 'over all plates' },
  { value: 'PAN', label: 'into the pan' },
];

type Row = ProposedLine & { id: string; foodId?: string; take: boolean };

/** What a text says, marked in it and line by line, before anything of it is added. */
export function Review(props: {
  text: string;
  told: Told;
  entered: Entered;
  system: Draft['system'];
  /** Whose cups and spoons they are, to say it on each line. */
  cups: string;
  onTake: (taken: Taken) => void;
  onClose: () => void;
}) {
  const { told, entered } = props;
  const list = useRef<HTMLOListElement>(null);
  const [rows, setRows] = useState<Row[]>(() => told.lines.map((line) => row(line, entered)));
  const [yields, setYields] = useState(true);
  const [method, setMethod] = useState(true);
  const draft = useMemo(
    () => ({
      ...emptyDraft(),
      system: props.system,
      bowl: rows.map(({ id, text, foodId }) => ({ id, text, foodId })),
    }),
    [rows, props.system],
  );
  const { readings } = useFigures(draft);
  const set = (index: number, part: Partial<Row>) =>
    setRows((before) => before.map((row, i) => (i === index ? { ...row, ...part } : row)));
  const fields = () => list.current?.querySelectorAll<HTMLInputElement>('.line-top input');
  const select = (index: number, from: number, to: number) => {
    const field = fields()?.item(index);
    field?.focus();
    field?.setSelectionRange(from, to);
  };
  const taken = rows.filter((row) => row.take);
  const each = serving(told);
  const take = () =>
    props.onTake({
      lines: taken.map(({ text, foodId, place, shared }) => ({ text, foodId, place, shared })),
      pieces: yields ? (told.pieces ?? undefined) : undefined,
      serving: yields ? each : undefined,
      method: method && told.steps.length > 0 ? told.steps.map(({ text }) => text) : undefined,
    });
  return (
    <Dialog
      open
      width={940}
      title="Look this over"
      onCancel={props.onClose}
      footer={
        <>
          <Button type="text" onClick={props.onClose}>
            Add nothing
          </Button>
          <Button
            type="primary"
            disabled={taken.length === 0 && !(yields && (told.pieces || each))}
            onClick={take}
          >
            Add {taken.length} {taken.length === 1 ? 'line' : 'lines'}
          </Button>
        </>
      }
    >
      <Marked
        text={props.text}
        marks={told.marks}
        onLine={(line) => {
          const index = rows.findIndex((_, i) => i === line);
          fields()?.item(index)?.focus();
        }}
      />
      {told.lines.length === 0 && (
        <p className="reading refused" role="status">
          No food was found in this.{' '}
          <span className="quiet">Try: amounts and foods: 120 g rye flour.</span>
        </p>
      )}
      <ol className="review" aria-label="Lines found" ref={list}>
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
                  aria-label={`Line found ${index + 1}`}
                  value={row.text}
                  maxLength={300}
                  onChange={(event) => set(index, { text: event.target.value, foodId: undefined })}
                />
                <Grams line={readings.get(row.id) ?? row.reading} />
              </div>
              {row.understood ? (
                <Reading
                  line={readings.get(row.id) ?? row.reading}
                  text={row.text}
                  system={props.cups}
                  onPick={(foodId) => set(index, { foodId })}
                  onText={(text) => set(index, { text })}
                  onSelect={(from, to) => select(index, from, to)}
                />
              ) : (
                <p className="reading refused">
                  Not understood. Correct it, or take it over to be reminded of it.
                </p>
              )}
              {row.take && rows[row.also ?? -1]?.take && (
                <p className="reading">
                  <em>Counted in line {(row.also ?? 0) + 1} as well: both add up.</em>{' '}
                  <button
                    type="button"
                    className="part"
                    onClick={() => set(index, { take: false })}
                  >
                    count it once?
                  </button>
                </p>
              )}
            </div>
            {row.take && (
              <Choice<Goes>
                aria-label={`Where line ${index + 1} goes`}
                value={row.place === 'PLATE' && row.shared ? 'ALL_PLATES' : row.place}
                options={GOES}
                onChange={(goes) =>
                  set(index, {
                    place: goes === 'ALL_PLATES' ? 'PLATE' : goes,
                    shared: goes === 'ALL_PLATES',
                  })
                }
              />
            )}
          </li>
        ))}
      </ol>
      {told.pieces && (
        <p className="told-yield">
          <Checkbox checked={yields} onChange={(event) => setYields(event.target.checked)}>
            {rangeWords(told.pieces)} come out{' '}
            <span className="quiet">
              {told.serves && each && `· ${eachGets(each)} for each of ${rangeWords(told.serves)}`}
            </span>
          </Checkbox>
        </p>
      )}
      {told.serves && !told.pieces && (
        <p className="told-yield quiet">
          Serves {rangeWords(told.serves)}: a serving is that share of what comes out.
        </p>
      )}
      {told.excluded.length > 0 && (
        <p className="quiet">Left out, as you say: {told.excluded.join('; ')}.</p>
      )}
      {told.steps.length > 0 && (
        <>
          <Checkbox checked={method} onChange={(event) => setMethod(event.target.checked)}>
            Keep the {told.steps.length === 1 ? 'step' : `${told.steps.length} steps`} of the work
            with the recipe
          </Checkbox>
          <ol className="told-steps">
            {told.steps.map((step) => (
              <li key={step.start}>
                {step.text} {step.details.length > 0 && <b>{step.details.join(' · ')}</b>}
              </li>
            ))}
          </ol>
        </>
      )}
    </Dialog>
  );
}

/** What was not understood is taken over only where it measures something. */
function row(line: ProposedLine, entered: Entered): Row {
  const place = line.place === 'NOT_SAID' && entered === 'plate' ? 'PLATE' : line.place;
  return { ...line, place, id: crypto.randomUUID(), take: line.understood };
}
