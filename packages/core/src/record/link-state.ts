import { SHIELD, chosenIds } from '../catalogue';
import { NOTHING, type Message } from '../message';
import { ENDS, isTurnedOver, schoolsOf, type End, type Job, type Link } from '../link';
import {
  fixingKeys,
  followPlan,
  isFixed,
  type Progress,
  type TerminationTask,
  type TickKey,
} from '../terminate';

import type { LinkState } from './link-states';
import { tell } from './messages';
import { heldOf, proofOf } from './proof';
import type { Tested } from './tested';

/** A cable longer than this is not threaded through a part from its other end. Generic, metres. */
export const THREADING_LIMIT_M = 15;

export interface Tick {
  readonly end: End;
  readonly key: TickKey;
  readonly done: boolean;
  /** ISO 8601. */
  readonly at: string;
}

export interface LinkStanding {
  readonly state: LinkState;
  readonly ends: Readonly<Record<End, Progress>>;
  /** Of what was tested, what still holds. */
  readonly held: Tested;
  /** What to do next, and the stage that does it. */
  readonly next: { readonly stage: 'terminate' | 'verify' | 'record'; readonly sentence: Message };
}

/**
 * Where a link stands: how far each end is made, what the last test said, and what comes next.
 *
 * A test counts only for the wiring that it was taken for and for ends that have not been crimped or
 * punched since.
 *
 * @param ticks in order of time; the last one of a step decides.
 */
export function linkStanding(
  link: Link,
  ticks: readonly Tick[],
  tested: Tested,
  job: Job,
): LinkStanding {
  const ends = endProgress(link, ticks, job);
  const held = heldOf(link, tested, (takenAt) => isOutdated(takenAt, ticks, ends), job);
  const proof = proofOf(link, held, job);
  const state = proof?.state ?? madeState(ends, tested);
  return { state, ends, held, next: nextThing(link, state, ends, proof?.next ?? NOTHING, job) };
}

/** How an end of a link is made. */
export function taskOf(
  link: Link,
  end: End,
  job: Job,
  otherEnd: TerminationTask['otherEnd'] = 'made',
): TerminationTask {
  const schools = schoolsOf(link, job);
  return {
    cable: job.catalogue.cable(link.cable),
    connector: job.catalogue.connector(link[end].connector),
    scheme: link[end].scheme,
    otherEnd,
    schools,
    chosen: chosenIds(job.schools, link.schools),
    environment: link.environment,
    pinout: link.pinout?.[end] ?? null,
    // An adapter's map says where its shield is bonded.
    shieldFloats: link.pinout
      ? !link.pinout[end].some(([, core]) => core === SHIELD)
      : end === 'far' && schools.bond === 'near-end',
    turned: end === 'far' && isTurnedOver(link, job),
  };
}

/** The progress of both ends; each decides whether parts can still come on from the other. */
export function endProgress(link: Link, ticks: readonly Tick[], job: Job): Record<End, Progress> {
  const ticked = { near: tickedKeys(ticks, 'near'), far: tickedKeys(ticks, 'far') };
  const short = link.lengthM !== null && link.lengthM <= THREADING_LIMIT_M;
  const progress = (end: End, otherEnd: 'bare' | 'made') =>
    followPlan(taskOf(link, end, job, short ? otherEnd : 'made'), ticked[end], job.catalogue);
  const fixed = { near: isFixed(progress('near', 'made')), far: isFixed(progress('far', 'made')) };
  return {
    near: progress('near', fixed.far ? 'made' : 'bare'),
    far: progress('far', fixed.near ? 'made' : 'bare'),
  };
}

/** The keys that are ticked now: a later tick of the same step supersedes an earlier one. */
export function tickedKeys(ticks: readonly Tick[], end: End): ReadonlySet<TickKey> {
  const last = new Map<TickKey, boolean>();
  for (const tick of ticks) if (tick.end === end) last.set(tick.key, tick.done);
  return new Set([...last].filter(([, done]) => done).map(([key]) => key));
}

function madeState(ends: Record<End, Progress>, { reading, tests }: Tested): LinkState {
  if (ENDS.some((end) => ends[end].state === 'does-not-fit')) return 'does-not-fit';
  const made = ENDS.filter((end) => ends[end].state === 'made').length;
  if (made === 2) return reading || tests.length > 0 ? 'remade' : 'made';
  return made === 1 || ENDS.some((end) => ends[end].state === 'begun') ? 'half-made' : 'planned';
}

/** Whether an end was crimped or punched, or cut off, after a test was taken. */
function isOutdated(takenAt: string, ticks: readonly Tick[], ends: Record<End, Progress>): boolean {
  const fixing = { near: fixingKeys(ends.near.plan), far: fixingKeys(ends.far.plan) };
  return ticks.some((tick) => tick.at > takenAt && fixing[tick.end].includes(tick.key));
}

function nextThing(
  link: Link,
  state: LinkState,
  ends: Record<End, Progress>,
  tested: Message,
  job: Job,
): LinkStanding['next'] {
  const say = (stage: LinkStanding['next']['stage'], sentence: Message) => ({ stage, sentence });
  switch (state) {
    case 'does-not-fit': {
      const end = ends.near.state === 'does-not-fit' ? 'near' : 'far';
      const name = job.catalogue.connector(link[end].connector).name;
      return say('terminate', tell('next-change-end', { end, connector: name }));
    }
    case 'planned':
    case 'half-made': {
      const end = ends.near.state === 'made' ? 'far' : 'near';
      const begun = ends[end].state === 'begun';
      return say('terminate', tell('next-make-end', { end, place: link[end].place, begun }));
    }
    case 'made':
      return say('verify', tell('next-test', {}));
    case 'remade':
      return say('verify', tell('next-test-remade', {}));
    case 'fail':
    case 'unproven':
      return say('verify', tested);
    case 'pass':
      return say('record', tell('next-print', {}));
  }
}
