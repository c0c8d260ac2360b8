import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Dropdown } from 'antd';
import { Link, useNavigate, useParams } from 'react-router';
import { answer, api } from '../api/client';
import { queries } from '../api/queries';
import type { DraftLine, Line, Shown, Version } from '../api/types';
import { addressOf, usePictured, useShown } from '../ui/shown';
import { Caution } from '../ui/Caution';
import { Notice } from '../ui/Notice';
import { Grams, Reading } from '../ui/Reading';
import { Runs } from '../features/stove/Runs';
import { TallyPanel } from './TallyPanel';

/** A kept version: it only shows. */
export default function VersionPage() {
  const { id = '' } = useParams();
  const version = useQuery(queries.version(id, useShown()));
  if (version.error) {
    return (
      <main className="page">
        <Notice>{version.error.message}</Notice>
      </main>
    );
  }
  return version.data ? (
    <Kept version={version.data} />
  ) : (
    <main className="page quiet">Fetching the version …</main>
  );
}

function Kept({ version }: { version: Version }) {
  const { draft, figures } = version;
  const readings = new Map(figures.lines.map((line) => [line.id, line]));
  const { griddle, plate } = draft;
  return (
    <main className="bench kept-version">
      <title>{`${version.recipeName}, version ${version.number} · Honest Stack`}</title>
      <header className="bench-head">
        <div className="version-title">
          <h1>
            <Link to={`/bench/${version.recipeId}`}>{version.recipeName}</Link>, version{' '}
            {version.number}
          </h1>
          <p className="quiet">
            <em>{version.reason}</em>, kept{' '}
            {new Date(version.keptAt).toLocaleString('en-GB', {
              dateStyle: 'long',
              timeStyle: 'short',
            })}
          </p>
        </div>
        {version.parentId && (
          <Link className="button" to={`/compare?s=v.${version.parentId}&s=v.${version.id}`}>
            Beside the version before it
          </Link>
        )}
        <Link className="button" to={`/bench/${version.recipeId}?from=${version.id}`}>
          Work on from here
        </Link>
        <Out version={version} />
      </header>
      {version.changes.length > 0 && (
        <p className="changes">
          <b>Against the version it came from:</b> {version.changes.join('; ')}.
        </p>
      )}
      {version.newer.length > 0 && (
        <p className="changes">
          The larder has newer data for {version.newer.join('; ')}. This version stays as it was
          kept; <Link to={`/compare?s=v.${version.id}&s=n.${version.id}`}>recompute it beside</Link>
          .
        </p>
      )}
      <div className="stations two">
        <section className="station" aria-label="What was made">
          <h2>Bowl</h2>
          <Lines lines={draft.bowl} readings={readings} />
          {draft.kind === 'PREPARATION' ? (
            <p>
              All of it weighs {draft.preparation?.weight || 'as much as went in'}; one cup of it{' '}
              {draft.preparation?.cupWeighs
                ? `weighs ${draft.preparation.cupWeighs}`
                : 'was not weighed'}
              .
            </p>
          ) : (
            <>
              <h2>Griddle</h2>
              <p>
                {cameOut(version)} {draft.kind === 'WAFFLE' ? 'waffles' : 'pancakes'} came out
                {griddle.discarded > 0 && `, ${griddle.discarded} thrown away`}; left in the bowl:{' '}
                {griddle.left || 'nothing'}.
              </p>
              <Lines lines={[griddle.panFat]} readings={readings} />
              <h2>Plate</h2>
              <p>{plate.pieces ?? 'No'} pieces in a serving.</p>
              <Lines lines={plate.toppings} readings={readings} />
              {draft.method && draft.method.length > 0 && (
                <>
                  <h2>The work</h2>
                  <ol className="kept-steps">
                    {draft.method.map((step, index) => (
                      <li key={index}>{step}</li>
                    ))}
                  </ol>
                </>
              )}
            </>
          )}
        </section>
        <section className="station tally-station" aria-label="Figures">
          <TallyPanel
            figures={figures}
            kind={draft.kind}
            pieces={draft.plate.pieces ?? 1}
            of={() => ({ version: version.id })}
          />
          <Caution />
        </section>
      </div>
      {draft.kind !== 'PREPARATION' && <Runs version={version.id} />}
    </main>
  );
}

/** What can be taken along of a version, and the way into the bin. */
function Out({ version }: { version: Version }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const shown = useShown();
  const pictured = [usePictured()[0]];
  const remove = useMutation({
    mutationFn: () =>
      answer(api.DELETE('/api/versions/{id}', { params: { path: { id: version.id } } })),
    onSuccess: async () => {
      await navigate(`/bench/${version.recipeId}`);
      await client.invalidateQueries({ queryKey: ['versions'] });
      await client.invalidateQueries({ queryKey: ['bin'] });
    },
  });
  const copy = useMutation({
    mutationFn: async () => {
      const asked = await fetch(`/api/versions/${version.id}/text`);
      await navigator.clipboard.writeText(await asked.text());
    },
  });
  const figures = `versions=${version.id}${addressOf(shown)}`;
  const sheet = (name: string, of: Shown) =>
    `/api/versions/${version.id}/${name}.pdf?${addressOf(of).slice(1)}`;
  const label = (manner: string) => `/api/versions/${version.id}/panel.pdf?manner=${manner}`;
  const file = (key: string, href: string, words: string) => ({
    key,
    label: (
      <a href={href} download>
        {words}
      </a>
    ),
  });
  return (
    <>
      <Dropdown
        trigger={['click']}
        menu={{
          items: [
            file('card', sheet('card', shown), 'A recipe card (PDF)'),
            file(
              'handout',
              sheet('handout', { ...shown, pictured }),
              'A handout for a class (PDF)',
            ),
            file('us', label('UNITED_STATES'), 'Its label, the US way (PDF)'),
            file('eu', label('EUROPEAN_UNION'), 'Its label, the EU way (PDF)'),
            { key: 'print', label: 'Print this page', onClick: () => window.print() },
            file('csv', `/api/versions/figures.csv?${figures}`, 'Figures as a table (CSV)'),
            file('json', `/api/versions/figures.json?${figures}`, 'Figures as JSON'),
            file('linked', `/api/versions/${version.id}/linked`, 'For other programs (JSON-LD)'),
            { key: 'copy', label: 'Copy as text', onClick: () => copy.mutate() },
            { key: 'remove', label: 'Put it in the bin', onClick: () => remove.mutate() },
          ],
        }}
      >
        <Button>Take along …</Button>
      </Dropdown>
      {(remove.error ?? copy.error) && <Notice>{(remove.error ?? copy.error)?.message}</Notice>}
      {copy.isSuccess && (
        <p className="quiet" role="status">
          copied
        </p>
      )}
    </>
  );
}

/** "10", "7 or 8", or what was foretold. */
function cameOut({ draft, figures }: Version): string {
  const { pieces, making } = draft.griddle;
  if (pieces == null) {
    const foretold = figures.yield ? Math.round(figures.yield.pieces.value) : undefined;
    return foretold === undefined ? 'No' : `About ${foretold} (foretold)`;
  }
  return making?.most != null && making.most > pieces ? `${pieces} or ${making.most}` : `${pieces}`;
}

function Lines({ lines, readings }: { lines: DraftLine[]; readings: Map<string, Line> }) {
  return (
    <ol className="read-lines">
      {lines
        .filter((line) => line.text.trim())
        .map((line) => (
          <li key={line.id}>
            <div className="line-top">
              <span>{line.text}</span>
              <Grams line={readings.get(line.id)} />
            </div>
            <Reading line={readings.get(line.id)} />
          </li>
        ))}
    </ol>
  );
}
