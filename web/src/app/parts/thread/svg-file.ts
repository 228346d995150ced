/** What a drawing takes from the page's styles, and does not have of its own. */
const taken = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linecap',
  'stroke-linejoin',
  'stroke-opacity',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
] as const;
const ns = 'http://www.w3.org/2000/svg';
/** Room for the names at the left of the drawing. */
const margin = 96;

/**
 * A drawing as a file that stands alone (SVG 1.1): its colours and letters are written into it, what is hidden and what
 * only the page needs is left out.
 * @param pageOnly selects what is there to be pointed at
 * @param names what stands at its left on the page, each at its own height
 */
export function svgFile(drawn: SVGSVGElement, names: readonly HTMLElement[], pageOnly: string, title: string): string {
  const copy = drawn.cloneNode(true) as SVGSVGElement;
  const [from, to] = [drawn, copy].map((svg) => [...svg.querySelectorAll<SVGElement>('*')]) as [
    SVGElement[],
    SVGElement[],
  ];
  from.forEach((element, i) => {
    const into = to[i];
    if (element.closest(pageOnly)) into?.remove();
    else if (into) standAlone(into, getComputedStyle(element));
  });
  const [width, height] = ['width', 'height'].map((side) => Number(drawn.getAttribute(side))) as [number, number];
  for (const { name } of [...copy.attributes]) copy.removeAttribute(name);
  copy.setAttribute('xmlns', ns);
  copy.setAttribute('width', String(width + margin));
  copy.setAttribute('height', String(height));
  copy.setAttribute('viewBox', `${-margin} 0 ${width + margin} ${height}`);
  const called = document.createElementNS(ns, 'title');
  called.textContent = title;
  copy.prepend(called, ground(width, height), ...names.map(nameAt));
  return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer().serializeToString(copy)}\n`;
}

function standAlone(element: SVGElement, style: CSSStyleDeclaration): void {
  if (style.display === 'none' || style.visibility === 'hidden') return element.remove();
  for (const { name } of [...element.attributes])
    if (/^(?:class|id|role|tabindex|style|aria-|_ng|ng-)/.test(name)) element.removeAttribute(name);
  for (const property of taken) {
    const value = style.getPropertyValue(property);
    if (value !== '') element.setAttribute(property, value);
  }
}

/** The cloth under it: what is light on dark would not be seen on paper. */
function ground(width: number, height: number): SVGElement {
  const rect = document.createElementNS(ns, 'rect');
  const colour = getComputedStyle(document.body).backgroundColor;
  const said = { x: -margin, y: 0, width: width + margin, height, fill: colour };
  for (const [name, value] of Object.entries(said)) rect.setAttribute(name, String(value));
  return rect;
}

function nameAt(element: HTMLElement): SVGElement {
  const text = document.createElementNS(ns, 'text');
  const { color, fontFamily, fontSize, fontWeight } = getComputedStyle(element);
  const said = { x: 12 - margin, y: parseFloat(element.style.top), 'dominant-baseline': 'middle', fill: color };
  const letters = { 'font-family': fontFamily, 'font-size': fontSize, 'font-weight': fontWeight };
  for (const [name, value] of Object.entries({ ...said, ...letters })) text.setAttribute(name, String(value));
  text.textContent = element.textContent.trim();
  return text;
}
