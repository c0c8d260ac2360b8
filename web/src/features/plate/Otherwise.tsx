import { Input } from 'antd';
import { useState } from 'react';
import type { Draft, FieldProblem } from '../../api/types';
import type { ChangeDraft } from '../../ui/change';

/** A serving that is not so many pieces: a weight, a share, chosen ones. */
export function Otherwise(props: {
  plate: Draft['plate'];
  problems: FieldProblem[];
  onChange: ChangeDraft;
}) {
  const { plate, problems, onChange } = props;
  const [open, setOpen] = useState(false);
  const problem = problems.find((one) => one.field === 'plate.amount');
  if (!open && plate.amount == null) {
    return (
      <button type="button" className="text-button" onClick={() => setOpen(true)}>
        or a weight, or a share?
      </button>
    );
  }
  return (
    <div className="field">
      <Input
        aria-label="A serving otherwise"
        placeholder="150 g, serves 4, a quarter of it, #1 #3"
        value={plate.amount ?? ''}
        maxLength={100}
        onChange={(event) => {
          const amount = event.target.value || undefined;
          onChange('plate:amount', (draft) => ({ ...draft, plate: { ...draft.plate, amount } }));
        }}
      />
      {problem && (
        <p className="reading refused" role="status">
          {problem.problem} <span className="quiet">Try: {problem.accepted}.</span>
        </p>
      )}
    </div>
  );
}
