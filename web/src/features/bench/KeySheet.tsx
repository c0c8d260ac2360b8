import { Dialog } from '../../ui/Dialog';

const KEYS = [
  ['Enter', 'add the line that is typed; in a line, go to the next'],
  ['n or Alt+N', 'a new line in the bowl'],
  ['↑ ↓', 'from line to line'],
  ['Alt+↑ Alt+↓', 'move the line'],
  ['Alt+W', 'take what the kitchen scale shows into the current line'],
  ['Ctrl+Z', 'undo; text not yet entered first'],
  ['Ctrl+Shift+Z', 'redo'],
  ['Ctrl+S', 'keep this version'],
  ['?', 'this sheet'],
] as const;

/** The keys of the bench. */
export function KeySheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} title="Keys" footer={null} onCancel={onClose} width={480}>
      <dl className="keys">
        {KEYS.map(([key, what]) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
