import { useQuery } from '@tanstack/react-query';
import { queries } from '../../api/queries';
import { figureOf } from '../../ui/figures';
import { FigureText } from '../../ui/FigureText';
import { StackPicture } from '../stack/StackPicture';

/** The newest kept version of a recipe, small. */
export function MiniStack({ versionId }: { versionId: string }) {
  const version = useQuery(queries.version(versionId)).data;
  if (!version) return <div className="mini" />;
  const { figures, draft } = version;
  const done = figureOf(figures, 'PER_100G_FINISHED', 'ENERC');
  const served = figureOf(figures, 'AS_SERVED', 'ENERC');
  const figure = done ?? served;
  return (
    <div className="mini">
      {!done && served && (
        <StackPicture
          bare
          height={120}
          figures={figures}
          tag="ENERC"
          pieces={draft.plate.pieces ?? 1}
          kind={draft.kind}
        />
      )}
      {figure && (
        <p>
          <FigureText figure={figure} unit={done ? 'kcal in 100 g' : 'kcal a serving'} />
        </p>
      )}
    </div>
  );
}
