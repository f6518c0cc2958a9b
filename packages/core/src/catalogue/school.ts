import { SCHEMES } from './scheme';

export interface School {
  readonly id: SchoolId;
  /** What is asked once for a job. */
  readonly question: string;
  readonly options: readonly {
    readonly id: string;
    readonly name: string;
    readonly when: string;
  }[];
  /** The option of a job that does not say otherwise. */
  readonly usual: string;
}

export const SCHOOL_IDS = [
  'scheme',
  'plug',
  'pin',
  'joint',
  'unused',
  'ringing',
  'bond',
  'strip',
  'cord',
] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];

/** Which option holds, for every school. */
export type Schools = Readonly<Record<SchoolId, string>>;

/** What was chosen, with the reason; a school that is not here is as usual. */
export type SchoolChoices = Readonly<
  Partial<Record<SchoolId, { readonly choice: string; readonly reason: string }>>
>;

/** The choices on which good technicians differ: made once for a job, with the reason kept. */
export const SCHOOLS: readonly School[] = [
  {
    id: 'scheme',
    question: 'Which order on eight contacts?',
    options: SCHEMES.map(({ id, when }) => ({ id, name: id, when })),
    usual: 'T568B',
  },
  {
    id: 'plug',
    question: 'Which modular plugs?',
    options: [
      {
        id: 'standard',
        name: 'Standard plugs',
        when: 'where the sheet or the client asks for them, or the tool has no blade',
      },
      {
        id: 'pass-through',
        name: 'Pass-through plugs',
        when: 'where the order should be read at the nose and the crimper cuts flush',
      },
    ],
    usual: 'standard',
  },
  {
    id: 'pin',
    question: 'Centre pins of crimped coaxial plugs?',
    options: [
      { id: 'crimped', name: 'Crimped', when: 'where the pin’s own die is at hand' },
      {
        id: 'soldered',
        name: 'Soldered',
        when: 'where the sheet asks for it, or no pin die is at hand',
      },
    ],
    usual: 'crimped',
  },
  {
    id: 'joint',
    question: 'How are conductors joined?',
    options: [
      { id: 'solder', name: 'Soldered', when: 'where a joint must last and an iron can be used' },
      { id: 'sleeve', name: 'Solder sleeves', when: 'outdoors, or where many are made alike' },
      { id: 'twist', name: 'Twisted', when: 'only for dry, low-power work that may be redone' },
    ],
    usual: 'solder',
  },
  {
    id: 'unused',
    question: 'Unused cores?',
    options: [
      { id: 'kept', name: 'Kept and insulated', when: 'where they may be wanted later' },
      { id: 'cut', name: 'Cut back', when: 'where the shell has no room for them' },
    ],
    usual: 'kept',
  },
  {
    id: 'ringing',
    question: 'How do telephones ring?',
    options: [
      {
        id: 'capacitor',
        name: 'Ringing capacitor in the socket',
        when: 'where each socket feeds its own ringer',
      },
      {
        id: 'bell-wire',
        name: 'Bell wire on contact 3',
        when: 'where the existing sockets share the master’s capacitor',
      },
    ],
    usual: 'capacitor',
  },
  {
    id: 'bond',
    question: 'Where is the shield bonded?',
    options: [
      {
        id: 'both-ends',
        name: 'At both ends',
        when: 'where the sheet or the standard of the system asks for it, as network cabling does',
      },
      {
        id: 'near-end',
        name: 'At the near end only',
        when: 'where two grounds would drive a current through the shield',
      },
    ],
    usual: 'both-ends',
  },
  {
    id: 'strip',
    question: 'Coax whose braid is folded back?',
    options: [
      {
        id: 'two-blade',
        name: 'Two-blade stripper, in one turn',
        when: 'where its blades are set to the connector’s sheet',
      },
      {
        id: 'layer-by-layer',
        name: 'Layer by layer',
        when: 'where there is only a knife, or a size that no stripper is set to',
      },
    ],
    usual: 'two-blade',
  },
  {
    id: 'cord',
    question: 'Flat cords between telephone plugs?',
    options: [
      {
        id: 'turned',
        name: 'Turned over',
        when: 'for telephones: the order at one end is the other’s from behind, so tip and ring change places',
      },
      {
        id: 'straight',
        name: 'Straight, contact to contact',
        when: 'where the device’s sheet asks for it, as some data cords do',
      },
    ],
    usual: 'turned',
  },
];

export const DEFAULT_SCHOOLS = Object.fromEntries(
  SCHOOLS.map(({ id, usual }) => [id, usual]),
) as Schools;

/** Schools that somebody chose: against what is usual, or with a reason. What is as usual was chosen by nobody. */
export function chosenIds(...choices: readonly SchoolChoices[]): SchoolId[] {
  return SCHOOLS.filter(({ id, usual }) =>
    choices.some((rows) => {
      const row = rows[id];
      return row !== undefined && (row.choice !== usual || row.reason !== '');
    }),
  ).map(({ id }) => id);
}

/** What holds, the later choices before the earlier ones, and the usual where nothing was chosen. */
export function chosenSchools(...choices: readonly SchoolChoices[]): Schools {
  const chosen = choices.flatMap((row) =>
    Object.entries(row).map(([id, { choice }]) => [id, choice] as const),
  );
  return { ...DEFAULT_SCHOOLS, ...Object.fromEntries(chosen) };
}
