import { useState } from 'react';
import type { Basis, Component, Draft, Figures } from '../api/types';
import { StackPicture } from '../features/stack/StackPicture';
import { Tally, Verdicts } from '../features/tally/Tally';
import { Trail } from '../features/trail/Trail';

/** Tally, verdicts, stack picture and findings of one draft; each figure opens to its trail. */
export function TallyPanel({ figures, draft }: { figures: Figures; draft: Draft }) {
  const [component, setComponent] = useState<Component>('ENERC');
  const [trail, setTrail] = useState<{ basis: Basis; component: Component }>();
  return (
    <>
      <Tally
        figures={figures}
        chosen={component}
        onChoose={setComponent}
        onTrail={(basis, of) => setTrail({ basis, component: of })}
      />
      {figures.without.length > 0 && (
        <p className="without">
          <b>Not in the numbers yet:</b> {figures.without.join(', ')}.
        </p>
      )}
      <Verdicts figures={figures} />
      {draft.kind !== 'PREPARATION' && (
        <StackPicture
          figures={figures}
          component={component}
          pieces={draft.plate.pieces ?? 1}
          kind={draft.kind}
        />
      )}
      <ul className="findings">
        {figures.findings.map((finding) => (
          <li key={finding}>{finding}</li>
        ))}
        <li className="quiet">
          Ranges are ± 2 standard uncertainties. {sentence(figures.energySchool)}{' '}
          {sentence(figures.carbohydrateSchool)}
        </li>
      </ul>
      <Trail figures={figures} of={trail} onClose={() => setTrail(undefined)} />
    </>
  );
}

function sentence(words: string): string {
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}.`;
}
