import { useRef } from 'react';
import { downloadOf, pictureOf, type Format } from './picture';

/** Saves the drawing beside it, as SVG or as PNG. */
export function SavePicture({ name }: { name: string }) {
  const here = useRef<HTMLSpanElement>(null);
  const save = async (format: Format) => {
    const svg = here.current?.closest('figure')?.querySelector('svg');
    if (svg) downloadOf(await pictureOf(svg, format), `${name}.${format}`);
  };
  return (
    <span className="save-picture" ref={here}>
      save as{' '}
      <button type="button" aria-label={`Save as SVG: ${name}`} onClick={() => void save('svg')}>
        SVG
      </button>{' '}
      <button type="button" aria-label={`Save as PNG: ${name}`} onClick={() => void save('png')}>
        PNG
      </button>
    </span>
  );
}
