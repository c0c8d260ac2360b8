import type { Figures } from '../../api/types';

const STANDS = {
  YES: { mark: 'M3 8.5l3.5 3.5L13 4.5', words: 'yes' },
  NO: { mark: 'M4 4l8 8M12 4l-8 8', words: 'no' },
  NOT_KNOWN: { mark: 'M3 8h3M10 8h3', words: 'not known' },
} as const;

const VERDICT = { YES: 'met', NO: 'missed', NOT_KNOWN: 'not known' } as const;

/** A promise that is a goal: how it stands, and by what. */
export function Promised({ one }: { one: Figures['promises'][number] }) {
  return (
    <>
      <span className={`verdict ${VERDICT[one.standing].replace(' ', '_')}`}>
        <svg viewBox="0 0 16 16" aria-hidden="true">
          <path d={STANDS[one.standing].mark} fill="none" stroke="currentColor" strokeWidth="2" />
        </svg>
        {VERDICT[one.standing]}
      </span>
      {one.decides && <span className="reading"> for {one.decides}</span>}
    </>
  );
}

/** What can be said of a plate to somebody who asks, and what to mind in it. */
export function Promises({ figures }: { figures: Figures }) {
  const { promises, allergens, cautions } = figures;
  if (promises.length === 0) return null;
  return (
    <details className="fold promises">
      <summary>
        {promises
          .filter(({ standing }) => standing === 'YES')
          .map(({ words }) => words)
          .join(', ') || 'What it is free from'}
      </summary>
      <ul>
        {promises.map(({ promise, words, standing, decides, note }) => (
          <li key={promise}>
            <svg className="mark" viewBox="0 0 16 16" aria-hidden="true">
              <path d={STANDS[standing].mark} fill="none" stroke="currentColor" strokeWidth="2" />
            </svg>
            <b>{words}:</b> {STANDS[standing].words}
            {decides && `, for ${decides}`}
            {note && <span className="quiet">; {note}</span>}
          </li>
        ))}
      </ul>
      <p>
        <b>Contains</b> {allergens.contains.join(', ') || 'no allergen that is known of its foods'}
        {allergens.mayContain.length > 0 && `; may contain ${allergens.mayContain.join(', ')}`}.
      </p>
      {cautions?.map((caution) => (
        <p key={caution.words}>
          {caution.words} <span className="quiet">({caution.basis})</span>
        </p>
      ))}
      <p className="quiet">
        By the nature of the foods, never a guarantee: read the packet, and mind what else the
        kitchen handles.
      </p>
    </details>
  );
}
