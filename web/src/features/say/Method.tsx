import { Button } from 'antd';
import { memo } from 'react';
import type { ChangeDraft } from '../../ui/change';

/** The steps of the work that are kept with a recipe. */
export const Method = memo(function Method(props: { steps: string[]; onChange: ChangeDraft }) {
  const { steps, onChange } = props;
  return (
    <section className="station method" aria-labelledby="method-title">
      <header>
        <h2 id="method-title">The work</h2>
        <Button
          size="small"
          type="text"
          onClick={() => onChange('method', (draft) => ({ ...draft, method: undefined }))}
        >
          Take out
        </Button>
      </header>
      <ol>
        {steps.map((step, index) => (
          <li key={index}>{step}</li>
        ))}
      </ol>
    </section>
  );
});
