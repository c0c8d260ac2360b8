import { Dropdown } from 'antd';

const PACKINGS = ['spooned', 'sifted', 'scooped', 'packed'];

/** How a cup was filled, to say or to correct; it writes the word into the line. */
export function PackingChoice(props: {
  packing: string;
  text: string;
  onText: (text: string) => void;
}) {
  const { packing, text, onText } = props;
  const bare = text.replace(/,?\s*\b(spooned|sifted|scooped|packed)\b/gi, '').trim();
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: [
          ...PACKINGS.map((word) => ({ key: word, label: word })),
          { key: '', label: 'not said' },
        ],
        onClick: ({ key }) => onText(key ? `${bare}, ${key}` : bare),
      }}
    >
      <button type="button" className="part" title="Say how it was filled">
        , {packing || 'filled how?'}
      </button>
    </Dropdown>
  );
}
