import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { NotOpened } from './shell/not-opened';
import { Opening } from './shell/opening';
import { Theme } from './shell/theme';

@Component({
  selector: 'ns-root',
  imports: [NotOpened, RouterOutlet],
  template: `
    <router-outlet />
    @if (opening.failed() !== null) {
      <ns-not-opened />
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class App {
  protected readonly opening = inject(Opening);

  constructor() {
    inject(Theme);
  }
}
