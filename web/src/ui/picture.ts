export type Format = 'svg' | 'png';

/** What a drawing needs of the page's style to stand alone. */
const LOOKS = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linecap',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
] as const;
const ENLARGED = 2;

/** A drawing of the page as a file of its own, with its looks written into it. */
export async function pictureOf(svg: SVGSVGElement, format: Format): Promise<Blob> {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const from = [svg, ...svg.querySelectorAll('*')];
  [copy, ...copy.querySelectorAll('*')].forEach((element, index) => {
    const original = from[index];
    if (!original) return;
    const style = getComputedStyle(original);
    for (const look of LOOKS) {
      const value = style.getPropertyValue(look);
      if (value) element.setAttribute(look, value);
    }
    element.removeAttribute('class');
  });
  const { width, height } = svg.viewBox.baseVal;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  const text = new XMLSerializer().serializeToString(copy);
  return format === 'svg'
    ? new Blob([text], { type: 'image/svg+xml' })
    : painted(text, width, height);
}

async function painted(text: string, width: number, height: number): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = ENLARGED * width;
  canvas.height = ENLARGED * height;
  const paper = canvas.getContext('2d');
  if (!paper) throw new Error('This browser draws no pictures.');
  paper.fillStyle = getComputedStyle(document.body).backgroundColor;
  paper.fillRect(0, 0, canvas.width, canvas.height);
  paper.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, failed) =>
    canvas.toBlob(
      (blob) => (blob ? done(blob) : failed(new Error('The picture could not be made.'))),
      'image/png',
    ),
  );
}

export function downloadOf(file: Blob, name: string) {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
