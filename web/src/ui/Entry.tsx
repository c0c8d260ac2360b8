import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Input, type InputProps } from 'antd';
import { useId, useState, type KeyboardEvent } from 'react';
import { answer, api } from '../api/client';

/** The field for a new line, with foods offered behind the amount: by arrow and Enter. */
export function Entry(
  props: Omit<InputProps, 'onChange' | 'onKeyDown'> & {
    value: string;
    onText: (text: string) => void;
    onUp: () => void;
  },
) {
  const { value, onText, onUp, ...input } = props;
  const list = useId();
  const [active, setActive] = useState(-1);
  const [closed, setClosed] = useState('');
  const { data } = useQuery({
    queryKey: ['completions', value],
    enabled: value.trim().length > 1 && value !== closed,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) =>
      answer(api.GET('/api/lines/completions', { params: { query: { line: value } }, signal })),
  });
  const offers = value.trim().length > 1 && value !== closed ? (data ?? []) : [];
  const take = (index: number) => {
    const offer = offers[index];
    if (!offer) return;
    setClosed(offer.text);
    setActive(-1);
    onText(offer.text);
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown' && offers.length > 0) {
      event.preventDefault();
      setActive((now) => Math.min(now + 1, offers.length - 1));
    } else if (event.key === 'ArrowUp' && active >= 0) {
      event.preventDefault();
      setActive((now) => now - 1);
    } else if (event.key === 'ArrowUp') {
      event.preventDefault();
      onUp();
    } else if (event.key === 'Enter' && active >= 0) {
      event.preventDefault();
      take(active);
    } else if (event.key === 'Enter') {
      setClosed(value);
      input.onPressEnter?.(event as KeyboardEvent<HTMLInputElement>);
    } else if (event.key === 'Escape') {
      setClosed(value);
      setActive(-1);
    }
  };
  return (
    <div className="entry-field">
      <Input
        {...input}
        role="combobox"
        aria-expanded={offers.length > 0}
        aria-controls={list}
        aria-activedescendant={active >= 0 ? `${list}-${active}` : undefined}
        value={value}
        onPressEnter={undefined}
        onChange={(event) => {
          setActive(-1);
          onText(event.target.value);
        }}
        onKeyDown={onKey}
      />
      <ul
        id={list}
        role="listbox"
        aria-label="Foods that begin so"
        className="completions"
        hidden={offers.length === 0}
      >
        {offers.map((offer, index) => (
          <li
            key={offer.foodId}
            id={`${list}-${index}`}
            role="option"
            aria-selected={index === active}
            // Before the field is left, which would enter what stands in it.
            onMouseDown={(event) => {
              event.preventDefault();
              take(index);
            }}
          >
            {offer.food} <span className="quiet">{offer.measure}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
