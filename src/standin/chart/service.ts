/** The harbour chart: a tree of places that no document describes. Each answer links to the next, in several ways. */

import { notFound } from '../problem.js';
import type { ServiceModule } from '../service.js';

interface Place {
  readonly name: string;
  readonly below: Readonly<Record<string, Place>>;
}

const place = (name: string, below: Readonly<Record<string, Place>> = {}): Place => ({ name, below });

const chart = place('Larkhaven', {
  roads: place('Outer roads', { anchorage: place('Anchorage') }),
  basin: place('Inner basin', {
    north: place('North quay', { n1: place('Berth N1'), n2: place('Berth N2') }),
    west: place('West quay'),
  }),
});

export const chartService: ServiceModule = {
  register(app, _state, origin) {
    app.get<{ Params: { '*': string } }>('/chart*', async ({ params }, reply) => {
      const way = params['*'].split('/').filter((part) => part !== '');
      let here = chart;
      for (const part of way) {
        const next = here.below[part];
        if (!next) throw notFound(`the chart has nothing at ${part}`);
        here = next;
      }
      const self = `/chart${way.map((part) => `/${part}`).join('')}`;
      const up = way.length === 0 ? undefined : self.replace(/\/[^/]+$/, '');
      reply.header(
        'Link',
        `<${self}>; rel="self"${up === undefined ? '' : `, <${up}>; rel="up"; title="${chart.name}"`}`,
      );
      return {
        name: here.name,
        href: self,
        // One absolute, one relative to the host, one relative to where it stands.
        soundings: `${origin()}${self}?layer=soundings`,
        places: Object.entries(here.below).map(([key, { name }]) => ({
          name,
          href: way.length === 0 ? `chart/${key}` : `${way.at(-1)}/${key}`,
        })),
      };
    });
  },
  services: (origin) => [{ name: 'chart', about: 'a tree of links to follow', address: `${origin}/chart` }],
};
