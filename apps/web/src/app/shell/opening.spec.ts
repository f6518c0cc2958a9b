import {
  ChangeDetectionStrategy,
  Component,
  provideZonelessChangeDetection,
  type DestroyRef,
} from '@angular/core';
import { TestBed } from '@angular/core/testing';
import {
  Router,
  provideRouter,
  withNavigationErrorHandler,
  withRouterConfig,
} from '@angular/router';
import { NotOpened } from './not-opened';
import { Opening } from './opening';
import { Shortcuts } from './shortcuts';

@Component({ template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class Page {}

describe('a page that can’t be opened', () => {
  let pressed: string[];
  let router: Router;
  let opening: Opening;
  let arrive: () => void;

  beforeEach(() => {
    pressed = [];
    const slow = new Promise<typeof Page>((done) => (arrive = () => done(Page)));
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideRouter(
          [
            { path: '', component: Page },
            { path: 'verify', loadComponent: () => Promise.reject(new Error('no server')) },
            { path: 'slow', loadComponent: () => slow },
          ],
          withNavigationErrorHandler(() => undefined),
          withRouterConfig({ resolveNavigationPromiseOnError: true }),
        ),
      ],
    });
    router = TestBed.inject(Router);
    opening = TestBed.inject(Opening);
    const forever = { onDestroy: () => () => undefined } as unknown as DestroyRef;
    TestBed.inject(Shortcuts).add(forever, {
      does: 'main',
      what: 'Tick',
      run: () => pressed.push('tick'),
    });
  });

  const press = (key: string) =>
    document.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));

  it('is told by its name, and the keys that were meant for it do nothing where one still is', async () => {
    await router.navigateByUrl('/');
    await router.navigateByUrl('/verify');
    expect(opening.failed()).toBe('Verify');
    press(' ');
    expect(pressed).toEqual([]);
    const told = TestBed.createComponent(NotOpened);
    told.detectChanges();
    expect((told.nativeElement as HTMLElement).textContent).toContain(
      'Verify can’t be opened now.',
    );
    press('Escape');
    expect(opening.failed()).toBeNull();
    press(' ');
    expect(pressed).toEqual(['tick']);
  });

  it('takes no key while it is still coming', async () => {
    await router.navigateByUrl('/');
    const coming = router.navigateByUrl('/slow');
    press(' ');
    expect(pressed).toEqual([]);
    arrive();
    await coming;
    press(' ');
    expect(pressed).toEqual(['tick']);
  });
});
