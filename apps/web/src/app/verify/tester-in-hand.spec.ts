import { TestBed } from '@angular/core/testing';
import { signal } from '@angular/core';
import { OpenLink } from '../link/open-link';
import { SITE_ID } from '../testing/links';
import { TesterInHand } from './tester-in-hand';

const OTHER = '01900000-0000-7000-8000-0000000000ff';

describe('The tester in the hand', () => {
  /** A page that is opened anew, on a link of a site. */
  function opened(siteId: string): TesterInHand {
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({
      providers: [TesterInHand, { provide: OpenLink, useValue: { link: signal({ siteId }) } }],
    });
    return TestBed.inject(TesterInHand);
  }
  const stored = (): { readonly day: string }[] =>
    JSON.parse(localStorage.getItem('near-spoke.testers.chosen') ?? '[]') as { day: string }[];

  beforeEach(() => localStorage.clear());
  afterEach(() => localStorage.clear());

  it('is nobody’s guess: nothing until somebody says it', () => {
    expect(opened(SITE_ID).id()).toBe('');
  });

  it('stands for its site, also when the page is opened again', () => {
    opened(SITE_ID).choose('pair-lamps');
    expect(opened(SITE_ID).id()).toBe('pair-lamps');
  });

  it('stands for the rest of the day at another site, and gives way to what is chosen there', () => {
    opened(SITE_ID).choose('pair-lamps');
    expect(opened(OTHER).id()).toBe('pair-lamps');
    opened(OTHER).choose('pairing');
    expect(opened(OTHER).id()).toBe('pairing');
    expect(opened(SITE_ID).id()).toBe('pair-lamps');
  });

  it('is asked for again at another site on another day', () => {
    opened(SITE_ID).choose('pair-lamps');
    const [choice] = stored();
    localStorage.setItem(
      'near-spoke.testers.chosen',
      JSON.stringify([{ ...choice, day: '2026-01-01' }]),
    );
    expect(opened(OTHER).id()).toBe('');
    expect(opened(SITE_ID).id()).toBe('pair-lamps');
  });

  it('is the last that was chosen, and what is no choice is none', () => {
    const hand = opened(SITE_ID);
    hand.choose('pair-lamps');
    hand.choose('beeper');
    expect(hand.id()).toBe('beeper');
    expect(stored().length).toBe(1);
    for (const broken of ['{', '[{"id":7}]', '"pair-lamps"', 'null']) {
      localStorage.setItem('near-spoke.testers.chosen', broken);
      expect(opened(SITE_ID).id()).withContext(broken).toBe('');
    }
  });
});
