import type { ImportReport } from '../../api/types';

const MOST_SHOWN = 12;

/** What an import did, or why it did nothing. */
export function Report({ report }: { report: ImportReport }) {
  const { added, updated, unchanged, problems } = report;
  if (problems.length === 0) {
    return (
      <p className="reading">
        {added} added, {updated} changed, {unchanged} as they were.
      </p>
    );
  }
  return (
    <div className="reading refused">
      <p>Nothing was taken in:</p>
      <ul>
        {problems.slice(0, MOST_SHOWN).map((problem) => (
          <li key={`${problem.line}-${problem.column}-${problem.offending}`}>
            {problem.line > 0 && `line ${problem.line}: `}
            {problem.problem} Try: {problem.accepted}.
          </li>
        ))}
      </ul>
      {problems.length > MOST_SHOWN && <p>and {problems.length - MOST_SHOWN} more.</p>}
    </div>
  );
}
