/** "ink" and "paper" are the theme's or the page's; anything else is a paint. */
export type Paint = string;

/** What a drawing is made of, in mm, x to the right and y down. */
export type Mark =
  | {
      readonly kind: 'path';
      /** As in SVG. */
      readonly d: string;
      readonly fill: Paint | null;
      readonly stroke: Paint | null;
      readonly widthMm: number;
    }
  | {
      readonly kind: 'text';
      readonly xMm: number;
      /** Of the line that letters stand on. */
      readonly yMm: number;
      readonly text: string;
      readonly sizeMm: number;
      readonly anchor: 'start' | 'middle' | 'end';
      readonly bold: boolean;
      /** How wide it is where it is printed, so that another font takes no more room; unsaid, as it comes. */
      readonly wideMm?: number;
    };

export interface Figure {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly marks: readonly Mark[];
}

const n = (value: number): string => String(Number(value.toFixed(2)));

export const path = (
  d: string,
  fill: Paint | null,
  stroke: Paint | null = 'ink',
  widthMm = 0.18,
): Mark => ({ kind: 'path', d, fill, stroke, widthMm });

export const rectangle = (x: number, y: number, width: number, height: number): string =>
  `M${n(x)} ${n(y)}h${n(width)}v${n(height)}h${n(-width)}z`;

export const ring = (x: number, y: number, radius: number): string =>
  `M${n(x - radius)} ${n(y)}a${n(radius)} ${n(radius)} 0 1 0 ${n(2 * radius)} 0a${n(radius)} ${n(radius)} 0 1 0 ${n(-2 * radius)} 0z`;

export const words = (
  xMm: number,
  yMm: number,
  text: string,
  sizeMm: number,
  anchor: 'start' | 'middle' | 'end' = 'start',
  bold = false,
): Mark => ({ kind: 'text', xMm, yMm, text, sizeMm, anchor, bold });

/** Numbers of an SVG path that are places: pairs after M and L, one after H or V; the rest is relative. */
const moveTo = (d: string, scale: number, dx: number, dy: number): string =>
  d.replace(/([MLHVhvaz])([^MLHVhvaz]*)/g, (_, letter: string, rest: string) => {
    const numbers = rest.match(/-?\d+(?:\.\d+)?/g)?.map(Number) ?? [];
    const scaled = numbers.map((value, index) => {
      if (letter === 'a') return [0, 1, 5, 6].includes(index % 7) ? value * scale : value;
      const across = letter === 'H' || ((letter === 'M' || letter === 'L') && index % 2 === 0);
      const along = letter === 'V' || ((letter === 'M' || letter === 'L') && index % 2 === 1);
      return value * scale + (across ? dx : along ? dy : 0);
    });
    return letter + scaled.map(n).join(' ');
  });

/** Marks at another place and size; lines keep their width. */
export const placed = (marks: readonly Mark[], dx: number, dy: number, scale = 1): Mark[] =>
  marks.map((mark) =>
    mark.kind === 'path'
      ? { ...mark, d: moveTo(mark.d, scale, dx, dy) }
      : {
          ...mark,
          xMm: mark.xMm * scale + dx,
          yMm: mark.yMm * scale + dy,
          sizeMm: mark.sizeMm * scale,
          ...(mark.wideMm === undefined ? {} : { wideMm: mark.wideMm * scale }),
        },
  );

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (mark) => `&#${mark.charCodeAt(0)};`);

const lengthOf = (wideMm: number | undefined): string =>
  wideMm === undefined ? '' : ` textLength="${n(wideMm)}" lengthAdjust="spacingAndGlyphs"`;

/** A figure as a page of its own, in millimetres. */
export function figureSvg({ widthMm, heightMm, marks }: Figure, title: string): string {
  const paint = (value: Paint | null) =>
    value === null ? 'none' : value === 'ink' ? '#000' : value === 'paper' ? '#fff' : value;
  const body = marks.map((mark) =>
    mark.kind === 'path'
      ? `<path d="${mark.d}" fill="${paint(mark.fill)}" stroke="${paint(mark.stroke)}" stroke-width="${n(mark.widthMm)}"/>`
      : `<text x="${n(mark.xMm)}" y="${n(mark.yMm)}" font-size="${n(mark.sizeMm)}" text-anchor="${mark.anchor}"${mark.bold ? ' font-weight="700"' : ''}${lengthOf(mark.wideMm)}>${escaped(mark.text)}</text>`,
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(widthMm)}mm" height="${n(heightMm)}mm" viewBox="0 0 ${n(widthMm)} ${n(heightMm)}" font-family="sans-serif">`,
    `<title>${escaped(title)}</title>`,
    ...body,
    '</svg>',
  ].join('\n');
}
