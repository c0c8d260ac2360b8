import { Input, type InputRef } from 'antd';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { DraftLine, Line } from '../api/types';
import { Glyph } from './Glyph';
import { Adjustments, LineMore } from './LineMore';
import { Grams, Reading } from './Reading';

type Change = (what: string, lines: DraftLine[]) => void;

/** Lines as they are typed, each with its reading; the last field adds one. */
export function LineList(props: {
  name: string;
  lines: DraftLine[];
  readings: Map<string, Line>;
  placeholder: string;
  /** Lines can say what share of them is strained out. */
  strain?: boolean;
  /** Whose cups and spoons they are, to say it on each line. */
  system?: string;
  /** Takes a text that is entered, which may mean several lines; without it, it is one. */
  onText?: (text: string) => void;
  onChange: Change;
}) {
  const { name, lines, readings, placeholder, onChange } = props;
  const list = useRef<HTMLDivElement>(null);
  const entry = useRef<InputRef>(null);
  const [entered, setEntered] = useState('');
  const [opened, setOpened] = useState<string>();
  const field = (index: number) =>
    list.current?.querySelectorAll<HTMLInputElement>('input.ant-input-borderless').item(index);
  const focus = (index: number) => field(index)?.focus();
  const follow = useRef<number>(undefined);
  // A moved line leaves the document for a moment and loses the focus that it had.
  useEffect(() => {
    if (follow.current === undefined) return;
    field(follow.current)?.focus();
    follow.current = undefined;
  }, [lines]);

  const replace = (index: number, line: DraftLine) =>
    onChange(
      `${name}:${line.id}`,
      lines.map((other, i) => (i === index ? line : other)),
    );
  const remove = (index: number) =>
    onChange(
      `${name}:remove`,
      lines.filter((_, i) => i !== index),
    );
  const add = () => {
    const text = entered.trim();
    if (!text) return;
    setEntered('');
    if (props.onText) props.onText(text);
    else onChange(`${name}:add`, [...lines, { id: crypto.randomUUID(), text }]);
  };

  const move = (index: number, by: -1 | 1) => {
    const to = index + by;
    const line = lines[index];
    const other = lines[to];
    if (!line || !other) return;
    const moved = [...lines];
    moved[index] = other;
    moved[to] = line;
    follow.current = to;
    onChange(`${name}:move`, moved);
  };
  const onKey = (index: number, event: KeyboardEvent) => {
    const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    if (by !== 0) {
      event.preventDefault();
      if (event.altKey) move(index, by);
      else focus(index + by);
    } else if (event.key === 'Enter' && index < lines.length) {
      focus(index + 1);
    }
  };

  return (
    <div className="lines" ref={list}>
      <ol aria-label={name}>
        {lines.map((line, index) => (
          <li key={line.id} className={lineClass(line, readings.get(line.id))}>
            <div className="line-top">
              <Input
                variant="borderless"
                aria-label={`${name}, line ${index + 1}`}
                value={line.text}
                maxLength={300}
                status={readings.get(line.id)?.state === 'REFUSED' ? 'error' : undefined}
                onChange={(event) =>
                  replace(index, { ...line, foodId: undefined, text: event.target.value })
                }
                onKeyDown={(event) => onKey(index, event)}
              />
              <Grams line={readings.get(line.id)} />
            </div>
            <div className="line-under">
              <Reading
                line={readings.get(line.id)}
                onPick={(foodId) => replace(index, { ...line, foodId })}
                onText={(text) => replace(index, { ...line, text })}
                onSelect={(from, to) => {
                  focus(index);
                  field(index)?.setSelectionRange(from, to);
                }}
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
                  onChange={(event) =>
                    replace(index, { ...line, strained: event.target.value || undefined })
                  }
                />
              )}
              <span className="line-tools">
                <button
                  type="button"
                  aria-label={`More for: ${line.text}`}
                  aria-expanded={opened === line.id}
                  onClick={() => setOpened(opened === line.id ? undefined : line.id)}
                >
                  <Glyph of="more" />
                </button>
                <button
                  type="button"
                  aria-label={`Move up: ${line.text}`}
                  disabled={index === 0}
                  onClick={() => move(index, -1)}
                >
                  <Glyph of="up" />
                </button>
                <button
                  type="button"
                  aria-label={`Move down: ${line.text}`}
                  disabled={index === lines.length - 1}
                  onClick={() => move(index, 1)}
                >
                  <Glyph of="down" />
                </button>
                <button
                  type="button"
                  aria-label={`Remove: ${line.text}`}
                  onClick={() => remove(index)}
                >
                  <Glyph of="remove" />
                </button>
              </span>
            </div>
            <Adjustments line={line} onChange={(changed) => replace(index, changed)} />
            {opened === line.id && (
              <LineMore
                line={line}
                reading={readings.get(line.id)}
                topping={name === 'Toppings'}
                onChange={(changed) => replace(index, changed)}
              />
            )}
          </li>
        ))}
      </ol>
      <div className="entry">
        <Input
          ref={entry}
          variant="borderless"
          aria-label={`${name}: new line`}
          data-unentered="true"
          placeholder={placeholder}
          value={entered}
          maxLength={300}
          onChange={(event) => setEntered(event.target.value)}
          onPressEnter={add}
          onBlur={add}
          onPaste={(event) => {
            const text = event.clipboardData.getData('text');
            if (props.onText && text.trim().includes('\n')) {
              event.preventDefault();
              props.onText(text);
            }
          }}
          onKeyDown={(event) => onKey(lines.length, event)}
        />
      </div>
    </div>
  );
}

function lineClass(line: DraftLine, reading: Line | undefined) {
  if (line.off) return 'off-line';
  if (reading?.state === 'REFUSED') return 'refused-line';
  return reading?.state === 'NOT_MEASURED' ? 'open-line' : undefined;
}
