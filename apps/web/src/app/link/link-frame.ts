import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  type ElementRef,
  computed,
  effect,
  inject,
  input,
  viewChild,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatMenuModule } from '@angular/material/menu';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Title } from '@angular/platform-browser';
import { Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { LINK_STATES } from '@near-spoke/words/states';
import { LinkRuler, StateMark } from '../drawing';
import { AWAY_UNDO_MS, Deeds } from '../shell/deeds';
import { keyName } from '../shell/keys';
import { Shortcuts } from '../shell/shortcuts';
import { OpenLink } from './open-link';
import { STAGES } from './stages';
import { SpokenLanguage } from '../words/language';

/** An open link: its name and state, the ruler, the stages, and the stage that is open. */
@Component({
  selector: 'ns-link-frame',
  imports: [
    LinkRuler,
    MatButtonModule,
    MatIcon,
    MatMenuModule,
    MatProgressBar,
    RouterLink,
    RouterLinkActive,
    RouterOutlet,
    StateMark,
  ],
  templateUrl: './link-frame.html',
  styleUrl: './link-frame.scss',
  providers: [OpenLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LinkFrame {
  readonly siteId = input.required<string>();
  readonly linkId = input.required<string>();

  private readonly router = inject(Router);
  private readonly deeds = inject(Deeds);
  private readonly snack = inject(MatSnackBar);
  private readonly heading = viewChild<ElementRef<HTMLElement>>('heading');

  protected readonly open = inject(OpenLink);
  protected readonly stages = STAGES;
  protected readonly keyName = keyName;
  private readonly language = inject(SpokenLanguage).id;
  protected readonly stateName = computed(() => LINK_STATES[this.language()]);
  protected readonly missing = computed(() => this.open.loading() === 'missing');
  protected readonly failed = computed(() => this.open.loading() === 'failed');
  protected readonly work = computed(() => {
    const standing = this.open.standing();
    if (!standing || this.open.layer()?.kind !== 'work') return null;
    const of = ({ doneSteps, plan }: typeof standing.ends.near) => ({
      done: doneSteps.size,
      total: plan.steps.length,
    });
    return { near: of(standing.ends.near), far: of(standing.ends.far) };
  });
  protected readonly at = computed(() => {
    const layer = this.open.layer();
    return layer?.kind === 'work' ? layer.end : null;
  });
  protected readonly nets = computed(() => {
    const layer = this.open.layer();
    return layer?.kind === 'wires' ? layer.nets : null;
  });

  protected readonly places = computed(() => {
    const layer = this.open.layer();
    return layer?.kind === 'places' ? layer.places : [];
  });

  constructor() {
    const title = inject(Title);
    effect(() => this.open.open(this.linkId()));
    effect(() => title.setTitle(`${this.open.link()?.label ?? 'Link'} · Near Spoke`));
    // Where a reader or the keyboard goes on after another link was opened.
    effect(() => {
      this.linkId();
      if (!document.activeElement?.closest('[role=listbox]'))
        this.heading()?.nativeElement.focus({ preventScroll: true });
    });
    inject(Shortcuts).add(
      inject(DestroyRef),
      ...STAGES.map(({ path, does }) => ({
        does,
        run: () => void this.go(path),
      })),
    );
  }

  protected edit(): void {
    void this.go('edit');
  }

  protected putAway(): void {
    const link = this.open.link();
    if (!link) return;
    this.deeds.putAway(link);
    void this.router.navigate(['/sites', this.siteId()]);
    this.snack
      .open(`${link.label} was put away.`, 'Undo', { duration: AWAY_UNDO_MS })
      .onAction()
      .subscribe(() => this.deeds.takeOut(link));
  }

  protected retry(): void {
    this.open.open(this.linkId());
  }

  private go(path: string): Promise<boolean> {
    return this.router.navigate(['/sites', this.siteId(), 'links', this.linkId(), path]);
  }
}
