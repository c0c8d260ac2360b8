import { Link } from 'react-router';
import type { Use } from '../api/types';

/** The kept versions that hold a food or a preparation, and which of them hold an older one. */
export function Uses({ uses, of }: { uses: Use[] | undefined; of: string }) {
  if (!uses) return null;
  if (uses.length === 0) return <p className="reading">No kept version holds {of} yet.</p>;
  return (
    <div className="reading">
      Kept versions that hold {of}:
      <ul className="uses">
        {uses.map((use) => (
          <li key={use.versionId}>
            <Link to={`/version/${use.versionId}`}>
              {use.recipeName}, version {use.number}
            </Link>
            {!use.current && ' (as it was before it was changed)'}
          </li>
        ))}
      </ul>
    </div>
  );
}
