import { useQuery } from '@tanstack/react-query';
import { api } from '../../api/client';
import { rangeText, valueText } from '../../ui/numbers';
import { StackPicture } from '../stack/StackPicture';

/** The newest kept version of a recipe, small. */
export function MiniStack({ versionId }: { versionId: string }) {
  const version = useQuery({
    queryKey: ['version', versionId],
    queryFn: () => api.version(versionId),
    staleTime: Infinity,
  });
  const energy = version.data?.figures.figures.find(
    (one) => one.basis === 'AS_SERVED' && one.component === 'ENERC',
  );
  const done = version.data?.figures.figures.find(
    (one) => one.basis === 'PER_100G_FINISHED' && one.component === 'ENERC',
  );
  if (done) {
    return (
      <div className="mini">
        <p>
          <b>{valueText(done)} kcal</b> in 100 g <span className="range">{rangeText(done)}</span>
        </p>
      </div>
    );
  }
  if (!version.data || !energy) return <div className="mini" />;
  return (
    <div className="mini">
      <StackPicture
        bare
        height={120}
        figures={version.data.figures}
        component="ENERC"
        pieces={version.data.draft.plate.pieces ?? 1}
        kind={version.data.draft.kind}
      />
      <p>
        <b>{valueText(energy)} kcal</b> a serving <span className="range">{rangeText(energy)}</span>
      </p>
    </div>
  );
}
