import { memo, useState } from 'react';
import type { TrailOf } from '../api/queries';
import type { Basis, Draft, Figures } from '../api/types';
import { StackPicture } from '../features/stack/StackPicture';
import { Promises } from '../features/tally/Promises';
import { SchoolChoice } from '../features/tally/SchoolChoice';
import { AnotherFigure, Servings, Tally, Verdicts } from '../features/tally/Tally';
import { Trail } from '../features/trail/Trail';
import { usePictured } from '../ui/shown';

/** Tally, verdicts, stack picture and findings of one draft; each figure opens to its trail. */
export const TallyPanel = memo(function TallyPanel(props: {
  figures: Figures;
  kind: Draft['kind'];
  /** In a serving. */
  pieces: number;
  /** Whose figures they are, at the moment of asking. */
  of: () => TrailOf;
  /** Serves another number of pieces; absent where nothing can be changed. */
  onPieces?: (pieces: number) => void;
}) {
  const { figures, kind, pieces, of } = props;
  const [wanted, choose] = usePictured();
  const pictured = figures.pictured.includes(wanted) ? wanted : figures.pictured[0];
  const [trail, setTrail] = useState<{ basis: Basis; tag: string; of: TrailOf }>();
  return (
    <>
      <Tally
        figures={figures}
        chosen={pictured}
        onChoose={choose}
        onTrail={(basis, tag) => setTrail({ basis, tag, of: of() })}
      />
      <SchoolChoice />
      <AnotherFigure figures={figures} />
      <div className="wide-table">
        <Servings figures={figures} />
      </div>
      {figures.without.length > 0 && (
        <p className="without">
          <b>Not in the numbers yet:</b> {figures.without.join('; ')}.
        </p>
      )}
      <Verdicts figures={figures} onPieces={props.onPieces} />
      <Promises figures={figures} />
      {kind !== 'PREPARATION' && pictured !== undefined && (
        <StackPicture figures={figures} tag={pictured} pieces={pieces} kind={kind} />
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
      <Trail opened={trail} onClose={() => setTrail(undefined)} />
    </>
  );
});

function sentence(words: string): string {
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}.`;
}
