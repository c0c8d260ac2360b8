const PATHS = {
  up: 'M3 10l5-5 5 5',
  down: 'M3 6l5 5 5-5',
  remove: 'M4 4l8 8M12 4l-8 8',
  plus: 'M8 3v10M3 8h10',
  more: 'M3 8h.01M8 8h.01M13 8h.01',
  minus: 'M3 8h10',
  undo: 'M6 3L3 6l3 3M3 6h6a4 4 0 0 1 0 8H6',
  redo: 'M10 3l3 3-3 3M13 6H7a4 4 0 0 0 0 8h3',
};

/** A line drawing for a button; the button itself carries the words. */
export function Glyph({ of }: { of: keyof typeof PATHS }) {
  return (
    <svg className="glyph" viewBox="0 0 16 16" aria-hidden="true">
      <path
        d={PATHS[of]}
        fill="none"
        stroke="currentColor"
        strokeWidth="1.8"
        strokeLinecap="round"
      />
    </svg>
  );
}
