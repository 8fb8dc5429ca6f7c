/** One palette for controls (antd tokens) and drawings (CSS variables). Nothing else holds a colour. */
export type Palette = Record<
  | 'paper'
  | 'panel'
  | 'ink'
  | 'mute'
  | 'line'
  | 'hair'
  | 'edge'
  | 'act'
  | 'actDeep'
  | 'onAct'
  | 'lay'
  | 'esc'
  | 'drop'
  | 'keep'
  | 'second'
  | 'ok'
  | 'slate'
  | 'wood'
  | 'bored'
  | 'water'
  | 'ground'
  | 'leaf'
  | 'build',
  string
> & { weight: number };

export const paper: Palette = {
  paper: '#F7F5EF',
  panel: '#FFFFFF',
  ink: '#1D2A26',
  mute: '#55625C',
  line: '#D9D5C8',
  hair: '#ECE9DF',
  edge: '#6F7C75',
  act: '#1F5C4A',
  actDeep: '#153F33',
  onAct: '#DCEBE4',
  lay: '#A3195B',
  esc: '#0B5CAD',
  drop: '#9A6700',
  keep: '#B3261E',
  second: '#5B3E9B',
  ok: '#1E6B45',
  slate: '#4A5560',
  wood: '#C9C2AC',
  bored: '#DAD5C6',
  water: '#DFE6E3',
  ground: '#EFECE2',
  leaf: '#8B958F',
  build: '#FFFFFF',
  weight: 1,
};
/** Glare: black on white, no tints, every line one step up; meaning keeps its colour, darkened to 7:1 and more. */
export const glare: Palette = {
  ...paper,
  paper: '#FFFFFF',
  panel: '#FFFFFF',
  ink: '#000000',
  mute: '#1C1C1C',
  line: '#4A4A4A',
  hair: '#8A8A8A',
  edge: '#000000',
  act: '#0E3D30',
  actDeep: '#000000',
  onAct: '#FFFFFF',
  lay: '#8A0F4A',
  esc: '#084A8C',
  drop: '#6E4A00',
  keep: '#9B1B14',
  second: '#452C7D',
  ok: '#0F5232',
  slate: '#2B333B',
  wood: '#DDDDDD',
  bored: '#EEEEEE',
  water: '#F1F1F1',
  ground: '#FFFFFF',
  leaf: '#3A3A3A',
  build: '#FFFFFF',
  weight: 1.6,
};

export const text = "'Atkinson Hyperlegible Next Variable', sans-serif";
export const mono = "'Atkinson Hyperlegible Mono Variable', monospace";

/** Put on <html>; drawings and CSS modules read var(--lay), var(--w) ... so the glare switch reaches them too. */
export const cssVars = (p: Palette): Record<string, string> =>
  Object.fromEntries(
    Object.entries(p).map(([k, v]) => [
      k === 'weight' ? '--w' : `--${k.replace(/[A-Z]/g, (c) => '-' + c.toLowerCase())}`,
      String(v),
    ]),
  );
