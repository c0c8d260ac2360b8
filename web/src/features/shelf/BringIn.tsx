import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Upload } from 'antd';
import { useNavigate } from 'react-router';
import { answer, api } from '../../api/client';
import { files } from '../../api/files';
import { Dialog } from '../../ui/Dialog';
import { Notice } from '../../ui/Notice';
import { emptyDraft } from './emptyDraft';

/** Takes a file that is dropped or chosen; what it holds is looked over before anything is kept. */
export function BringIn() {
  const client = useQueryClient();
  const navigate = useNavigate();
  const review = useMutation({
    mutationFn: async (file: File) => ({ file, holds: await files.review(file) }),
    onSuccess: ({ holds }) => {
      if (holds.is === 'TOLD') tell.mutate({ name: holds.name, text: holds.text });
    },
  });
  const tell = useMutation({
    mutationFn: async ({ name, text }: { name: string; text: string }) => {
      const title = (name || text.split('\n')[0] || 'Brought in').slice(0, 120);
      const body = { name: title, draft: emptyDraft() };
      return { recipe: await answer(api.POST('/api/recipes', { body })), text };
    },
    onSuccess: ({ recipe, text }) =>
      void navigate(`/bench/${recipe.id}`, { state: { told: text } }),
  });
  const bring = useMutation({
    mutationFn: ({ file, copy }: { file: File; copy: boolean }) => files.bring(file, copy),
    onSuccess: async () => {
      review.reset();
      await client.invalidateQueries({ queryKey: ['shelf'] });
      await client.invalidateQueries({ queryKey: ['versions'] });
    },
  });
  const own = review.data?.holds.is === 'OWN' ? review.data : undefined;
  const failure = review.error ?? tell.error ?? bring.error;
  const close = () => {
    review.reset();
    bring.reset();
  };
  return (
    <div className="bring-in">
      <Upload.Dragger
        accept=".json,.jsonld,.html,.htm,.txt,.md"
        showUploadList={false}
        beforeUpload={(file) => {
          review.mutate(file);
          return false;
        }}
      >
        Drop a recipe’s file here, or choose one: a page saved from the web, a text, or a file that
        was saved here.
      </Upload.Dragger>
      {failure && !own && <Notice>{failure.message}</Notice>}
      <Dialog
        open={own !== undefined}
        title={own?.holds.name}
        onCancel={close}
        footer={
          own && (
            <>
              <Button type="text" onClick={close}>
                Not now
              </Button>
              <Button
                type="primary"
                loading={bring.isPending}
                onClick={() => bring.mutate({ file: own.file, copy: own.holds.there })}
              >
                {own.holds.there ? 'Put a copy beside it' : 'Put it on the shelf'}
              </Button>
            </>
          )
        }
      >
        {own && (
          <p>
            A recipe with {count(own.holds.versions, 'kept version')} and{' '}
            {count(own.holds.mornings, 'morning')}. Its figures stay as they were kept.
            {own.holds.there && ' The same recipe is on the shelf already, and stays as it is.'}
          </p>
        )}
        {bring.error && <Notice>{bring.error.message}</Notice>}
      </Dialog>
    </div>
  );
}

function count(n: number, what: string): string {
  return `${n} ${what}${n === 1 ? '' : 's'}`;
}
