import { ENDS, type End, type Job, type Link } from '../link';
import { common, type Message } from '../message';
import { tell, type FactName } from './messages';

export type LinkFact = readonly [name: Message, value: Message];

const named = (fact: FactName): Message => tell('fact-name', { fact });
const own = (name: string): Message => common('name', { name });

/** What a record says of a link, as names and values for people; rows without a value are left out. */
export function linkFacts(link: Link, { catalogue }: Job): readonly LinkFact[] {
  const endOf = (end: End): LinkFact => {
    const { connector, scheme, place } = link[end];
    const part = catalogue.connector(connector);
    return [
      named(end),
      tell('fact-end', {
        connector: part.name,
        scheme: part.wiring === 'four-pair' ? scheme : null,
        place,
      }),
    ];
  };
  const text = (fact: FactName, value: string): LinkFact[] =>
    value === '' ? [] : [[named(fact), own(value)]];
  return [
    [named('cable'), own(catalogue.cable(link.cable).name)],
    [
      named('length'),
      link.lengthM === null
        ? tell('fact-not-known', {})
        : tell('fact-length', { lengthM: link.lengthM, how: link.lengthHow ?? 'scheduled' }),
    ],
    ...ENDS.map(endOf),
    ...(link.environment === 'indoor'
      ? []
      : [[named('place'), tell('fact-run', { environment: link.environment })] as const]),
    ...text('hub', link.hub),
    ...(link.route.length > 0
      ? [
          [
            named('route'),
            tell('fact-route', {
              route: link.route.map(({ name, atM, extraM }) => ({
                name,
                atM,
                extraM: extraM ?? 0,
              })),
            }),
          ] as const,
        ]
      : []),
    ...text('note', link.note),
  ];
}
