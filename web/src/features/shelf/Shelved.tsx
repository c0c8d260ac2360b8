import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Dropdown, Input } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api } from '../../api/client';
import type { ShelfEntry, VersionEntry } from '../../api/types';
import { Glyph } from '../../ui/Glyph';
import { Notice } from '../../ui/Notice';
import { moment } from '../../ui/moment';
import { MiniStack } from './MiniStack';

const KINDS: Record<ShelfEntry['kind'], string> = {
  PANCAKE: 'Pancakes',
  WAFFLE: 'Waffles',
  PREPARATION: 'A preparation',
};
const MOST_BESIDE = 6;

/** A recipe on the shelf with what was kept of it. */
export function Shelved(props: {
  entry: ShelfEntry;
  versions: VersionEntry[];
  onTag: (tag: string) => void;
}) {
  const { entry, versions, onTag } = props;
  const client = useQueryClient();
  const navigate = useNavigate();
  const [tagging, setTagging] = useState(false);
  const anew = () =>
    Promise.all([
      client.invalidateQueries({ queryKey: ['shelf'] }),
      client.invalidateQueries({ queryKey: ['versions'] }),
      client.invalidateQueries({ queryKey: ['bin'] }),
    ]);
  const path = { id: entry.id };
  const remove = useMutation({
    mutationFn: () => answer(api.DELETE('/api/recipes/{id}', { params: { path } })),
    onSuccess: anew,
  });
  const duplicate = useMutation({
    mutationFn: async () => {
      const { draft } = await answer(api.GET('/api/recipes/{id}', { params: { path } }));
      return answer(
        api.POST('/api/recipes', { body: { name: `${entry.name}, again`.slice(0, 120), draft } }),
      );
    },
    onSuccess: (recipe) => void navigate(`/bench/${recipe.id}`),
  });
  const tag = useMutation({
    mutationFn: (tags: string[]) =>
      answer(api.PUT('/api/recipes/{id}/tags', { params: { path }, body: { tags } })),
    onSuccess: () => {
      setTagging(false);
      return anew();
    },
  });
  const newest = versions.at(-1);
  const failure = remove.error ?? duplicate.error ?? tag.error;
  return (
    <li>
      {newest ? <MiniStack versionId={newest.id} /> : <div className="mini" />}
      <div className="about">
        <h2>
          <Link to={`/bench/${entry.id}`}>{entry.name}</Link>
        </h2>
        <p className="quiet">
          {KINDS[entry.kind]} · changed {moment(entry.savedAt)}
        </p>
        {!tagging && entry.tags.length > 0 && (
          <p className="tags">
            {entry.tags.map((word) => (
              <button key={word} type="button" onClick={() => onTag(word)}>
                {word}
              </button>
            ))}
          </p>
        )}
        {tagging && (
          <Tags tags={entry.tags} onKeep={tag.mutate} onClose={() => setTagging(false)} />
        )}
        <ol className="kept">
          {versions.map((version) => (
            <li key={version.id}>
              <Link to={`/version/${version.id}`}>
                <span className="number">{version.number}</span> {version.reason}
              </Link>
            </li>
          ))}
        </ol>
        {versions.length > 1 && entry.kind !== 'PREPARATION' && (
          <Link
            className="beside"
            to={`/compare?${versions
              .slice(-MOST_BESIDE)
              .map((version) => `s=v.${version.id}`)
              .join('&')}`}
          >
            side by side
          </Link>
        )}
        {failure && <Notice>{failure.message}</Notice>}
      </div>
      <Dropdown
        trigger={['click']}
        menu={{
          items: [
            { key: 'again', label: 'Start another one from it', onClick: () => duplicate.mutate() },
            { key: 'tags', label: 'Words to find it by', onClick: () => setTagging(true) },
            {
              key: 'file',
              label: (
                <a href={`/api/recipes/${entry.id}/file`} download>
                  Save it as a file, with all versions
                </a>
              ),
            },
            {
              key: 'linked',
              label: (
                <a href={`/api/recipes/${entry.id}/linked`} download>
                  Save it for other programs (JSON-LD)
                </a>
              ),
            },
            { key: 'remove', label: 'Put it in the bin', onClick: () => remove.mutate() },
          ],
        }}
      >
        <button type="button" className="plain" aria-label={`More of ${entry.name}`}>
          <Glyph of="more" />
        </button>
      </Dropdown>
    </li>
  );
}

/** Words to find a recipe by, with commas between. */
function Tags(props: { tags: string[]; onKeep: (tags: string[]) => void; onClose: () => void }) {
  const [text, setText] = useState(props.tags.join(', '));
  return (
    <form
      className="tags"
      onSubmit={(event) => {
        event.preventDefault();
        props.onKeep(
          text
            .split(/[,;]/)
            .map((word) => word.trim())
            .filter(Boolean),
        );
      }}
    >
      <Input
        size="small"
        autoFocus
        aria-label="Words to find it by"
        placeholder="saturday, no egg, for twelve"
        value={text}
        maxLength={300}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && props.onClose()}
      />
      <Button size="small" htmlType="submit">
        Keep them
      </Button>
    </form>
  );
}
