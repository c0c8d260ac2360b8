import { useMutation, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { answer, api } from '../../api/client';
import { queries } from '../../api/queries';
import type { NamedDraft, Recipe, Version, VersionEntry } from '../../api/types';
import { Dialog } from '../../ui/Dialog';
import { Notice } from '../../ui/Notice';
import { textOf } from './backup';

/**
 * Puts the version that the address names on the bench, as one step that can be undone. What lies
 * there and was not kept is never replaced unasked.
 */
export function Branch(props: {
  recipe: Recipe;
  current: NamedDraft;
  keep: (reason: string) => Promise<VersionEntry>;
  change: (what: string, how: (value: NamedDraft) => NamedDraft) => void;
}) {
  const { recipe, current, keep, change } = props;
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const from = search.get('from');
  const version = useQuery({ ...queries.version(from ?? ''), enabled: from !== null }).data;
  const wanted = version?.id === from && version?.recipeId === recipe.id ? version : undefined;
  const parent = useQuery({
    ...queries.version(current.parentId ?? ''),
    enabled: wanted !== undefined && current.parentId != null,
  });
  const done = () => setSearch({}, { replace: true });
  const known = current.parentId == null || !parent.isPending;
  const unkept = wanted && known && !isKept(current, parent.data);
  const put = () => {
    if (wanted) change(`branch:${wanted.id}`, () => branched(wanted));
    done();
  };
  useEffect(() => {
    if (wanted && known && !unkept) put();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, as soon as all is known
  }, [wanted, known, unkept]);
  const keepFirst = useMutation({
    mutationFn: () => keep('what lay on the bench'),
    onSuccess: put,
  });
  const own = useMutation({
    mutationFn: (of: Version) =>
      answer(
        api.POST('/api/recipes', {
          body: { name: `${of.recipeName}, from ${of.number}`.slice(0, 120), draft: of.draft },
        }),
      ),
    onSuccess: ({ id }) => void navigate(`/bench/${id}`, { replace: true }),
  });
  const failure = keepFirst.error ?? own.error;
  if (!wanted || !unkept) return null;
  return (
    <Dialog
      open
      title="The bench holds something that is not kept"
      onCancel={done}
      footer={
        <>
          <Button type="text" onClick={done}>
            Leave the bench as it is
          </Button>
          <Button loading={own.isPending} onClick={() => own.mutate(wanted)}>
            Start a recipe of its own
          </Button>
          <Button type="primary" loading={keepFirst.isPending} onClick={() => keepFirst.mutate()}>
            Keep it first, then go on
          </Button>
        </>
      }
    >
      <p>Version {wanted.number} would take its place. Nothing is replaced before you say so.</p>
      {failure && <Notice>{failure.message}</Notice>}
    </Dialog>
  );
}

function branched(version: Version): NamedDraft {
  return { name: version.recipeName, draft: version.draft, parentId: version.id };
}

/** Nothing typed yet, or the same as the version that it came from. */
function isKept(current: NamedDraft, parent: Version | undefined): boolean {
  const { draft } = current;
  const empty = draft.bowl.length === 0 && draft.plate.toppings.length === 0;
  return (
    empty ||
    (parent !== undefined &&
      textOf({ ...branched(parent), name: current.name }) === textOf(current))
  );
}
