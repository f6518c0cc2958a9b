import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  linkedSignal,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatIcon } from '@angular/material/icon';
import { MatInputModule } from '@angular/material/input';
import { MatMenuModule } from '@angular/material/menu';
import { Router, RouterLink } from '@angular/router';
import { SCHOOLS } from '@near-spoke/core/catalogue';
import { ENDS, schoolsOf, type End } from '@near-spoke/core/link';
import { taskOf, tickedKeys } from '@near-spoke/core/record';
import {
  OF_THE_PLACE,
  REMAKE_CAUSES,
  foldedMm,
  judgeMeasure,
  kitFor,
  measureSaid,
  schoolsInUse,
  terminateMessage,
  tickKeys,
  toolGaps,
  type RemakeCause,
  type Step,
} from '@near-spoke/core/terminate';
import { parseLength } from '@near-spoke/core/units';
import { told, type Told } from '@near-spoke/words';
import { ConductorSwatch, ConnectorFace, Cutback, OnCable } from '../drawing';
import { OpenLink } from '../link/open-link';
import { Deeds, otherEnd } from '../shell/deeds';
import { isTexts, kept } from '../shell/kept';
import { OwnPace } from '../shell/own-pace';
import { NextThing } from '../shell/next-thing';
import { Shortcuts } from '../shell/shortcuts';
import { KeyOf } from '../shell/key-of';

const CUTTING = new Set<Step['operation']>([
  'strip',
  'trim',
  'cut',
  'fold',
  'untwist',
  'thread-on',
]);

/** More contacts than this are read off the picture. */
const LISTED = 20;

/** How to make both ends, one step at a time. */
@Component({
  selector: 'ns-terminate-page',
  imports: [
    KeyOf,
    ConductorSwatch,
    ConnectorFace,
    Cutback,
    MatButtonModule,
    MatCheckbox,
    MatFormFieldModule,
    MatIcon,
    MatInputModule,
    MatMenuModule,
    NextThing,
    OnCable,
    RouterLink,
  ],
  templateUrl: './terminate-page.html',
  styleUrl: './terminate-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TerminatePage {
  protected readonly open = inject(OpenLink);
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);
  private readonly pace = inject(OwnPace);

  protected readonly endList = ENDS;
  private readonly chosen = signal<End | null>(null);
  protected readonly turns = signal(0);

  /** Words for what this end tells, and those of the page itself. */
  protected readonly tell = this.open.tell;
  protected readonly say = computed(() => this.tell().pages.terminate);
  protected readonly link = computed(() => this.open.link());
  private readonly ends = computed(() => this.open.standing()?.ends);
  /** The end that was chosen; else the first that is not made. */
  protected readonly end = computed<End>(
    () => this.chosen() ?? ENDS.find((end) => this.ends()?.[end].state !== 'made') ?? 'near',
  );
  protected readonly progress = computed(() => told(this.ends()?.[this.end()], this.tell()));
  protected readonly stateOf = (end: End) => this.say().states[this.ends()?.[end].state ?? 'bare'];
  protected readonly here = computed(() => this.link()?.[this.end()]);
  /** How this end is made; undefined until the link is there. */
  private readonly task = computed(() => {
    const link = this.link();
    return link ? taskOf(link, this.end(), this.open.job()) : undefined;
  });
  protected readonly part = computed(() => this.task()?.connector);
  protected readonly cable = computed(() => this.task()?.cable);
  protected readonly wiring = computed(() => this.open.wiring()?.[this.end()]);
  /** The contacts as a list, unless the picture names every core and there are too many. */
  protected readonly listed = computed(() => {
    const contacts = this.wiring()?.contacts ?? [];
    return contacts.length > LISTED ? null : contacts;
  });
  protected readonly kit = computed(() => {
    const task = this.task();
    return task ? told(kitFor([task], this.open.job().catalogue).parts, this.tell()) : [];
  });
  /** The choices that this end follows, with their reasons. */
  protected readonly schools = computed(() => {
    const [link, task] = [this.link(), this.task()];
    if (!link || !task) return [];
    const { schools } = this.open.job();
    const held = { ...schoolsOf(link, this.open.job()), scheme: task.scheme as string };
    return schoolsInUse(task).map((id) => {
      const school = SCHOOLS.find((row) => row.id === id);
      const reason =
        id === 'scheme'
          ? (this.open.site()?.schemeReason ?? '')
          : ((link.schools[id] ?? schools[id])?.reason ?? '');
      return {
        question: school?.question ?? '',
        choice: school?.options.find((option) => option.id === held[id])?.name ?? '',
        reason: reason || (link.schools[id] ? this.say().chosenHere : this.say().usual),
      };
    });
  });
  protected readonly cutting = computed(() => {
    const step = this.progress()?.next;
    return step !== null && step !== undefined && CUTTING.has(step.operation);
  });
  protected readonly steps = computed(() => {
    const progress = this.progress();
    const ticked = tickedKeys(this.open.facts().ticks, this.end());
    return (progress?.plan.steps ?? []).map((step) => ({
      step,
      done: progress?.doneSteps.has(step.id) ?? false,
      current: step.id === progress?.next?.id && !this.provenAsIs(),
      late: progress?.late.some((part) => part.stepId === step.id) ?? false,
      checks: step.checks.map((check) => ({
        ...check,
        key: `${step.id}/${check.id}`,
        done: ticked.has(`${step.id}/${check.id}`),
      })),
    }));
  });
  private readonly measure = computed(() => this.ends()?.[this.end()].next?.measure);
  /** What is typed as measured at this step. */
  protected readonly measuredText = linkedSignal({
    source: () => `${this.end()} ${this.progress()?.next?.id ?? ''}`,
    computation: () => '',
  });
  protected readonly measured = computed(() => {
    const [measure, text] = [this.measure(), this.measuredText().trim()];
    if (!measure || text === '') return null;
    const units = this.open.units();
    const parsed = parseLength(text, { bareUnit: units === 'metric' ? 'mm' : 'in' });
    if (!parsed.ok) return { mm: null, fits: null, sentence: parsed.reason };
    const mm = Math.round(parsed.lengthM * 100_000) / 100;
    return { mm, ...told(judgeMeasure(measure, mm), this.tell()) };
  });
  /** What is typed and can't be read is not thrown away by going on. */
  protected readonly unread = computed(() =>
    this.measured()?.mm === null ? this.say().unread : '',
  );
  protected readonly folded = computed(() => {
    const [part, cuts] = [this.part(), this.progress()?.plan.cuts];
    return part && cuts ? foldedMm(part, cuts) : 0;
  });
  protected readonly strip = computed(() => this.task()?.schools?.strip ?? '');
  protected readonly templateUrl = computed(() => {
    const query = new URLSearchParams({
      cable: this.link()?.cable ?? '',
      connector: this.here()?.connector ?? '',
      strip: this.strip(),
      language: this.tell().language,
    });
    return `/api/terminate/template.pdf?${query.toString()}`;
  });
  /** Tools that are not at hand; kept on this device. */
  protected readonly lacking = kept<readonly string[]>('tools.lacking', [], isTexts);
  protected readonly gaps = computed(() => {
    const progress = this.progress();
    if (!progress) return [];
    const isLeft = ({ id }: { readonly id: string }) => !progress.doneSteps.has(id);
    const gaps = toolGaps(progress.plan.steps, (tool) => !this.lacking().includes(tool), isLeft);
    return told(gaps, this.tell());
  });
  protected readonly causes = computed(() =>
    REMAKE_CAUSES.map((id) => ({
      id,
      name: this.tell()(terminateMessage('remake-cause', { cause: id })),
    })),
  );
  protected readonly tools = computed(() =>
    (this.progress()?.plan.tools ?? []).map((tool) => ({
      id: tool,
      name: this.tell()(terminateMessage('tool', { tool })),
    })),
  );
  /** What a measure asks for, in the box where it is typed. */
  protected readonly asked = computed(() => {
    const measure = this.measure();
    return measure ? this.tell()(measureSaid(measure)) : '';
  });
  protected readonly current = computed(() => this.steps().find((row) => row.current));
  private readonly lastTick = computed(() => {
    const ticks = this.open.facts().ticks.filter((tick) => tick.end === this.end());
    const ticked = tickedKeys(ticks, this.end());
    return ticks.filter((tick) => tick.done && ticked.has(tick.key)).at(-1);
  });
  protected readonly canUndo = computed(() => this.lastTick() !== undefined);
  protected readonly timeLeft = computed(() => {
    const left = this.steps().filter((row) => !row.done);
    const own = left.filter(({ step }) => this.pace.knows(step.id)).length;
    const seconds = left.reduce(
      (sum, { step }) => sum + this.pace.seconds(step.id, step.seconds),
      0,
    );
    const minutes = Math.max(1, Math.round(seconds / 60));
    return this.say().timeLeft(minutes, own > 0);
  });

  /** Its tests passed, whatever is ticked: no end that works is taken apart for a step that was added since. */
  private readonly provenAsIs = computed(
    () => this.open.standing()?.state === 'pass' && this.progress()?.next != null,
  );

  /** The screen's one sentence, its reason and its button. */
  protected readonly headline = computed(() => {
    const progress = this.progress();
    const late = progress?.late[0];
    const other = otherEnd(this.end());
    const stop = this.current()?.checks.some((row) => !row.done) === true;
    const say = this.say();
    if (!progress) return { sentence: '', why: '', action: '', stop };
    if (progress.state === 'does-not-fit')
      return {
        sentence: say.doesNotTake(
          this.part()?.name ?? '',
          this.cable()?.name ?? '',
          this.inPlace(),
        ),
        why: progress.plan.fit.problems[0]?.suggestion ?? '',
        action: say.changeLink,
        stop: false,
      };
    if (late)
      return {
        sentence: late.sentence,
        why: say.lateWhy,
        action: late.wayBack.kind === 'take-back' ? say.takeStepsBack : say.cutOff,
        stop: true,
      };
    if (this.provenAsIs()) {
      const left = this.steps().filter(({ done: ticked }) => !ticked).length;
      return {
        sentence: say.proven,
        why: say.provenWhy(left, this.steps().length),
        action: say.openRecord,
        stop: false,
      };
    }
    if (progress.next) {
      return {
        sentence: progress.next.instruction,
        why: progress.next.why,
        action: stop ? say.checked : say.done,
        stop,
      };
    }
    const done = say.endMade(this.end());
    const later = progress.plan.afterwards.join(' ');
    return this.ends()?.[other].state === 'made'
      ? {
          sentence: done,
          why: [say.otherMade, this.open.next()?.sentence, later].filter(Boolean).join(' '),
          action: this.open.next()?.stage === 'record' ? say.openRecord : say.goVerify,
          stop: false,
        }
      : {
          sentence: done,
          why: [say.otherLeft(other, this.link()?.[other].place ?? ''), later]
            .filter(Boolean)
            .join(' '),
          action: say.makeOther(other),
          stop: false,
        };
  });

  constructor() {
    effect(() => this.open.layer.set({ kind: 'work', end: this.end() }));
    effect(() => this.pace.load(this.link()?.siteId ?? ''));
    effect(() => {
      this.open.id();
      this.chosen.set(null);
    });
    inject(Shortcuts).add(
      inject(DestroyRef),
      { does: 'turn', what: this.say().turn, run: () => this.turns.update((n) => n + 1) },
      { does: 'other-end', run: () => this.choose(otherEnd(this.end())) },
      { does: 'undo', what: this.say().takeBack, run: () => this.undo() },
    );
  }

  protected setAtHand(tool: string, here: boolean): void {
    this.lacking.update((list) => [
      ...list.filter((other) => other !== tool),
      ...(here ? [] : [tool]),
    ]);
  }

  protected choose(end: End): void {
    this.chosen.set(end);
    this.turns.set(0);
  }

  protected act(): void {
    const [link, progress] = [this.link(), this.progress()];
    if (!link || !progress) return;
    if (progress.state === 'does-not-fit') void this.go('edit');
    else if (progress.late[0]?.wayBack.kind === 'take-back')
      for (const id of progress.late[0].wayBack.stepIds) this.takeBack(id);
    else if (progress.late.length > 0) this.beginAgain('part-forgotten');
    else if (this.provenAsIs()) void this.go('record');
    else if (progress.nextKey) {
      // Stay at this end when its last step is ticked.
      this.chosen.set(this.end());
      this.deeds.tick(link, this.end(), progress.nextKey, true, {
        measuredMm: this.measured()?.mm ?? null,
      });
      this.measuredText.set('');
    } else if (this.ends()?.[otherEnd(this.end())].state === 'made')
      void this.go(this.open.next()?.stage === 'record' ? 'record' : 'verify');
    else this.choose(otherEnd(this.end()));
  }

  private takeBack(stepId: string): void {
    const step = this.progress()?.plan.steps.find(({ id }) => id === stepId);
    if (step) this.tickStep(step, false);
  }

  /** Said with a misfit where the place is what does not fit. */
  private inPlace(): boolean {
    const problems = this.progress()?.plan.fit.problems ?? [];
    return problems.every(({ code }) => OF_THE_PLACE.has(code));
  }

  protected tickStep(step: Told<Step>, done: boolean): void {
    const link = this.link();
    if (!link) return;
    this.chosen.set(this.end());
    const ticked = tickedKeys(this.open.facts().ticks, this.end());
    for (const key of tickKeys(step))
      if (ticked.has(key) !== done) this.deeds.tick(link, this.end(), key, done);
  }

  protected tickCheck(key: string, done: boolean): void {
    const link = this.link();
    if (!link) return;
    this.chosen.set(this.end());
    this.deeds.tick(link, this.end(), key, done);
  }

  protected undo(): void {
    const [link, last] = [this.link(), this.lastTick()];
    if (link && last) this.deeds.tick(link, last.end, last.key, false);
  }

  protected beginAgain(cause: RemakeCause): void {
    const link = this.link();
    if (link) this.deeds.beginAgain(link, this.end(), this.open.facts().ticks, cause);
  }

  private go(path: string): Promise<boolean> {
    const link = this.link();
    return this.router.navigate(['/sites', link?.siteId, 'links', link?.id, path]);
  }
}
