import { Input } from 'antd';
import { memo, type KeyboardEvent } from 'react';
import type { DraftLine, Line } from '../api/types';
import { useDrag } from './Draggable';
import { Glyph } from './Glyph';
import { Adjustments, LineMore } from './LineMore';
import { Grams, Reading } from './Reading';

/** One line as it is typed, with what was read of it. Drawn anew only when one of these changes. */
export const LineRow = memo(function LineRow(props: {
  name: string;
  line: DraftLine;
  reading: Line | undefined;
  index: number;
  last: boolean;
  opened: boolean;
  strain?: boolean;
  system?: string;
  onReplace: (id: string, how: (line: DraftLine) => DraftLine) => void;
  onRemove: (id: string) => void;
  onMove: (id: string, by: -1 | 1) => void;
  onFocus: (index: number) => void;
  onSelect: (index: number, from: number, to: number) => void;
  onOpen: (id: string) => void;
  onApart?: (id: string, text: string) => void;
}) {
  const { name, line, reading, index } = props;
  const { row, grip } = useDrag(line.id);
  const replace = (part: Partial<DraftLine>) =>
    props.onReplace(line.id, (now) => ({ ...now, ...part }));
  const onKey = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    if (by !== 0) {
      event.preventDefault();
      if (event.altKey) props.onMove(line.id, by);
      else props.onFocus(index + by);
    } else if (event.key === 'Enter') {
      props.onFocus(index + 1);
    }
  };
  return (
    <li className={classOf(line, reading, props.opened)} {...row}>
      <div className="line-top">
        {grip}
        <Input
          variant="borderless"
          aria-label={`${name}, line ${index + 1}`}
          value={line.text}
          maxLength={300}
          status={reading?.state === 'REFUSED' ? 'error' : undefined}
          onChange={(event) => replace({ foodId: undefined, text: event.target.value })}
          onKeyDown={onKey}
        />
        <Grams line={reading} />
        <button
          type="button"
          className="row-more"
          aria-label={`Open: ${line.text}`}
          aria-expanded={props.opened}
          onClick={() => props.onOpen(line.id)}
        >
          <Glyph of="more" />
        </button>
      </div>
      <div className="line-under">
        <Reading
          line={reading}
          onPick={(foodId) => replace({ foodId })}
          onText={(text) => replace({ text })}
          onSelect={(from, to) => props.onSelect(index, from, to)}
          onApart={props.onApart && (() => props.onApart?.(line.id, line.text))}
          text={line.text}
          system={props.system}
        />
        {props.strain && (
          <Input
            className="strained"
            size="small"
            aria-label={`Strained out of ${line.text}`}
            prefix={<span className="quiet">strained out</span>}
            placeholder="0 %"
            value={line.strained ?? ''}
            maxLength={40}
            onChange={(event) => replace({ strained: event.target.value || undefined })}
          />
        )}
        <span className="line-tools">
          <button
            type="button"
            aria-label={`More for: ${line.text}`}
            aria-expanded={props.opened}
            onClick={() => props.onOpen(line.id)}
          >
            <Glyph of="more" />
          </button>
          <button
            type="button"
            aria-label={`Move up: ${line.text}`}
            disabled={index === 0}
            onClick={() => props.onMove(line.id, -1)}
          >
            <Glyph of="up" />
          </button>
          <button
            type="button"
            aria-label={`Move down: ${line.text}`}
            disabled={props.last}
            onClick={() => props.onMove(line.id, 1)}
          >
            <Glyph of="down" />
          </button>
          <button
            type="button"
            aria-label={`Remove: ${line.text}`}
            onClick={() => props.onRemove(line.id)}
          >
            <Glyph of="remove" />
          </button>
        </span>
      </div>
      <Adjustments line={line} onChange={replace} />
      {props.opened && (
        <LineMore line={line} reading={reading} topping={name === 'Toppings'} onChange={replace} />
      )}
    </li>
  );
});

function classOf(line: DraftLine, reading: Line | undefined, opened: boolean) {
  const state = line.off
    ? 'off-line'
    : reading?.state === 'REFUSED'
      ? 'refused-line'
      : reading?.state === 'NOT_MEASURED'
        ? 'open-line'
        : '';
  return opened ? `${state} opened` : state || undefined;
}
