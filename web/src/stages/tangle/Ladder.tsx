import { Button } from 'antd';
import type { Schemas } from '../../api/client';
import css from './tangle.module.css';
import { msg } from './words';

type View = Schemas['TangleView'];
type Stem = Schemas['TangledStem'];

/** What a stem presses with where it rests on that one. */
const loadOn = (s: Stem, other: string) => s.rests.find((r) => r.other === other && r.side === 'BELOW')?.said.loadKg;

type Rung = { stem?: Stem; name: string; load?: string; also: string[] };

/** What else it bears on, besides what stands below it in the column. */
const also = (s: Stem) => s.bearsOn.slice(1).map((other) => s.rests.find((r) => r.other === other)?.otherName ?? other);

/** Follows what rests on what from an uppermost stem down. */
function chain(t: View, top: Stem): Rung[] {
  const out: Rung[] = [{ stem: top, name: top.label, also: also(top) }];
  let at: Stem | undefined = top;
  const seen = new Set([top.label]);
  while (at) {
    const below: string | undefined = at.bearsOn.find((x) => !seen.has(x));
    if (!below) break;
    seen.add(below);
    const next: Stem | undefined = t.stems.find((s) => s.label === below);
    const name = at.rests.find((r) => r.other === below)?.otherName ?? below;
    out.push({ stem: next, name, load: loadOn(at, below), also: next ? also(next) : [] });
    at = next;
  }
  return out;
}

/** The tangle as layers: uppermost on top, what goes first on the left. */
export function Ladder({ t, chosen, choose }: { t: View; chosen?: string; choose: (id: string) => void }) {
  const tops = t.stems
    .filter((s) => s.bears.filter((b) => t.stems.some((x) => x.label === b)).length === 0)
    .sort((a, b) => (a.turn ?? 99) - (b.turn ?? 99));
  const shown = tops.length > 0 ? tops : t.stems;
  return (
    <div className={css.ladder} role="group" aria-label={msg('ladder')}>
      {shown.map((top) => (
        <div key={top.label} className={css.column}>
          {chain(t, top).map((c) => (
            <div key={c.name}>
              {c.load !== undefined && <div className={css.load}>↓ {c.load}</div>}
              {c.stem ? (
                <Button
                  type="text"
                  className={css.rung}
                  aria-pressed={c.stem.stemId === chosen}
                  onClick={() => c.stem && choose(c.stem.stemId)}
                >
                  {c.stem.turn !== undefined && <span className={css.disc}>{c.stem.turn}</span>}
                  {c.name}
                  {c.also.length > 0 && <small> {msg('alsoOn', { others: c.also.join(', ') })}</small>}
                </Button>
              ) : (
                <div className={`${css.rung} ${css.kept}`}>
                  {c.name} <small>{msg('stays')}</small>
                </div>
              )}
            </div>
          ))}
        </div>
      ))}
    </div>
  );
}
