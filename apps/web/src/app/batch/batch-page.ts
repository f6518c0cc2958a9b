import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router, RouterLink } from '@angular/router';
import type { LinkSummary } from '@near-spoke/contract';
import { wiringOf, type End } from '@near-spoke/core/link';
import { taskOf, tickedKeys } from '@near-spoke/core/record';
import { planBatch, terminateMessage, tickKeys, type Step } from '@near-spoke/core/terminate';
import { told, type Told } from '@near-spoke/words';
import { Store } from '@ngrx/store';
import { ConnectorFace, Cutback } from '../drawing';
import { Deeds } from '../shell/deeds';
import { NextThing } from '../shell/next-thing';
import { OwnPace } from '../shell/own-pace';
import { Shortcuts } from '../shell/shortcuts';
import { Words } from '../words/words';
import { factsActions, factsFeature, factsOf, loadingOf } from '../store/facts/facts';
import { selectJob } from '../store/job';
import { linksFeature } from '../store/links/links';
import { batchGroups, type BatchGroup } from './batch-groups';
import { KeyOf } from '../shell/key-of';

const CUTTING = new Set<Step['operation']>(['strip', 'trim', 'cut']);

/** What is ticked when a step of an end is done, and what is left of it. */
interface Item {
  readonly endId: string;
  readonly label: string;
  readonly step: Told<Step>;
  readonly left: readonly string[];
}

/** Many ends alike, made together: a tool is taken once and used at every end. */
@Component({
  selector: 'ns-batch-page',
  imports: [
    KeyOf,
    ConnectorFace,
    Cutback,
    MatButtonModule,
    MatIcon,
    MatProgressBar,
    NextThing,
    RouterLink,
  ],
  templateUrl: './batch-page.html',
  styleUrl: './batch-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BatchPage {
  readonly siteId = input.required<string>();
  /** The group that is worked on, by its key. */
  readonly group = input('');

  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);
  private readonly pace = inject(OwnPace);
  private readonly links = this.store.selectSignal(linksFeature.selectAll);
  private readonly opened = this.store.selectSignal(linksFeature.selectOpened);
  private readonly evidence = this.store.selectSignal(factsFeature.selectFactsState);
  protected readonly job = this.store.selectSignal(selectJob);

  protected readonly linksLoading = this.store.selectSignal(linksFeature.selectLoading);
  protected readonly groups = computed(() => batchGroups(this.links(), this.job()));
  protected readonly turns = signal(0);
  /** The group as it was when it was opened: an end that is finished stays in it. */
  private readonly chosenGroup = signal<BatchGroup | null>(null);
  private readonly lastTicks = signal<readonly { endId: string; key: string }[]>([]);

  protected readonly chosen = computed(() => {
    const group = this.chosenGroup();
    return group && group.key === this.group() ? group : null;
  });
  protected readonly ready = computed(() => {
    const known = this.evidence();
    return this.chosen()?.ends.every(({ link }) => loadingOf(known, link.id) === 'done') ?? false;
  });
  private readonly ends = computed(() => {
    const ends = new Map<string, { readonly link: LinkSummary; readonly end: End }>();
    for (const { link: shown, end } of this.chosen()?.ends ?? []) {
      const link = this.opened()[shown.id];
      if (link) ends.set(`${link.id} ${end}`, { link, end });
    }
    return ends;
  });
  private readonly words = inject(Words);
  protected readonly tell = computed(() => this.words.in(this.job().units));
  private readonly plan = computed(() =>
    told(
      planBatch(
        [...this.ends()].map(([id, { link, end }]) => ({
          id,
          task: taskOf(link, end, this.job()),
        })),
        this.job().catalogue,
      ),
      this.tell(),
    ),
  );
  private readonly ticked = computed(() => {
    const evidence = this.evidence();
    return new Map(
      [...this.ends()].map(([id, { link, end }]) => [
        id,
        tickedKeys(factsOf(evidence, link.id, 'tick'), end),
      ]),
    );
  });
  /** The sessions with what is left in each, end by end. */
  protected readonly sessions = computed(() =>
    this.plan().sessions.map(({ tool, work }, index) => {
      const items = work.flatMap(({ endId, steps }) =>
        steps.map((step): Item => {
          const done = this.ticked().get(endId) ?? new Set<string>();
          return {
            endId,
            label: this.nameOf(endId),
            step,
            left: tickKeys(step).filter((key) => !done.has(key)),
          };
        }),
      );
      const steps = [...new Map(items.map(({ step }) => [step.id, step])).values()];
      return {
        index,
        tool: tool ? this.tell()(terminateMessage('tool', { tool })) : 'bare hands',
        steps,
        items,
        done: items.filter(({ left }) => left.length === 0).length,
      };
    }),
  );
  protected readonly session = computed(() =>
    this.sessions().find(({ items, done }) => done < items.length),
  );
  protected readonly item = computed(() =>
    this.session()?.items.find(({ left }) => left.length > 0),
  );
  protected readonly check = computed(() => {
    const item = this.item();
    const key = item?.left[0];
    return item?.step.checks.find(({ id }) => `${item.step.id}/${id}` === key) ?? null;
  });
  protected readonly part = computed(() => {
    const end = this.ends().get(this.item()?.endId ?? '');
    if (!end) return null;
    const { catalogue } = this.job();
    return {
      connector: catalogue.connector(end.link[end.end].connector),
      cable: catalogue.cable(end.link.cable),
      wiring: wiringOf(end.link, this.job())[end.end],
    };
  });
  protected readonly cutting = computed(() => CUTTING.has(this.item()?.step.operation ?? 'check'));
  protected readonly told = computed(() => {
    const [item, session] = [this.item(), this.session()];
    if (!item || !session)
      return {
        sentence: `All ${this.ends().size} ends are made.`,
        why: 'Test them next, one after the other.',
        action: 'Choose other ends',
      };
    return {
      sentence: `${item.label}: ${this.check()?.text ?? item.step.instruction}`,
      why: `${session.done + 1} of ${session.items.length} with ${session.tool}. ${item.step.why}`,
      action: this.check() ? 'Checked' : 'Done',
    };
  });
  protected readonly saved = computed(() => {
    const { toolChanges, changesOneByOne } = this.plan();
    return `${toolChanges} changes of tool for all of them; one end after the other would take ${changesOneByOne}.`;
  });
  protected readonly minutes = computed(() => {
    const seconds = this.sessions()
      .flatMap(({ items }) => items)
      .filter(({ left }) => left.length > 0)
      .reduce((sum, { step }) => sum + this.pace.seconds(step.id, step.seconds), 0);
    return Math.max(1, Math.round(seconds / 60));
  });
  protected readonly canUndo = computed(() => this.lastTicks().length > 0);

  constructor() {
    effect(() => {
      const [key, groups] = [this.group(), this.groups()];
      const before = untracked(this.chosenGroup);
      if (!key || before?.key === key) return;
      const group = groups.find((row) => row.key === key) ?? null;
      if (!group) return;
      this.chosenGroup.set(group);
      this.lastTicks.set([]);
      const linkIds = [...new Set(group.ends.map(({ link }) => link.id))];
      this.store.dispatch(factsActions.loadLinks({ linkIds }));
    });
    effect(() => this.pace.load(this.siteId()));
    inject(Shortcuts).add(
      inject(DestroyRef),
      { does: 'turn', what: 'Turn the connector over', run: () => this.turns.update((n) => n + 1) },
      { does: 'undo', what: 'Take the last tick back', run: () => this.undo() },
    );
  }

  protected open(key: string): void {
    void this.router.navigate([], { queryParams: { group: key || null } });
  }

  protected act(): void {
    const [item, key] = [this.item(), this.item()?.left[0]];
    if (!item || key === undefined) {
      this.chosenGroup.set(null);
      this.open('');
      return;
    }
    this.tick(item.endId, key, true);
    this.lastTicks.update((list) => [...list, { endId: item.endId, key }]);
  }

  protected undo(): void {
    const last = this.lastTicks().at(-1);
    if (!last) return;
    this.lastTicks.update((list) => list.slice(0, -1));
    this.tick(last.endId, last.key, false);
  }

  private tick(endId: string, key: string, done: boolean): void {
    const at = this.ends().get(endId);
    if (at) this.deeds.tick(at.link, at.end, key, done);
  }

  private nameOf(endId: string): string {
    const at = this.ends().get(endId);
    return at ? `${at.link.label}, ${at.end} end` : '';
  }
}
