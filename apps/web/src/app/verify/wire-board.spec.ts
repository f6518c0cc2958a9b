import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { conductorGraph, fourPairWiring, joinedGroups } from '@near-spoke/core/link';
import { WireBoard } from './wire-board';

describe('WireBoard', () => {
  const wiring = fourPairWiring('T568B', 'T568B');

  beforeEach(() =>
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] }),
  );

  function board(entry = conductorGraph(wiring), of = wiring) {
    const fixture = TestBed.createComponent(WireBoard);
    fixture.componentRef.setInput('wiring', of);
    fixture.componentRef.setInput('entry', entry);
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const contact = (end: string, name: string) =>
      element.querySelector<HTMLButtonElement>(`[data-end=${end}][data-contact="${name}"]`);
    return {
      element,
      contact,
      shown: () =>
        joinedGroups(fixture.componentInstance.entry())
          .map(({ near, far }) => `${near.join('')}-${far.join('')}`)
          .join(' '),
      tap: (end: string, name: string) => {
        contact(end, name)?.click();
        fixture.detectChanges();
      },
      drag: (from: [string, string], to: [string, string]) => {
        contact(...from)?.dispatchEvent(new PointerEvent('pointerdown', { pointerId: 1 }));
        contact(...to)?.dispatchEvent(new PointerEvent('pointerup', { pointerId: 1 }));
        fixture.detectChanges();
      },
    };
  }

  it('joins by two taps, and parts by the same two', () => {
    const { tap, shown } = board([]);
    tap('near', '3');
    tap('far', '4');
    expect(shown()).toBe('3-4');
    tap('far', '4');
    tap('near', '3');
    expect(shown()).toBe('');
    tap('near', '5');
    tap('near', '5');
    expect(shown()).toBe('');
  });

  it('joins by a drag, also within one end', () => {
    const { drag, shown } = board([]);
    drag(['near', '1'], ['far', '2']);
    drag(['near', '1'], ['near', '2']);
    expect(shown()).toBe('12-2');
    drag(['near', '8'], ['near', '8']);
    expect(shown()).toBe('12-2');
  });

  it('tells each contact by name and by what it is joined to', () => {
    const { contact } = board();
    expect(contact('near', '3')?.getAttribute('aria-label')).toBe(
      'near contact 3, white-green, joined to far 3',
    );
    const { contact: bare } = board([]);
    expect(bare('far', '8')?.getAttribute('aria-label')).toBe(
      'far contact 8, brown, joined to nothing',
    );
  });

  it('has a shield contact only where there is a shield, or one was seen', () => {
    expect(board().contact('near', 'S')).toBeNull();
    expect(board([], fourPairWiring('T568B', 'T568B', true)).contact('near', 'S')).not.toBeNull();
    const seen = { from: { end: 'near', contact: 'S' }, to: { end: 'far', contact: 'S' } } as const;
    expect(board([seen]).contact('far', 'S')).not.toBeNull();
  });
});
