import { ENDS, type End, type Link } from '../link';
import { positionOf } from './position';

/** What a line of a label may name in braces. */
export const LABEL_FIELDS = [
  'label',
  'hub',
  'panel',
  'port',
  'floor',
  'here',
  'there',
  'cable',
] as const;
export type LabelField = (typeof LABEL_FIELDS)[number];

/** How labels are written. */
export interface LabelScheme {
  /** From the top, such as "{hub}-{panel}{port}"; the first one names the link. */
  readonly lines: readonly string[];
  /** On which floor a hub is, as nobody tells it elsewhere. */
  readonly floors: Readonly<Record<string, string>>;
  readonly ends: readonly End[];
}

/** One label, at one end of a link. */
export interface EndLabel {
  readonly linkId: string;
  readonly end: End;
  readonly lines: readonly string[];
  /** Id of the cable that it goes round. */
  readonly cable: string;
}

export interface WrittenLabels {
  /** All near ends in the links' order, then all far ends: the order in which somebody walks. */
  readonly labels: readonly EndLabel[];
  /** What names more than one link: nobody could tell them apart. */
  readonly doubles: readonly { readonly name: string; readonly linkIds: readonly string[] }[];
  /** Fields that are empty somewhere, with at how many ends. */
  readonly blanks: readonly { readonly field: LabelField; readonly ends: number }[];
  /** What stands in braces and is no field. */
  readonly unknown: readonly string[];
}

type Labelled = Pick<Link, 'label' | 'near' | 'far' | 'cable'> & { readonly id: string };

const FIELD = /\{([^{}]*)\}/g;
const isField = (name: string): name is LabelField => LABEL_FIELDS.some((field) => field === name);

/**
 * The labels of links' ends. Hub, panel and port are those of the near end on both of them, so that both carry
 * one name.
 *
 * @param cableName of an id
 */
export function writeLabels(
  links: readonly Labelled[],
  { lines, floors, ends }: LabelScheme,
  cableName: (id: string) => string,
): WrittenLabels {
  const named = [
    ...new Set(lines.flatMap((line) => [...line.matchAll(FIELD)].map(([, name = '']) => name))),
  ];
  const fields = named.filter(isField);
  const blanks = new Map<LabelField, number>();
  const names = new Map<string, Set<string>>();
  const labels = ENDS.filter((end) => ends.includes(end)).flatMap((end) =>
    links.map((link): EndLabel => {
      const position = positionOf(link.near.place);
      const other = end === 'near' ? link.far : link.near;
      const values: Readonly<Record<LabelField, string>> = {
        ...position,
        label: link.label,
        floor: floors[position.hub] ?? '',
        here: link[end].place,
        there: other.place,
        cable: cableName(link.cable),
      };
      for (const field of fields)
        if (values[field] === '') blanks.set(field, (blanks.get(field) ?? 0) + 1);
      const written = lines.map((line) =>
        line.replace(FIELD, (whole, name: string) => (isField(name) ? values[name] : whole)).trim(),
      );
      const [name = ''] = written;
      names.set(name, (names.get(name) ?? new Set()).add(link.id));
      return { linkId: link.id, end, lines: written, cable: link.cable };
    }),
  );
  return {
    labels,
    doubles: [...names]
      .filter(([, ids]) => ids.size > 1)
      .map(([name, ids]) => ({ name, linkIds: [...ids] })),
    blanks: [...blanks].map(([field, count]) => ({ field, ends: count })),
    unknown: named.filter((name) => !isField(name)),
  };
}
