import { Button, Input } from 'antd';
import { Dialog } from '../../ui/Dialog';
import { useState } from 'react';
import { Notice } from '../../ui/Notice';

/** One box for a whole recipe, told in any words; what is made of it is looked over next. */
export function SayItAll(props: {
  busy: boolean;
  error: Error | null;
  onSay: (text: string) => void;
  onClose: () => void;
}) {
  const [text, setText] = useState('');
  return (
    <Dialog
      open
      width={720}
      title="Say it all"
      onCancel={props.onClose}
      footer={
        <>
          <Button type="text" onClick={props.onClose}>
            Not now
          </Button>
          <Button
            type="primary"
            loading={props.busy}
            disabled={text.trim() === ''}
            onClick={() => props.onSay(text)}
          >
            Read it
          </Button>
        </>
      }
    >
      <p className="quiet">
        Type, paste or dictate the whole recipe as you would tell it: amounts, what goes in the pan
        and on top, how many come out. Nothing is added before you have looked it over.
      </p>
      {props.error && <Notice>{props.error.message}</Notice>}
      <Input.TextArea
        aria-label="The whole recipe, in your words"
        autoFocus
        rows={9}
        maxLength={20_000}
        value={text}
        placeholder="I take 200 grams of flour, two eggs and half a litre of milk. Butter for the pan. That makes eight, and on top everybody has a spoon of honey."
        onChange={(event) => setText(event.target.value)}
      />
    </Dialog>
  );
}
