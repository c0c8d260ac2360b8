import { Button, Input, type InputRef } from 'antd';
import { Dialog } from '../../ui/Dialog';
import { useRef, useState } from 'react';

/** Asks for one line on why this version is kept. */
export function Keep(props: {
  open: boolean;
  busy: boolean;
  failure: string | undefined;
  onKeep: (reason: string) => void;
  onClose: () => void;
}) {
  const { open, busy, failure, onKeep, onClose } = props;
  const [reason, setReason] = useState('');
  const field = useRef<InputRef>(null);
  const keep = () => reason.trim() && onKeep(reason.trim());
  return (
    <Dialog
      open={open}
      title="Keep this version"
      onCancel={onClose}
      destroyOnHidden
      afterClose={() => setReason('')}
      afterOpenChange={(opened) => opened && field.current?.focus()}
      footer={[
        <Button key="back" onClick={onClose}>
          Not yet
        </Button>,
        <Button key="keep" type="primary" loading={busy} disabled={!reason.trim()} onClick={keep}>
          Keep
        </Button>,
      ]}
    >
      <p>A kept version never changes: neither its lines nor its figures.</p>
      <Input
        ref={field}
        aria-label="Why keep it"
        placeholder="Why, in one line: less sugar in the batter"
        value={reason}
        maxLength={300}
        onChange={(event) => setReason(event.target.value)}
        onPressEnter={keep}
      />
      {failure && (
        <p className="reading refused" role="alert">
          {failure}
        </p>
      )}
    </Dialog>
  );
}
