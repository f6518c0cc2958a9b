import type { Cable, ConductorId, Jacket, SchoolId } from '../catalogue';
import { message, type Message } from '../message';
import type { Cut } from './cuts';
import type { FitCode } from './fit-code';
import type { MeasureKind } from './measure-kind';
import type { PartId } from './operation';
import type { RemakeCause } from './remake-cause';

/** What the words of a step may ask for, by the name that stands in them. */
export type Fill = Readonly<Record<FillName, Message>>;
export const FILL_NAMES = [
  'scheme',
  'school',
  'order',
  'unused',
  'strip',
  'exposed',
  'jacketCut',
  'braidCut',
  'dielectricCut',
  'tip',
  'die',
  'gauge',
  'count',
  'first',
  'edge',
  'meeting',
  'met',
  'partner',
  'firstCore',
  'upper',
  'lower',
  'second',
  'third',
  'shieldNames',
  'andFoil',
  'metalOut',
] as const;
export type FillName = (typeof FILL_NAMES)[number];

/** How a size misses what is accepted. */
export type Miss = 'too-thin' | 'too-thick' | 'too-few' | 'too-many';

/** What the work on an end tells. A step is named by its wording. */
export interface TerminateMessages {
  readonly instruction: { readonly step: string; readonly fill: Fill };
  readonly why: { readonly step: string; readonly fill: Fill };
  readonly check: { readonly step: string; readonly check: string; readonly fill: Fill };
  /** A step in a few words. */
  readonly title: { readonly step: string };
  /** How to go on where a step was left out until it was too late; nothing for most. */
  readonly 'way-back-of': { readonly step: string };

  readonly 'still-bare': object;
  readonly 'shut-out-by': { readonly step: string };
  readonly 'awaited-by': { readonly step: string };

  readonly 'school-of-job': object;
  readonly 'as-usual': object;
  readonly 'other-school': {
    readonly school: SchoolId;
    readonly chosen: string;
    readonly connector: string;
    readonly stands: string;
  };
  /** Which core meets which, by colour. */
  readonly meets: { readonly rows: readonly (readonly [ConductorId, ConductorId])[] };
  readonly 'as-drawn': object;
  readonly 'on-contacts': { readonly rows: readonly (readonly [string, ConductorId])[] };
  readonly meeting: { readonly mapped: boolean };
  readonly met: { readonly mapped: boolean };
  readonly partner: { readonly mapped: boolean };
  readonly 'shield-names': { readonly braid: boolean; readonly foil: boolean };
  readonly 'and-foil': object;
  readonly 'metal-out': object;
  readonly die: { readonly mm: number };

  readonly tool: { readonly tool: string };
  readonly part: { readonly part: PartId };
  /** What is bought for a part of an end. */
  readonly accessory: { readonly part: PartId };
  readonly caution: { readonly id: string };
  readonly 'cut-order': { readonly layer: Cut['layer'] };
  readonly 'cut-leaves': { readonly layer: Cut['layer'] };
  readonly 'remake-cause': { readonly cause: RemakeCause };

  readonly 'fit-rule': { readonly rule: FitCode; readonly family: Cable['family'] };
  readonly misses: { readonly by: Message; readonly miss: Miss };
  readonly 'cable-family': { readonly family: Cable['family'] };
  readonly stranding: { readonly stranding: Cable['stranding'] };
  readonly 'no-ribbon': object;
  readonly 'ohm-apart': { readonly ohm: number };
  readonly 'no-shield': object;
  readonly 'needs-shield': object;
  readonly jackets: { readonly jackets: readonly Jacket[] };
  readonly 'twisted-joint': object;
  readonly 'other-joints': object;
  readonly 'use-part': { readonly name: string };
  readonly 'use-cable': { readonly name: string };
  readonly 'nothing-joins': object;
  readonly 'not-at-hand': object;
  readonly dies: { readonly tools: readonly string[] };

  /** A tool that is missing, with what does instead: a tool, a bare hand (null), or nothing. */
  readonly 'tool-gap': { readonly tool: string; readonly instead?: string | null };

  readonly measure: { readonly kind: MeasureKind };
  readonly 'measure-over': { readonly kind: MeasureKind; readonly off: Message };
  readonly 'measure-under': { readonly kind: MeasureKind; readonly off: Message };
  readonly 'in-tolerance': object;

  readonly 'left-off': { readonly part: PartId | null; readonly step: string };
  readonly 'cut-off-again': { readonly seconds: number };
  readonly 'undo-from': { readonly step: string | null; readonly seconds: number };
}

export const tell = message<TerminateMessages>();
