import * as z from 'zod';
import { endpoints, versionSeen } from './endpoint';
import { filled, id, instant, line, schoolChoices, scheme, units, version } from './primitives';
import type { Shared } from './shared';

const fields = {
  name: filled(120),
  note: line(500),
  defaultScheme: scheme,
  /** Why this scheme was chosen for the job. */
  schemeReason: line(300),
  /** The other schools of the job. */
  schools: schoolChoices,
  units,
};

export const siteInput = z
  .strictObject({
    id: id.optional(),
    name: fields.name,
    note: fields.note.default(''),
    defaultScheme: fields.defaultScheme.default('T568B'),
    schemeReason: fields.schemeReason.default(''),
    schools: fields.schools.default({}),
    units: fields.units.default('metric'),
  })
  .meta({ id: 'SiteInput' });

export const sitePatch = z
  .strictObject({ version, ...z.object(fields).partial().shape })
  .meta({ id: 'SitePatch' });

export const site = z.object({ id, ...fields, version, createdAt: instant }).meta({ id: 'Site' });

export const siteList = z.object({ sites: z.array(site) }).meta({ id: 'SiteList' });

/** How each site stands, in short. */
export const siteStandings = z
  .object({
    sites: z.array(
      z.object({
        id,
        links: z.int(),
        proven: z.int(),
        wrong: z.int().meta({ description: 'Links with a fault, and links that do not fit.' }),
        workedAt: instant
          .nullable()
          .meta({ description: 'When something was last done, seen or measured there.' }),
      }),
    ),
  })
  .meta({ id: 'SiteStandings' });

export type SiteStandings = Shared<z.output<typeof siteStandings>>;
export type Site = Shared<z.output<typeof site>>;
export type SiteInput = Shared<z.input<typeof siteInput>>;
export type SitePatch = Shared<z.input<typeof sitePatch>>;

export const siteEndpoints = endpoints({
  list: { method: 'get', path: '/api/sites', summary: 'All sites', answer: siteList },
  standings: {
    method: 'get',
    path: '/api/standings',
    summary:
      'How many links of each site are proven, how many are wrong, and when it was last worked on',
    answer: siteStandings,
  },
  make: {
    method: 'post',
    path: '/api/sites',
    summary: 'Make a site',
    body: siteInput,
    status: 201,
    answer: site,
  },
  one: { method: 'get', path: '/api/sites/{id}', of: 'site', summary: 'One site', answer: site },
  change: {
    method: 'patch',
    path: '/api/sites/{id}',
    of: 'site',
    summary: 'Change a site',
    body: sitePatch,
    answer: site,
  },
  putAway: {
    method: 'delete',
    path: '/api/sites/{id}',
    of: 'site',
    summary: 'Put a site away',

    status: 204,
    query: versionSeen,
  },
  restore: {
    method: 'post',
    path: '/api/sites/{id}/restore',
    of: 'site',
    summary: 'Take a site back that was put away',
    answer: site,
  },
});
