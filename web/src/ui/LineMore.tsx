import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { answer, api } from '../api/client';
import type { DraftLine, Line } from '../api/types';
import { Glyph } from './Glyph';

/** What else can be done with a line: leave it out, change it while cooking, keep what it weighed. */
export function LineMore(props: {
  line: DraftLine;
  reading: Line | undefined;
  topping: boolean;
  onChange: (line: DraftLine) => void;
}) {
  const { line, reading, topping, onChange } = props;
  return (
    <div className="line-more">
      <Button
        size="small"
        aria-pressed={line.off === true}
        onClick={() => onChange({ ...line, off: line.off ? undefined : true })}
      >
        {line.off ? 'Put it in again' : 'Leave it out'}
      </Button>
      {topping && (
        <Button
          size="small"
          aria-pressed={line.shared === true}
          onClick={() => onChange({ ...line, shared: line.shared ? undefined : true })}
        >
          {line.shared ? 'For each serving' : 'One bowl for all servings'}
        </Button>
      )}
      <Entry
        label="While cooking"
        placeholder="+2 tbsp or -20 g"
        onEnter={(text) =>
          onChange({
            ...line,
            adjustments: [...(line.adjustments ?? []), { at: new Date().toISOString(), text }],
          })
        }
      />
      {reading?.filled && reading.foodId && <Weighed text={line.text} foodId={reading.foodId} />}
    </div>
  );
}

/** The changes of a line while cooking, each with its time. */
export function Adjustments(props: { line: DraftLine; onChange: (line: DraftLine) => void }) {
  const { line, onChange } = props;
  const made = line.adjustments ?? [];
  if (made.length === 0) return null;
  return (
    <ul className="adjustments" aria-label={`Changed while cooking: ${line.text}`}>
      {made.map((one, index) => (
        <li key={one.at}>
          {one.text}{' '}
          <time dateTime={one.at}>
            {new Date(one.at).toLocaleString('en-GB', {
              day: 'numeric',
              month: 'short',
              hour: '2-digit',
              minute: '2-digit',
            })}
          </time>
          <button
            type="button"
            className="plain"
            aria-label={`Take back ${one.text}`}
            onClick={() => {
              const rest = made.filter((_, i) => i !== index);
              onChange({ ...line, adjustments: rest.length > 0 ? rest : undefined });
            }}
          >
            <Glyph of="remove" />
          </button>
        </li>
      ))}
    </ul>
  );
}

/** Keeps what one filling, or one spray, of a line weighed. */
export function Weighed(props: { text: string; foodId: string }) {
  const client = useQueryClient();
  const keep = useMutation({
    mutationFn: (weight: string) =>
      answer(
        api.POST('/api/weighings', { body: { line: props.text, foodId: props.foodId, weight } }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: ['figures'] }),
  });
  const mine = keep.data?.filter((one) => one.foodId === props.foodId) ?? [];
  return (
    <>
      <Entry label="It weighed" placeholder="104 g" onEnter={(weight) => keep.mutate(weight)} />
      <span role="status" className={keep.error ? 'reading refused' : 'reading'}>
        {keep.error?.message}
        {keep.data && `Kept: ${mine.map((one) => one.words).join('; ')}.`}
      </span>
    </>
  );
}

function Entry(props: { label: string; placeholder: string; onEnter: (text: string) => void }) {
  const [text, setText] = useState('');
  const enter = () => {
    if (text.trim()) props.onEnter(text.trim());
    setText('');
  };
  return (
    <Input
      size="small"
      className="small-entry"
      prefix={<span className="quiet">{props.label}</span>}
      aria-label={props.label}
      data-unentered="true"
      placeholder={props.placeholder}
      value={text}
      maxLength={100}
      onChange={(event) => setText(event.target.value)}
      onPressEnter={enter}
      onBlur={enter}
    />
  );
}
