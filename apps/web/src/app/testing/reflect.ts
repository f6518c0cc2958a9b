import type { HttpTestingController } from '@angular/common/http/testing';
import type { Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { LinkSummary } from '@near-spoke/contract';
import type { CableFact } from '@near-spoke/contract/reflect';
import { writeTraceJson } from '@near-spoke/core/captures';
import {
  normalFrom,
  practise,
  simulate,
  type PracticeLine,
} from '@near-spoke/core/reflect/simulate';
import { OpenLink } from '../link/open-link';
import { REFLECT_BENCH, type ReflectBench } from '../reflect/reflect-bench';
import { reflectWork, type Work } from '../reflect/reflect-work';
import { SITE_ID, testLink } from './links';
import { shown } from './page';
import { openSite } from './store';
import { asked, giveSiteFacts } from './until';

/** Works at once, where the real one works beside the page. */
class AtOnce implements ReflectBench {
  private readonly work = reflectWork();
  ask<K extends keyof Work>(
    kind: K,
    ask: Work[K]['ask'],
    progress: (share: number) => void = () => undefined,
  ): Promise<Work[K]['answer']> {
    return Promise.resolve(this.work[kind](ask, progress));
  }
  drop(): void {
    // Nothing is under way.
  }
}

/** A joint in the way of a lossy pair. */
export const LINE: PracticeLine = {
  cable: {
    lengthM: 40,
    velocityFactor: 0.7,
    impedanceOhm: 100,
    loss: { a0: 0, a1: 1.85, a2: 0.015 },
  },
  fault: 'series',
  atM: 15,
  strength: 60,
  end: 'open',
  launch: 'step',
  widthS: 5e-9,
  noiseV: 0.003,
};

/** What an instrument wrote of a line. */
export function file(line: PracticeLine): File {
  const capture = simulate(practise(line), normalFrom(3));
  if (capture.kind === 'sweep') throw new Error('A sweep was made');
  return new File([writeTraceJson(capture)], 'practice.json');
}

const ROUTE = [
  { name: 'Tray T1', atM: 5 },
  { name: 'Ceiling void', atM: 25 },
];

/** A measurement of the cable of a test link, kept on some day. */
export const cableFact = (id: number, deed: CableFact['deed'], reel = ''): CableFact => ({
  id: `01900000-0000-7000-8000-00000000010${id}`,
  siteId: SITE_ID,
  linkId: null,
  cable: testLink('any').cable,
  reel,
  at: `2026-05-0${id}T08:00:00.000Z`,
  author: 'tech 2',
  device: '',
  deed,
});

export const velocityOf = (value: number) =>
  ({ kind: 'velocity', velocityFactor: { value, u: 0.001 }, how: 'one-length' }) as const;

/** Pages of Reflect on a link of 40 m, with what was measured of its cable. */
export function reflectPages() {
  let http: HttpTestingController;
  let link: LinkSummary;
  return {
    open: async <T>(
      page: Type<T>,
      facts: readonly CableFact[] = [],
      more: Partial<LinkSummary> = {},
    ): Promise<ComponentFixture<T>> => {
      link = testLink('AP6', { lengthM: 40, route: ROUTE, ...more });
      ({ http } = await openSite(
        [link],
        [OpenLink, { provide: REFLECT_BENCH, useValue: () => new AtOnce() }],
      ));
      TestBed.inject(OpenLink).open(link.id);
      const fixture = TestBed.createComponent(page);
      await shown(fixture);
      await giveSiteFacts(http, SITE_ID, { cables: facts });
      await shown(fixture);
      return fixture;
    },
    link: () => link,
    http: () => http,
    /** What was sent to be kept, as soon as it is. */
    kept: async () => {
      const { request } = await asked(
        http,
        ({ method, url }) => method === 'POST' && url.endsWith('/cable-facts'),
      );
      return request.body as Pick<CableFact, 'deed' | 'reel' | 'linkId'>;
    },
  };
}
