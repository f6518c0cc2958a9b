import type { CaptureMessages } from '@near-spoke/core/captures';
import { isMessage, type CommonMessages, type Message, type Told } from '@near-spoke/core/message';
import type { LabelMessages } from '@near-spoke/core/labels';
import type { DrawingMessages } from '@near-spoke/core/plan/drawing';
import type { RecordMessages } from '@near-spoke/core/record';
import type { AnalyseMessages } from '@near-spoke/core/reflect/analyse';
import type { PlaceMessages } from '@near-spoke/core/reflect/place';
import type { SetupMessages } from '@near-spoke/core/reflect/setup';
import type { VelocityMessages } from '@near-spoke/core/reflect/velocity';
import type { TerminateMessages } from '@near-spoke/core/terminate';
import type { UnitSystem } from '@near-spoke/core/units';
import type { VerifyMessages } from '@near-spoke/core/verify';
import type { BuildMessages } from '@near-spoke/core/verify/build';
import type { LossMessages } from '@near-spoke/core/verify/coax';
import type { LimitMessages } from '@near-spoke/core/verify/limits';
import type { PowerMessages } from '@near-spoke/core/verify/power';
import type { LineMessages } from '@near-spoke/core/verify/telephone';
import type { COSTS_PAGE } from './en/pages/costs';
import type { CUTBACK } from './en/pages/cutback';
import type { CUTS_PAGE } from './en/pages/cuts';
import type { DAY_PAGE } from './en/pages/day';
import type { FLOOR_PAGE } from './en/pages/floor';
import type { FRAME_PAGE } from './en/pages/frame';
import type { HANDOVER_PAGE } from './en/pages/handover';
import type { HISTORY_PAGE } from './en/pages/history';
import type { KIT_PAGE } from './en/pages/kit';
import type { LABELS_PAGE } from './en/pages/labels';
import type { RECORD_PAGE } from './en/pages/record';
import type { REELS_PAGE } from './en/pages/reels';
import type { LIMITS_PAGE, LINE_PAGE, OHMS_PAGE } from './en/pages/sums';
import type { TERMINATE_PAGE } from './en/pages/terminate';
import type { TRACE_PAGE } from './en/pages/trace';
import type { VERIFY_PAGE } from './en/pages/verify';
import type { LanguageId } from './language-ids';
import type { Same } from './same';

/** Every message that the core can give. */
export type Messages = CommonMessages &
  TerminateMessages &
  VerifyMessages &
  RecordMessages &
  LabelMessages &
  DrawingMessages &
  PlaceMessages &
  CaptureMessages &
  AnalyseMessages &
  VelocityMessages &
  SetupMessages &
  LimitMessages &
  PowerMessages &
  LineMessages &
  LossMessages &
  BuildMessages;

/** Makes words of a message, in one language and one system of units. */
export interface Tell {
  (message: Message): string;
  readonly units: UnitSystem;
  readonly language: LanguageId;
  /** What pages say of themselves. */
  readonly pages: Pages;
}

/** One function a code. */
export type WordsFor<Table> = {
  readonly [Code in keyof Table]: (carried: Table[Code], tell: Tell) => string;
};

export interface Language {
  readonly id: LanguageId;
  readonly words: WordsFor<Messages>;
  readonly pages: Pages;
}

export interface Pages {
  readonly terminate: Same<typeof TERMINATE_PAGE>;
  readonly cutback: Same<typeof CUTBACK>;
  readonly costs: Same<typeof COSTS_PAGE>;
  readonly cuts: Same<typeof CUTS_PAGE>;
  readonly day: Same<typeof DAY_PAGE>;
  readonly floor: Same<typeof FLOOR_PAGE>;
  readonly frame: Same<typeof FRAME_PAGE>;
  readonly handover: Same<typeof HANDOVER_PAGE>;
  readonly history: Same<typeof HISTORY_PAGE>;
  readonly kit: Same<typeof KIT_PAGE>;
  readonly labels: Same<typeof LABELS_PAGE>;
  readonly reels: Same<typeof REELS_PAGE>;
  readonly record: Same<typeof RECORD_PAGE>;
  readonly verify: Same<typeof VERIFY_PAGE>;
  readonly trace: Same<typeof TRACE_PAGE>;
  readonly ohms: Same<typeof OHMS_PAGE>;
  readonly limits: Same<typeof LIMITS_PAGE>;
  readonly line: Same<typeof LINE_PAGE>;
}

/** @throws where a code has no words in the language */
export function tellIn({ id, words, pages }: Language, units: UnitSystem): Tell {
  const table = words as Readonly<
    Record<string, ((carried: object, tell: Tell) => string) | undefined>
  >;
  const tell = ({ code, with: carried }: Message): string => {
    const say = table[code];
    if (!say) throw new Error(`“${code}” has no words in ${id}`);
    return say(carried, told);
  };
  const told: Tell = Object.assign(tell, { units, language: id, pages });
  return told;
}

/** Puts words in the place of every message in plain data; everything else stays as it is. */
export function told<T>(value: T, tell: Tell): Told<T> {
  return inWords(value, tell) as Told<T>;
}

function inWords(value: unknown, tell: Tell): unknown {
  if (isMessage(value)) return tell(value);
  if (Array.isArray(value)) return value.map((item) => inWords(item, tell));
  if (!isPlain(value)) return value;
  return Object.fromEntries(Object.entries(value).map(([key, held]) => [key, inWords(held, tell)]));
}

const isPlain = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype;
