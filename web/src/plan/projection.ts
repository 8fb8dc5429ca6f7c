import { Projection } from 'ol/proj';

/** The site's own frame: metres east and north of its origin. */
export const SITE = new Projection({
  code: 'ANTEVID:SITE',
  units: 'm',
  extent: [-2000, -2000, 2000, 2000],
  metersPerUnit: 1,
  getPointResolution: (r: number) => r,
});
