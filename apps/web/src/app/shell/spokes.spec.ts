import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { SITE_ID, testLink } from '../testing/links';
import { openSite, settle } from '../testing/store';
import { Spokes } from './spokes';

describe('Spokes', () => {
  const links = Array.from({ length: 400 }, (_, i) =>
    testLink(`K${i + 1}`, { hub: `C${1 + (i % 3)}` }),
  );

  async function list(openId = '') {
    await openSite(links);
    const fixture = TestBed.createComponent(Spokes);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.componentRef.setInput('openId', openId);
    const element = fixture.nativeElement as HTMLElement;
    element.style.height = '500px';
    fixture.autoDetectChanges();
    await settle();
    await fixture.whenStable();
    const visited = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    const box = element.querySelector('input') as HTMLInputElement;
    const options = () => [...element.querySelectorAll<HTMLElement>('[role=option]')];
    return {
      element,
      visited,
      box,
      options,
      key: async (key: string, on: HTMLElement) => {
        on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
        await new Promise((resolve) => requestAnimationFrame(resolve));
        await settle();
        await fixture.whenStable();
      },
      search: async (text: string) => {
        box.value = text;
        box.dispatchEvent(new Event('input'));
        await settle();
        await fixture.whenStable();
      },
      listbox: () => element.querySelector<HTMLElement>('[role=listbox]') as HTMLElement,
    };
  }

  it('draws what is in sight of a long list, not all of it', async () => {
    const { options } = await list();
    expect(options().length).toBeGreaterThan(5);
    expect(options().length).toBeLessThan(60);
  });

  it('finds by search and opens the first with Enter, at the stage that it needs', async () => {
    const { search, options, key, box, visited } = await list();
    await search('kiosk k37');
    expect(options()[0]?.textContent).toContain('K37');
    await key('Enter', box);
    const [path] = visited.calls.mostRecent().args as unknown as [string[]];
    expect(path.slice(0, 3)).toEqual(['/sites', SITE_ID, 'links']);
    expect(path.at(-1)).toBe('terminate');
  });

  it('moves by arrows, names the active row only while it is drawn, and opens it', async () => {
    const { listbox, key, visited, element } = await list();
    await key('ArrowDown', listbox());
    await key('ArrowDown', listbox());
    const id = listbox().getAttribute('aria-activedescendant') ?? '';
    expect(element.querySelector(`#${CSS.escape(id)}`)?.textContent).toContain('K4');
    await key('Enter', listbox());
    expect(visited.calls.count()).toBe(1);
    listbox().scrollTop = 15_000;
    await new Promise((resolve) => setTimeout(resolve, 120));
    const active = listbox().getAttribute('aria-activedescendant');
    expect(active === null || element.querySelector(`#${CSS.escape(active)}`) !== null).toBeTrue();
  });

  it('shows the open link when it begins, wherever in the list it stands', async () => {
    const { element } = await list(links.at(-3)?.id);
    await new Promise((resolve) => setTimeout(resolve, 120));
    const open = element.querySelector('[aria-selected=true]');
    expect(open?.textContent).toContain(links.at(-3)?.label);
  });

  it('goes to the very end of the list and back', async () => {
    const { listbox, key } = await list();
    await key('End', listbox());
    expect(listbox().scrollTop).toBeGreaterThan(20_000);
    await key('Home', listbox());
    expect(listbox().scrollTop).toBe(0);
  });

  it('goes to the end of a list that has only just grown again', async () => {
    const { search, listbox, box, key, element } = await list();
    await search('kiosk k37');
    box.value = '';
    box.dispatchEvent(new Event('input'));
    for (const name of ['ArrowDown', 'End'])
      (name === 'End' ? listbox() : box).dispatchEvent(
        new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true }),
      );
    await settle();
    await new Promise((resolve) => setTimeout(resolve, 120));
    expect(listbox().scrollTop).toBeGreaterThan(20_000);
    const active = listbox().getAttribute('aria-activedescendant') ?? '';
    expect(element.querySelector(`#${CSS.escape(active)}`)?.textContent).toContain('K399');
    await key('Home', listbox());
    expect(listbox().scrollTop).toBe(0);
  });

  it('says so when nothing is found, and clears with Escape', async () => {
    const { search, element, key, box, options } = await list();
    await search('nowhere at all');
    expect(element.textContent).toContain('Nothing here has “nowhere at all”');
    await key('Escape', box);
    expect(options().length).toBeGreaterThan(5);
  });
});
