/** Lengths as people say and read them. The server only ever sees metres. */
export type Units = 'metric' | 'feet';
const KEY = 'antevid.units';
const METRES_PER_INCH = 0.0254;

export const units = (): Units => (localStorage.getItem(KEY) === 'feet' ? 'feet' : 'metric');

export function setUnits(chosen: Units): void {
  if (units() === chosen) return;
  localStorage.setItem(KEY, chosen);
  window.dispatchEvent(new Event('antevid-units'));
}

const FRACTION = String.raw`(\d+)\s*/\s*(\d+)`;
const NUMBER = String.raw`\d+(?:\.\d+)?`;
const FEET = new RegExp(String.raw`^(${NUMBER})\s*(?:'|ft|feet|′)\s*(.*)$`);
const INCHES = new RegExp(String.raw`^(?:(${NUMBER})(?:[\s-]+${FRACTION})?|${FRACTION})\s*(?:"|in|inch|inches|″|'')?$`);
const METRES = new RegExp(String.raw`^(${NUMBER.replace('\\.', '[.,]')})\s*(m|cm|mm)?$`);

function inches(text: string): number | null {
  const m = INCHES.exec(text);
  if (!m) return null;
  const [, whole, num, den, aloneNum, aloneDen] = m;
  if (den === '0' || aloneDen === '0') return null;
  return aloneNum ? Number(aloneNum) / Number(aloneDen) : Number(whole) + (num ? Number(num) / Number(den) : 0);
}

/** `5' 7 1/2"`, `5ft`, `67 1/2 in`, `1.7 m`, `170 cm`; a bare number is in the unit of the field. Null for what is no length. */
export function parseLength(said: string, bare: Units): number | null {
  const text = said.trim().toLowerCase();
  const sign = /^[-−]/.test(text) ? -1 : 1;
  const rest = text.replace(/^[-−+]\s*/, '');
  const metric = METRES.exec(rest);
  if (metric && (metric[2] || bare === 'metric')) {
    return (
      sign *
      Number(metric[1].replace(',', '.')) *
      { m: 1, cm: 0.01, mm: 0.001 }[(metric[2] ?? 'm') as 'm' | 'cm' | 'mm']
    );
  }
  const feet = FEET.exec(rest);
  if (feet) {
    const more = feet[2] === '' ? 0 : inches(feet[2]);
    return more === null ? null : sign * (Number(feet[1]) * 12 + more) * METRES_PER_INCH;
  }
  if (/["″]|''|in/.test(rest)) {
    const only = inches(rest);
    return only === null ? null : sign * only * METRES_PER_INCH;
  }
  return bare === 'feet' && /^\d+(\.\d+)?$/.test(rest) ? sign * Number(rest) * 12 * METRES_PER_INCH : null;
}

/** `5 ft 7 1/2 in`, to a quarter inch: said as the server says it. */
export function feetInches(metres: number): string {
  const quarters = Math.round((Math.abs(metres) / METRES_PER_INCH) * 4);
  const feet = Math.floor(quarters / 48);
  const inch = Math.floor((quarters % 48) / 4);
  const part = ['', '1/4', '1/2', '3/4'][quarters % 4];
  const inches = [inch > 0 || part === '' ? `${inch}` : '', part].filter(Boolean).join(' ');
  const said = [feet > 0 ? `${feet} ft` : '', feet > 0 && inches === '0' ? '' : `${inches} in`];
  return (metres < 0 ? '−' : '') + said.filter(Boolean).join(' ');
}

/** A length with its unit, as this person reads it. */
export const length = (metres: number, digits = 1): string =>
  units() === 'feet' ? feetInches(metres) : `${metres.toFixed(digits)} m`;

/** A small length somebody chooses from, as this person reads it. */
export const small = (metres: number): string =>
  units() === 'feet' ? feetInches(metres) : `${Math.round(metres * 100)} cm`;

const MPH_MS = 0.44704;

/** A speed somebody chooses from, as this person reads it. */
export const speed = (ms: number): string => (units() === 'feet' ? `${Math.round(ms / MPH_MS)} mph` : `${ms} m/s`);

/** What forces, weights and speeds are typed in by who reads in feet: the unit and how many of it are one of ours. */
export const IMPERIAL: Partial<Record<string, { unit: string; per: number; step: number; digits: number }>> = {
  kN: { unit: 'lb', per: 224.809, step: 100, digits: 0 },
  t: { unit: 'lb', per: 2204.62, step: 500, digits: 0 },
  'm/s': { unit: 'mph', per: 1 / MPH_MS, step: 1, digits: 1 },
  mm: { unit: 'in', per: 1 / 25.4, step: 0.25, digits: 2 },
  cm: { unit: 'in', per: 1 / 2.54, step: 0.5, digits: 1 },
};

/** What a press of a big button moves a length by. */
export const stepM = (metricStep: number): number =>
  units() === 'metric'
    ? metricStep
    : metricStep >= 0.5
      ? 12 * METRES_PER_INCH
      : metricStep >= 0.05
        ? METRES_PER_INCH
        : METRES_PER_INCH / 4;
