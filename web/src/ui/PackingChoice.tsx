import { useMutation } from '@tanstack/react-query';
import { Dropdown } from 'antd';
import { answer, api } from '../api/client';

const PACKINGS = ['spooned', 'sifted', 'scooped', 'packed'];

/** How a cup was filled, to say or to correct; the line is written anew with the word in it. */
export function PackingChoice(props: {
  packing: string;
  text: string;
  onText: (text: string) => void;
}) {
  const { packing, text, onText } = props;
  const pack = useMutation({
    mutationFn: (how: string) =>
      answer(api.POST('/api/lines/packed', { body: { text, packing: how } })),
    onSuccess: (line) => onText(line.text),
  });
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: [
          ...PACKINGS.map((word) => ({ key: word, label: word })),
          { key: '', label: 'not said' },
        ],
        onClick: ({ key }) => pack.mutate(key),
      }}
    >
      <button type="button" className="part" title="Say how it was filled">
        , {packing || 'filled how?'}
      </button>
    </Dropdown>
  );
}
