import { Injectable, inject } from '@angular/core';
import type {
  LinkInput,
  LinkPatch,
  LinkSummary,
  Part,
  PartPatch,
  Site,
  SitePatch,
  Tick,
  Voided,
} from '@near-spoke/contract';
import type { Adapter, AdapterFact, AdapterPatch } from '@near-spoke/contract/map';
import type { CordBatch, CordFact } from '@near-spoke/contract/cords';
import type { DrawingFact } from '@near-spoke/contract/drawing';
import type { CableFact } from '@near-spoke/contract/reflect';
import type { OwnTester, Test } from '@near-spoke/contract/tests';
import { ENDS, wiringOf, type End } from '@near-spoke/core/link';
import { tickedKeys, type Entered } from '@near-spoke/core/record';
import type { RemakeCause } from '@near-spoke/core/terminate';
import { diagnose, type TestResult } from '@near-spoke/core/verify';
import { told } from '@near-spoke/words';
import { Store } from '@ngrx/store';
import { v7 } from 'uuid';
import type { FactKindId, FactOf } from '@near-spoke/contract/facts';
import { kept, type About } from '../store/facts/kept';
import type { Deed, Entry, Made } from '../store/outbox/deed';
import { outboxActions } from '../store/outbox/outbox';
import { selectJob } from '../store/job';
import { Person } from './person';
import { Words } from '../words/words';

/** What a person saw, before it is signed. */
export type Seen<T> = Omit<T, 'id' | 'at' | 'takenAt' | 'author' | 'device'>;

/** What is kept with a link as it was seen. */
type SeenKind = 'note' | 'photo' | 'trace';

const WHAT: Readonly<Record<SeenKind, string>> = { note: 'Note', photo: 'Photo', trace: 'Trace' };

/** How long a reading is held back so that a slip can be taken back, ms. */
export const UNDO_MS = 5000;
/** How long the way back stays in sight after something was put away, ms: a slow device takes some of it. */
export const AWAY_UNDO_MS = 30_000;

/** What a person does at this device: signed, timed, shown at once, and sent when the server is there. */
@Injectable({ providedIn: 'root' })
export class Deeds {
  private readonly words = inject(Words);
  private readonly store = inject(Store);
  private readonly person = inject(Person);
  private readonly job = this.store.selectSignal(selectJob);

  tick(
    link: LinkSummary,
    end: End,
    key: string,
    done: boolean,
    more: Partial<Pick<Tick, 'measuredMm' | 'cause'>> = {},
  ): void {
    const what = `${done ? 'Tick' : 'Tick taken back'} on ${link.label}`;
    const seen = { linkId: link.id, end, key, done, measuredMm: null, cause: '' as const };
    this.fact('tick', ofLink(link), { ...this.signed(), ...seen, ...more }, what);
  }

  /** Cuts an end off: every tick of it is taken back; the first one carries the cause. */
  beginAgain(link: LinkSummary, end: End, ticks: readonly Tick[], cause: RemakeCause): void {
    [...tickedKeys(ticks, end)].forEach((key, index) =>
      this.tick(link, end, key, false, { cause: index === 0 ? cause : '' }),
    );
  }

  read(
    link: LinkSummary,
    shown: Omit<TestResult, 'wiring'>,
    note: string,
    entered: Entered,
  ): Entry {
    const wiring = wiringOf(link, this.job());
    const { at: takenAt, ...signed } = this.signed();
    const diagnosis = told(diagnose({ ...shown, wiring }), this.words.in('metric'));
    const { tester, nets, splitPairs } = shown;
    const seen = { linkId: link.id, takenAt, note, entered, tester, wiring, nets, splitPairs };
    const what = `Reading of ${link.label}`;
    return this.fact('reading', ofLink(link), { ...signed, ...seen, diagnosis }, what, UNDO_MS);
  }

  /** Keeps what another class of tester showed, judged already. */
  test(
    link: LinkSummary,
    told: Pick<Test, 'reading' | 'verdict' | 'missed' | 'summary' | 'note' | 'entered'>,
  ): Entry {
    const { at: takenAt, ...signed } = this.signed();
    const { tester } = told.reading;
    const seen = { linkId: link.id, takenAt, tester, wiring: wiringOf(link, this.job()) };
    const what = `Test of ${link.label}`;
    return this.fact('test', ofLink(link), { ...told, ...signed, ...seen }, what, UNDO_MS);
  }

  /** Takes a fact back that is not true; it stays in the record. */
  takeFactBack(
    about: About,
    told: Pick<Voided, 'of' | 'kind' | 'takenAt' | 'takenBy' | 'summary' | 'reason'>,
    what: string,
  ): void {
    this.fact('void', about, { ...told, ...this.signed(), subject: about.id }, what);
  }

  /** Keeps what was seen on a link, with its file if it has one. */
  keepWithLink<K extends SeenKind>(
    kind: K,
    link: LinkSummary,
    seen: Omit<Seen<FactOf<K>>, 'linkId'>,
    file?: Blob,
  ): void {
    const what = `${WHAT[kind]} of ${link.label}`;
    if (file && 'blob' in seen)
      this.queue({ kind: 'file', of: 'file', id: String(seen.blob), bytes: file }, `File: ${what}`);
    // All that was left out above is added here, which a type of several kinds can't say.
    const fact = { ...seen, ...this.signed(), linkId: link.id } as unknown as FactOf<K>;
    this.fact(kind, ofLink(link), fact, what);
  }

  beginCords(siteId: string, made: Pick<CordBatch, 'name' | 'note' | 'cord' | 'tester'>): string {
    const id = v7();
    this.queue({ kind: 'make', of: 'batch', id, siteId, made }, `New batch ${made.name}`);
    return id;
  }

  cord(batchId: string, seen: Omit<Seen<CordFact>, 'batchId'>): void {
    const about: About = { of: 'batch', id: batchId };
    this.fact('cord', about, { ...seen, ...this.signed(), batchId }, `Cord ${seen.label}`);
  }

  /** Keeps what was measured of a cable. */
  cable(what: string, seen: Seen<CableFact>): void {
    this.fact('cable', { of: 'site', id: seen.siteId }, { ...seen, ...this.signed() }, what);
  }

  /** Draws on a plan of a site, with the picture if it is one. */
  draw(what: string, seen: Seen<DrawingFact>, picture?: Blob): void {
    if (picture && seen.deed.kind === 'picture')
      this.queue({ kind: 'file', of: 'file', id: seen.deed.blob, bytes: picture }, `File: ${what}`);
    this.fact('drawing', { of: 'site', id: seen.siteId }, { ...seen, ...this.signed() }, what);
  }

  addSite(id: string, made: Made['site']): void {
    this.queue({ kind: 'make', of: 'site', id, siteId: '', made }, `New site ${made.name}`);
  }

  changeSite({ id, name }: Site, patch: SitePatch): void {
    this.queue({ kind: 'change', of: 'site', id, patch }, `Settings of ${name}`);
  }

  addPart(id: string, made: Made['part']): void {
    const what = `New part ${(made.cable ?? made.connector)?.name ?? ''}`.trim();
    this.queue({ kind: 'make', of: 'part', id, siteId: '', made }, what);
  }

  changePart({ id }: Part, patch: PartPatch): void {
    this.queue({ kind: 'change', of: 'part', id, patch }, 'Change of a part');
  }

  putPartAway({ id, version }: Part): void {
    this.queue({ kind: 'away', of: 'part', id, version }, 'Part put away');
  }

  takePartBack({ id }: Part): void {
    this.queue({ kind: 'back', of: 'part', id }, 'Part taken back');
  }

  addTester(made: Made['tester']): void {
    const what = `New tester ${made.name}`;
    this.queue({ kind: 'make', of: 'tester', id: v7(), siteId: '', made }, what);
  }

  putTesterAway({ id, version }: Pick<OwnTester, 'id' | 'version'>): void {
    this.queue({ kind: 'away', of: 'tester', id, version }, 'Tester put away');
  }

  takeTesterBack({ id }: Pick<OwnTester, 'id'>): void {
    this.queue({ kind: 'back', of: 'tester', id }, 'Tester taken back');
  }

  addLink(siteId: string, made: LinkInput & { id: string }): void {
    this.queue({ kind: 'make', of: 'link', id: made.id, siteId, made }, `New link ${made.label}`);
  }

  changeLink({ id, label }: LinkSummary, patch: LinkPatch): void {
    this.queue({ kind: 'change', of: 'link', id, patch }, `Change of ${label}`);
  }

  putAway({ id, version, label }: LinkSummary): void {
    this.queue({ kind: 'away', of: 'link', id, version }, `${label} put away`);
  }

  takeOut({ id, label }: LinkSummary): void {
    this.queue({ kind: 'back', of: 'link', id }, `${label} taken back`);
  }

  addAdapter({ version: _, away: __, id, ...made }: Adapter): void {
    const what = `New adapter ${made.name}`;
    this.queue({ kind: 'make', of: 'adapter', id, siteId: '', made }, what);
  }

  changeAdapter({ id, version, name }: Adapter, changes: Omit<AdapterPatch, 'version'>): void {
    const patch = { ...changes, version };
    this.queue({ kind: 'change', of: 'adapter', id, patch }, `Change of ${name}`);
  }

  putAdapterAway({ id, version, name }: Adapter): void {
    this.queue({ kind: 'away', of: 'adapter', id, version }, `${name} put away`);
  }

  takeAdapterBack({ id, name }: Adapter): void {
    this.queue({ kind: 'back', of: 'adapter', id }, `${name} taken back`);
  }

  /** Keeps what was measured or decided. */
  measure({ id: adapterId, name }: Adapter, deed: AdapterFact['deed']): void {
    const about: About = { of: 'adapter', id: adapterId };
    this.fact('adapter', about, { ...this.signed(), adapterId, deed }, `Measurement on ${name}`);
  }

  /** @returns whether it could still be taken back: what is no longer held may be on its way */
  takeBack(entry: Entry): boolean {
    if (Date.now() >= entry.holdUntil) return false;
    this.store.dispatch(outboxActions.takenBack({ entry }));
    return true;
  }

  private signed() {
    const { name, device } = this.person;
    return { id: v7(), at: new Date().toISOString(), author: name(), device: device() };
  }

  private fact<K extends FactKindId>(
    of: K,
    about: About,
    fact: FactOf<K>,
    what: string,
    holdMs = 0,
  ): Entry {
    return this.queue({ kind: 'fact', ...kept(of, about)(fact) }, what, holdMs);
  }

  private queue(deed: Deed, what: string, holdMs = 0): Entry {
    const entry: Entry = {
      id: v7(),
      deed,
      author: this.person.name(),
      what,
      holdUntil: holdMs > 0 ? Date.now() + holdMs : 0,
      refused: null,
      failures: 0,
    };
    this.store.dispatch(outboxActions.queued({ entry }));
    return entry;
  }
}

const ofLink = ({ id }: LinkSummary): About => ({ of: 'link', id });

export const otherEnd = (end: End): End => (end === ENDS[0] ? 'far' : 'near');
