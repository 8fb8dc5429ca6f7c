import type { Schemas } from '../../api/client';
import ImageCanvas from 'ol/source/ImageCanvas';
import type Projection from 'ol/proj/Projection';

/** A picture laid under the plan: turned and scaled by the canvas for each view. */
export function turned(url: string, u: Schemas['UnderlayView'], site: Projection): ImageCanvas {
  const image = new Image();
  const source = new ImageCanvas({
    projection: site,
    ratio: 1,
    canvasFunction: (extent, resolution, _ratio, size) => {
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = size;
      const c = canvas.getContext('2d');
      if (c && image.complete && u.origin && u.metresPerPixel) {
        c.translate(
          ((u.origin.eastM - extent[0]) / resolution) * ((size[0] * resolution) / (extent[2] - extent[0])),
          ((extent[3] - u.origin.northM) / resolution) * ((size[1] * resolution) / (extent[3] - extent[1])),
        );
        c.rotate(((u.turnDeg ?? 0) * Math.PI) / 180);
        const k = u.metresPerPixel / ((extent[2] - extent[0]) / size[0]);
        c.scale(k, k);
        c.drawImage(image, 0, 0);
      }
      return canvas;
    },
  });
  image.onload = () => source.changed();
  image.src = url;
  return source;
}
