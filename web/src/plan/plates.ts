import { Icon } from 'ol/style';
import { token } from './token';

/** Pixels drawn for each pixel shown: sharp on a phone. */
const SHARP = 2;
const drawn = new Map<string, HTMLCanvasElement>();

/**
 * A mark drawn once as pixels: a picture that must be rasterised for each frame would make panning stutter, and what is
 * written in it stays in it.
 */
function pixels(key: string, width: number, height: number, draw: (c: CanvasRenderingContext2D) => void) {
  const known = drawn.get(key);
  if (known) return known;
  const canvas = document.createElement('canvas');
  canvas.width = width * SHARP;
  canvas.height = height * SHARP;
  const c = canvas.getContext('2d');
  if (c) {
    c.scale(SHARP, SHARP);
    c.textAlign = 'center';
    draw(c);
  }
  drawn.set(key, canvas);
  return canvas;
}

const mark = (img: HTMLCanvasElement, scale: number) => new Icon({ img, scale: scale / SHARP, declutterMode: 'none' });

/** The plate of a target, its worth as notches. */
export const plate = (letter: string, worth: number, scale: number): Icon =>
  mark(
    pixels(`${letter}/${worth}/${token('ink')}`, 36, 24, (c) => {
      c.fillStyle = token('ink');
      c.fillRect(0, 0, 36, 24);
      for (let i = 0; i < worth; i++) c.clearRect(18 + (i - (worth - 1) / 2) * 8 - 2, 18, 4, 6);
      c.fillStyle = '#fff';
      c.font = "700 13px 'Atkinson Hyperlegible Mono Variable', monospace";
      c.fillText(letter, 18, 13.5);
    }),
    scale,
  );

/** A number in the order, as a disc. */
export const turnDisc = (turn: number): Icon =>
  mark(
    pixels(`turn ${turn}/${token('ink')}`, 28, 28, (c) => {
      const round = (colour: string, radius: number) => {
        c.fillStyle = token(colour);
        c.beginPath();
        c.arc(14, 14, radius, 0, 2 * Math.PI);
        c.fill();
      };
      round('paper', 14);
      round('ink', 12);
      c.fillStyle = token('paper');
      c.font = "700 15px 'Atkinson Hyperlegible Next Variable'";
      c.fillText(String(turn), 14, 19);
    }),
    1,
  );
