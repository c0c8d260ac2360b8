import { Dropdown } from 'antd';
import { withPacking } from './packing';

const PACKINGS = ['spooned', 'sifted', 'scooped', 'packed'];

/** How a cup was filled, to say or to correct; it writes the word into the line. */
export function PackingChoice(props: {
  packing: string;
  text: string;
  onText: (text: string) => void;
}) {
  const { packing, text, onText } = props;
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: [
          ...PACKINGS.map((word) => ({ key: word, label: word })),
          { key: '', label: 'not said' },
        ],
        onClick: ({ key }) => onText(withPacking(text, key)),
      }}
    >
      <button type="button" className="part" title="Say how it was filled">
        , {packing || 'filled how?'}
      </button>
    </Dropdown>
  );
}
