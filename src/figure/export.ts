/**
 * The figure as a picture of its own: colours that the page gives by CSS variables are written out, so that the file
 * looks the same anywhere. For SVG the drawing stays sharp at any size; PNG is drawn from it.
 */
const VARIABLE = /var\((--[\w-]+)\)/g;

/** A standing-alone SVG text of a figure on the page. `width` in pixels; the height follows the drawing. */
export function svgText(svg: SVGSVGElement, width: number): string {
  const style = getComputedStyle(svg);
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const { width: w, height: h } = svg.viewBox.baseVal;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(Math.round((width * h) / w)));
  copy.removeAttribute('style');
  copy.removeAttribute('tabindex');
  const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
  const box = svg.viewBox.baseVal;
  for (const [name, value] of Object.entries({ x: box.x, y: box.y, width: w, height: h, fill: 'var(--surface)' }))
    ground.setAttribute(name, String(value));
  copy.insertBefore(ground, copy.firstChild);
  const from = svg.querySelectorAll<SVGElement>('path, text, line');
  copy.querySelectorAll<SVGElement>('path, text, line').forEach((element, i) => {
    // Mixed colours are worked out by the page: other programs do not know how to.
    if (element.getAttribute('fill')?.startsWith('color-mix'))
      element.setAttribute('fill', plainColour(getComputedStyle(from[i]).fill));
  });
  const text = new XMLSerializer().serializeToString(copy);
  return text.replace(VARIABLE, (_, name: string) => style.getPropertyValue(name).trim() || '#000');
}

/** The figure as PNG, `width` pixels wide. Rejects where the browser cannot draw it. */
export async function pngOf(svg: SVGSVGElement, width: number): Promise<Blob> {
  const url = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgText(svg, width))}`;
  const image = new Image();
  image.src = url;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = image.naturalWidth;
  canvas.height = image.naturalHeight;
  const context = canvas.getContext('2d');
  if (!context) throw new Error('This browser cannot draw pictures.');
  context.drawImage(image, 0, 0);
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('The picture could not be made.'))), 'image/png'),
  );
}

/** `color(srgb r g b)` as `rgb(…)`; anything else as it is. */
function plainColour(css: string): string {
  const parts = /^color\(srgb ([\d.e-]+) ([\d.e-]+) ([\d.e-]+)/.exec(css);
  return parts ? `rgb(${[1, 2, 3].map((i) => Math.round(255 * Number(parts[i]))).join(', ')})` : css;
}
