import { Button, Modal } from 'antd';
import type { NamedDraft, Recipe } from '../../api/types';

/** Two people saved the same draft: both sides, and a choice. */
export function Conflict(props: {
  mine: NamedDraft;
  theirs: Recipe | undefined;
  onChoose: (keepTheirs: boolean) => void;
}) {
  const { mine, theirs, onChoose } = props;
  return (
    <Modal
      open={theirs !== undefined}
      title="Saved elsewhere in the meantime"
      width={760}
      closable={false}
      footer={[
        <Button key="theirs" onClick={() => onChoose(true)}>
          Take what was saved
        </Button>,
        <Button key="mine" type="primary" onClick={() => onChoose(false)}>
          Save this page’s instead
        </Button>,
      ]}
    >
      <p>Nothing was overwritten. Lines that differ are marked.</p>
      {theirs && (
        <div className="sides">
          <Side title="On this page" named={mine} other={theirs} />
          <Side title="As it was saved" named={theirs} other={mine} />
        </div>
      )}
    </Modal>
  );
}

function Side(props: { title: string; named: NamedDraft; other: NamedDraft }) {
  const there = new Set(statements(props.other));
  return (
    <section>
      <h3>{props.title}</h3>
      <ul>
        {statements(props.named).map((text, index) => (
          <li key={index}>{there.has(text) ? text : <mark>{text}</mark>}</li>
        ))}
      </ul>
    </section>
  );
}

function statements({ name, draft }: NamedDraft): string[] {
  const { griddle, plate } = draft;
  return [
    name,
    ...draft.bowl.map((line) => line.text),
    `${griddle.pieces ?? 'no'} pieces, ${griddle.discarded} thrown away`,
    `left in the bowl: ${griddle.left || 'nothing'}`,
    `in the pan: ${griddle.panFat.text || 'nothing said'}`,
    `${plate.pieces ?? 'no'} pieces in a serving`,
    ...plate.toppings.map((line) => `on top: ${line.text}`),
  ];
}
