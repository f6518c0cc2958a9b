import type { TestReadingInput } from '@near-spoke/contract/tests';

/** How far an end has come: not begun, its first steps, everything but what is slid on first, or all of it. */
export type Made = 'bare' | 'begun' | 'bootless' | 'made';

export interface StoryReading {
  readonly tester: 'identifying-remote' | 'pairing';
  /** As typed from the display: see parseWireMap. */
  readonly map: string;
  readonly splitPairs?: readonly (readonly [string, string])[];
  readonly note?: string;
}

/** What another class of tester showed. */
export interface StoryTest {
  readonly reading: TestReadingInput;
  readonly note?: string;
}

export interface Story {
  readonly near: Made;
  readonly far: Made;
  readonly readings?: readonly StoryReading[];
  readonly tests?: readonly StoryTest[];
  /** Crimp or punch this end again after the last reading. */
  readonly remade?: 'near' | 'far';
}

const made = (...readings: StoryReading[]): Story => ({ near: 'made', far: 'made', readings });
const remote = (map: string, note?: string): StoryReading => ({
  tester: 'identifying-remote',
  map,
  note,
});
const pairing = (map: string, rest: Partial<StoryReading> = {}): StoryReading => ({
  tester: 'pairing',
  map,
  ...rest,
});

/** Pair lamps with these pairs lit. */
const pairLamps = (...pairs: number[]): TestReadingInput => ({
  tester: 'pair-lamps',
  steps: [{ step: 'all', lit: pairs.map((pair) => `pair ${pair}`) }],
});

const GOOD = '12345678';

/** What has happened to the links of the schedule so far; a link that is not here is only planned. */
export const STORIES: Readonly<Record<string, Story>> = {
  K01: made(pairing(GOOD)),
  K02: made(pairing(GOOD)),
  K03: made(remote('12435678'), pairing(GOOD, { note: 'Plug at the kiosk remade' })),
  K04: made(remote('12435678', 'First cord off the reel')),
  K05: made(remote('123456-8')),
  K06: { near: 'made', far: 'begun' },
  K07: { near: 'made', far: 'bare' },
  K08: { near: 'begun', far: 'bare' },
  AP01: made(pairing(GOOD)),
  AP02: made(remote(GOOD)),
  AP03: made(
    pairing(GOOD, {
      splitPairs: [
        ['3', '6'],
        ['4', '5'],
      ],
      note: 'Slow; drops to 100 Mbit/s',
    }),
  ),
  AP04: made(remote('36145278', 'Old jack reused at the comms room')),
  AP05: made(),
  DB01: made(pairing(GOOD)),
  DB02: made(remote('12645378')),
  DB03: made(remote('123(45)(45)678')),
  DB04: { ...made(remote('12345687'), remote('12345678')), remade: 'far' },
  DB05: { near: 'bare', far: 'made' },
  TO01: made(pairing(GOOD)),
  TO02: made(pairing(GOOD)),
  TO03: made(remote('87654321', 'Jack mounted by another crew')),
  TO04: made(remote(GOOD)),
  TO05: made(remote('--------', 'No lamp at all')),
  TO06: made(),
  CT01: made(pairing('12345678S')),
  CT02: made(remote('12345678-')),
  CT03: made(remote('12(3S)45678(3S)')),
  UP01: made(pairing('12345678S')),
  UP02: made(pairing('12345678S')),
  UP03: made(pairing('12345678S')),
  UP04: made(remote('21345678S')),
  GR01: made(pairing(GOOD)),
  GR02: made(pairing(GOOD)),
  GR03: made(remote('12346578')),
  GR04: { ...made(remote(GOOD)), tests: [{ reading: pairLamps(1, 2, 3, 4) }] },
  GR05: { near: 'made', far: 'bootless' },
  GR06: { near: 'made', far: 'begun' },
  GD01: made(pairing(GOOD)),
  GD02: made(remote('45312678')),
  GX01: made(remote('36145278')),
  AP08: made(remote('1(23)(23)456-8', 'Staple through the jacket?')),
  LS01: made(pairing('12345678S')),
  LS02: made(remote('12345678S')),
  LS03: made(remote('1234-678S')),
  LS04: { ...made(), tests: [{ reading: pairLamps(1, 2, 3, 4), note: 'Only lamps at hand' }] },
  TG01: made(pairing('12345678S')),
  WM01: { near: 'made', far: 'begun' },
  QC01: { near: 'made', far: 'bare' },
  QC02: { near: 'bare', far: 'begun' },
  SR01: { near: 'begun', far: 'bare' },
  PC05: { near: 'begun', far: 'bare' },
  PC01: made(pairing(GOOD)),
  PC02: made(pairing(GOOD)),
  PC03: made(remote('12348765')),
  VR01: made(remote('CS')),
  AI01: { near: 'begun', far: 'bare' },
  TV01: made(remote('CS')),
  TV02: made(remote('(CS)(CS)', 'Picture comes and goes')),
  TL01: { near: 'made', far: 'begun' },
  TC01: made(remote('5432', 'Handset hears nothing')),
  TG02: { near: 'made', far: 'begun' },
  WM02: { near: 'bootless', far: 'bare' },
  DC01: made(remote('123456789')),
  GA01: { near: 'made', far: 'bare' },
  XC01: made(remote(GOOD, 'Meant to be a crossover')),
};
