import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '../api/client';

const MOST = 6;

/** The other foods that a general name may mean, asked for when they are wanted. */
export function Others(props: {
  words: string;
  taken: string | null | undefined;
  onPick: (foodId: string) => void;
}) {
  const { words, taken } = props;
  const [open, setOpen] = useState(false);
  const { data } = useQuery({
    queryKey: ['others', words],
    enabled: open,
    queryFn: ({ signal }) =>
      answer(
        api.GET('/api/foods', { params: { query: { query: words, most: MOST + 1 } }, signal }),
      ),
  });
  if (!open) {
    return (
      <>
        {' '}
        <button type="button" className="part" onClick={() => setOpen(true)}>
          or another?
        </button>
      </>
    );
  }
  return (
    <span className="offers">
      {data?.foods
        .filter((food) => food.id !== taken)
        .slice(0, MOST)
        .map((food) => (
          <button type="button" key={food.id} onClick={() => props.onPick(food.id)}>
            {food.name}
          </button>
        ))}
    </span>
  );
}
