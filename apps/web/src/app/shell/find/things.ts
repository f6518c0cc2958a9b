import { Injectable, computed, inject, signal } from '@angular/core';
import { Router } from '@angular/router';
import type { Adapter } from '@near-spoke/contract/map';
import { Store } from '@ngrx/store';
import { Api } from '../../store/api/api';
import { selectJob } from '../../store/job';
import { partsFeature } from '../../store/parts/parts';
import { sitesFeature } from '../../store/sites/sites';
import { KEYS, keyName } from '../keys';
import { Shortcuts } from '../shortcuts';
import { Words } from '../../words/words';
import { SITE_PAGES, pathTo } from '../site-pages';
import type { Thing } from './thing';

/** Keys that are pressed as they are, and would do nothing found by name. */
const IS_LETTER = /^[a-z0-9?]$/;

/** All that can be opened by name: pages, what keys do here, adapters, parts, other sites. */
@Injectable({ providedIn: 'root' })
export class Things {
  private readonly router = inject(Router);
  private readonly store = inject(Store);
  private readonly words = inject(Words);
  private readonly api = inject(Api);
  private readonly shortcuts = inject(Shortcuts);
  private readonly sites = this.store.selectSignal(sitesFeature.selectAll);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly ownParts = this.store.selectSignal(partsFeature.selectAll);
  private readonly adapters = signal<readonly Adapter[]>([]);
  readonly siteId = signal('');

  readonly all = computed((): readonly Thing[] => {
    const siteId = this.siteId();
    const opens = (...path: string[]) => ({
      open: () => void this.router.navigate(['/sites', ...path]),
    });
    const { frame } = this.words.in('metric').pages;
    const { connectors, cables } = this.job().catalogue;
    const away = new Set(this.ownParts().flatMap((part) => (part.away ? [part.id] : [])));
    return [
      ...SITE_PAGES.flatMap(([, pages]) => pages).map((id): Thing => ({
        ...frame.pages[id],
        id: `page-${id}`,
        kind: 'Page',
        open: () => void this.router.navigate(pathTo(siteId, id)),
      })),
      {
        id: 'page-new-link',
        name: 'Add a link',
        kind: 'Page',
        about: '',
        ...opens(siteId, 'links', 'new'),
      },
      { id: 'page-sites', name: frame.allSites, kind: 'Page', about: '', ...opens() },
      ...this.shortcuts
        .active()
        .filter(({ does }) => IS_LETTER.test(KEYS[does].key))
        .map(({ does, what, run }): Thing => ({
          id: `action-${does}`,
          name: what ?? KEYS[does].what,
          kind: 'Action',
          about: `Key ${keyName(does)}`,
          open: run,
        })),
      ...this.adapters()
        .filter(({ away }) => !away)
        .map(({ id, name, note }): Thing => ({
          id: `adapter-${id}`,
          name,
          kind: 'Adapter',
          about: note,
          ...opens(siteId, 'adapters', id),
        })),
      ...[...connectors, ...cables]
        .filter(({ id }) => !away.has(id))
        .map(({ id, name }): Thing => ({
          id: `part-${id}`,
          name,
          kind: 'Part',
          about: '',
          ...opens(siteId, 'catalogue', id),
        })),
      ...this.sites()
        .filter(({ id }) => id !== siteId)
        .map(({ id, name, note }): Thing => ({
          id: `site-${id}`,
          name,
          kind: 'Site',
          about: note,
          ...opens(id),
        })),
    ];
  });

  /** Adapters are the firm’s, not the site’s: asked for anew each time something is sought. */
  async look(): Promise<void> {
    // A part of its own: the rest is found without waiting for it.
    const { adapterEndpoints } = await import('@near-spoke/contract/map');
    this.api.call(adapterEndpoints.list, {}).subscribe({
      next: ({ adapters }) => this.adapters.set(adapters),
      // Without the server the rest is found as ever.
      error: () => undefined,
    });
  }
}
