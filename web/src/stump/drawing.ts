import type { Schemas } from '../api/client';

type Drawn = Schemas['StumpDrawn'];
type Sketch = Schemas['HingeSketch'];
type Point = Schemas['StumpPoint'];

/** Millimetres of the stump in the drawing; the lay points up. */
export const mm = (m: number): number => Math.round(1000 * m);
export const xy = (p: Point): string => `${mm(p.rightM)},${-mm(p.forwardM)}`;
/** Room round the wood for the numbers, and for the lay's arrow. */
const ACROSS = 1.75;
const ALONG = 1.4;

export type Frame = { left: number; top: number; width: number; height: number };

export function frame(d: Drawn): Frame {
  const [halfX, halfY] = [(mm(d.dAcrossM) * ACROSS) / 2, (mm(d.dAlongM) * ALONG) / 2];
  return { left: -halfX, top: -halfY, width: 2 * halfX, height: 2 * halfY };
}

/** All in front of the hinge: what the notch took. */
export function notch(d: Drawn, s: Sketch): string {
  const [leftFront, rightFront] = s.hinge;
  const ahead = -mm(d.dAlongM);
  return `M${xy(leftFront)}L${xy(rightFront)}L${mm(d.dAcrossM)},${-mm(rightFront.forwardM)}V${ahead}H${-mm(d.dAcrossM)}V${-mm(leftFront.forwardM)}Z`;
}

/** The briefed stump as a picture to be touched. */
export function picture(d: Drawn): string {
  const f = frame(d);
  const [rx, ry] = [mm(d.dAcrossM) / 2, mm(d.dAlongM) / 2];
  const thin = f.width / 120;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${f.left} ${f.top} ${f.width} ${f.height}" width="1000" height="${(1000 * f.height) / f.width}">
<clipPath id="w"><ellipse rx="${rx}" ry="${ry}"/></clipPath>
<rect x="${f.left}" y="${f.top}" width="${f.width}" height="${f.height}" fill="#fff"/>
<ellipse rx="${rx}" ry="${ry}" fill="#dad4c6"/>
<g clip-path="url(#w)"><path d="${notch(d, d.planned)}" fill="#fff"/><polygon points="${d.planned.hinge.map(xy).join(' ')}" fill="#d9a9bd" stroke="#a3175c" stroke-width="${thin}"/></g>
<ellipse rx="${rx}" ry="${ry}" fill="none" stroke="#1c2a26" stroke-width="${2 * thin}"/>
<path d="M0 ${-ry}V${f.top + 4 * thin}" stroke="#a3175c" stroke-width="${2 * thin}"/>
<path d="M0 ${f.top}l${3 * thin} ${7 * thin}h${-6 * thin}Z" fill="#a3175c"/>
</svg>`;
}

/** A place of the drawing as shares of its width from the left and of its height from below. */
export function share(d: Drawn, rightMm: number, forwardMm: number): { x: number; y: number } {
  const f = frame(d);
  return { x: (rightMm - f.left) / f.width, y: 1 - (-forwardMm - f.top) / f.height };
}
