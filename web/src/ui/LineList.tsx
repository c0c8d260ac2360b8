import { useCallback, useEffect, useRef, useState } from 'react';
import type { DraftLine, Line } from '../api/types';
import type { ChangeLines } from './change';
import { arrayMove, Draggable } from './Draggable';
import { Entry } from './Entry';
import { LineRow } from './LineRow';
import { useLeftText } from './useLeftText';

/** Characters of a line; a longer text is taken apart. */
const LONGEST = 300;

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
  /** Takes a line that means several apart. */
  onApart?: (id: string, text: string) => void;
  onChange: ChangeLines;
}) {
  const { name, lines, readings, placeholder, onText, onChange } = props;
  const list = useRef<HTMLDivElement>(null);
  const [entered, setEntered] = useLeftText(name);
  const [opened, setOpened] = useState<string>();
  const field = useCallback(
    (index: number) =>
      list.current?.querySelectorAll<HTMLInputElement>('input.ant-input-borderless').item(index),
    [],
  );
  const follow = useRef<string>(undefined);
  // A moved line leaves the document for a moment and loses the focus that it had.
  useEffect(() => {
    if (follow.current === undefined) return;
    field(lines.findIndex((line) => line.id === follow.current))?.focus();
    follow.current = undefined;
  }, [lines, field]);

  const replace = useCallback(
    (id: string, how: (line: DraftLine) => DraftLine) =>
      onChange(`${name}:${id}`, (now) => now.map((line) => (line.id === id ? how(line) : line))),
    [name, onChange],
  );
  const remove = useCallback(
    (id: string) => onChange(`${name}:remove`, (now) => now.filter((line) => line.id !== id)),
    [name, onChange],
  );
  const move = useCallback(
    (id: string, by: -1 | 1) => {
      follow.current = id;
      onChange(`${name}:move`, (now) => moved(now, id, by));
    },
    [name, onChange],
  );
  const focus = useCallback((index: number) => field(index)?.focus(), [field]);
  const select = useCallback(
    (index: number, from: number, to: number) => {
      focus(index);
      field(index)?.setSelectionRange(from, to);
    },
    [field, focus],
  );
  const open = useCallback(
    (id: string) => setOpened((before) => (before === id ? undefined : id)),
    [],
  );
  const add = () => {
    const text = entered.trim();
    if (!text) return;
    setEntered('');
    if (onText) onText(text);
    else {
      const line = { id: crypto.randomUUID(), text };
      onChange(`${name}:add`, (now) => [...now, line]);
    }
  };

  return (
    <div className="lines" ref={list}>
      <Draggable
        name={name}
        ids={lines.map((line) => line.id)}
        onMove={(from, to) => onChange(`${name}:drag`, (now) => arrayMove(now, from, to))}
      >
        {lines.map((line, index) => (
          <LineRow
            key={line.id}
            name={name}
            line={line}
            reading={readings.get(line.id)}
            index={index}
            last={index === lines.length - 1}
            opened={opened === line.id}
            strain={props.strain}
            system={props.system}
            onReplace={replace}
            onRemove={remove}
            onMove={move}
            onFocus={focus}
            onSelect={select}
            onOpen={open}
            onApart={props.onApart}
          />
        ))}
      </Draggable>
      <div className="entry">
        <Entry
          variant="borderless"
          aria-label={`${name}: new line`}
          data-unentered="true"
          placeholder={placeholder}
          value={entered}
          maxLength={LONGEST}
          onText={setEntered}
          onUp={() => focus(lines.length - 1)}
          onPressEnter={add}
          onBlur={add}
          onPaste={(event) => {
            const text = event.clipboardData.getData('text');
            if (onText && (text.trim().includes('\n') || text.length > LONGEST)) {
              event.preventDefault();
              onText(text);
            }
          }}
        />
      </div>
    </div>
  );
}

function moved(lines: DraftLine[], id: string, by: -1 | 1): DraftLine[] {
  const index = lines.findIndex((line) => line.id === id);
  const line = lines[index];
  const other = lines[index + by];
  if (!line || !other) return lines;
  const then = [...lines];
  then[index] = other;
  then[index + by] = line;
  return then;
}
