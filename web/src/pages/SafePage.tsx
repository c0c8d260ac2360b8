import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Popconfirm, Upload } from 'antd';
import { answer, api } from '../api/client';
import { files } from '../api/files';
import { queries } from '../api/queries';
import type { BinEntry } from '../api/types';
import { moment } from '../ui/moment';
import { Notice } from '../ui/Notice';

const KINDS: Record<BinEntry['kind'], string> = {
  RECIPE: 'recipe, with its versions and mornings',
  VERSION: 'kept version',
  FOOD: 'food of the larder',
  GOALS: 'goals',
};

/** What was removed, and everything in one file. */
export default function SafePage() {
  return (
    <main className="page safe">
      <title>Bin and backup · Honest Stack</title>
      <h1>Bin and backup</h1>
      <BinList />
      <Everything />
    </main>
  );
}

function BinList() {
  const client = useQueryClient();
  const bin = useQuery(queries.bin());
  const anew = () => client.invalidateQueries();
  const restore = useMutation({
    mutationFn: (id: string) =>
      answer(api.POST('/api/bin/{id}/restore', { params: { path: { id } } })),
    onSuccess: anew,
  });
  const away = useMutation({
    mutationFn: (id: string) => answer(api.DELETE('/api/bin/{id}', { params: { path: { id } } })),
    onSuccess: anew,
  });
  const failure = bin.error ?? restore.error ?? away.error;
  return (
    <section aria-labelledby="bin-title">
      <h2 id="bin-title">Bin</h2>
      <p className="quiet">
        What was removed lies here, whole, until you put it back or throw it away.
      </p>
      {failure && <Notice>{failure.message}</Notice>}
      {bin.data?.length === 0 && <p className="empty">The bin is empty.</p>}
      <ul className="bin">
        {bin.data?.map((entry) => (
          <li key={entry.id}>
            <span>
              <b>{entry.name}</b>{' '}
              <span className="quiet">
                {KINDS[entry.kind]} · removed {moment(entry.removedAt)}
              </span>
            </span>
            <Button
              aria-label={`Put back ${entry.name}`}
              loading={restore.isPending && restore.variables === entry.id}
              onClick={() => restore.mutate(entry.id)}
            >
              Put back
            </Button>
            <Popconfirm
              title={`Throw “${entry.name}” away for good?`}
              okText="Throw away"
              cancelText="Leave it"
              onConfirm={() => away.mutate(entry.id)}
            >
              <Button type="text" aria-label={`Throw away ${entry.name}`}>
                Throw away
              </Button>
            </Popconfirm>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Everything() {
  const client = useQueryClient();
  const review = useMutation({
    mutationFn: async (file: File) => ({ file, holds: await files.reviewArchive(file) }),
  });
  const restore = useMutation({
    mutationFn: ({ file, merge }: { file: File; merge: boolean }) => files.restore(file, merge),
    onSuccess: () => client.invalidateQueries(),
  });
  const { data } = review;
  const failure = review.error ?? restore.error;
  return (
    <section aria-labelledby="everything-title">
      <h2 id="everything-title">Everything in one file</h2>
      <p className="quiet">
        Recipes with all versions and mornings, own foods, goals, weights, tools, what is in the
        freezer, the bin: a zip of open formats. Put back elsewhere, every kept version has the same
        figures to the last digit.
      </p>
      <p>
        <Button href="/api/archive" download="honest-stack.zip">
          Save a backup
        </Button>
      </p>
      <Upload.Dragger
        accept=".zip"
        showUploadList={false}
        beforeUpload={(file) => {
          restore.reset();
          review.mutate(file);
          return false;
        }}
      >
        Drop a backup here, or choose one, to see what is in it.
      </Upload.Dragger>
      {review.isPending && <p className="quiet">Looking into the file …</p>}
      {failure && <Notice>{failure.message}</Notice>}
      {data && !restore.data && (
        <div className="archive-review" role="status">
          <p>
            Made {moment(data.holds.madeAt)}: {data.holds.recipes} recipes with{' '}
            {data.holds.versions} versions and {data.holds.mornings} mornings.{' '}
            {data.holds.alreadyHere > 0 &&
              `${data.holds.alreadyHere} of the recipes are on the shelf already and stay as they are. `}
            {!data.holds.empty && 'What is missing here is added; nothing is replaced.'}
          </p>
          <Button
            type="primary"
            loading={restore.isPending}
            onClick={() => restore.mutate({ file: data.file, merge: !data.holds.empty })}
          >
            {data.holds.empty ? 'Put it all back' : 'Add what is missing'}
          </Button>
        </div>
      )}
      {restore.data && (
        <p role="status">
          {restore.data.recipes} recipes and {restore.data.rows} other things were put back;{' '}
          {restore.data.alreadyHere} recipes were here already.
        </p>
      )}
    </section>
  );
}
