import type { Schemas } from '../../api/client';
import { Stump } from '../../stump/Stump';
import { Rows } from '../../ui/Rows';
import css from './stumps.module.css';
import { msg } from './words';

type Row = Schemas['StumpRow'];

/** A turn is said to its side; a length with its sign. */
function off(r: Row): string {
  if (!r.off || r.more === undefined) return '–';
  if (r.part === 'NOTCH_LINE') return `${r.off.words} ${msg(r.more ? 'right' : 'left')}`;
  return `${r.more ? '+' : '−'}${r.off.words}`;
}

/** Planned and found side by side to one scale, what differs between them in numbers. */
export function Stumps({ o }: { o: Schemas['Outcome'] }) {
  const d = o.stump.drawn;
  const of = (part: Row['part']) => o.stump.rows.find((r) => r.part === part);
  const [left, right] = [of('HINGE_LEFT'), of('HINGE_RIGHT')];
  if (!d) return null;
  return (
    <section aria-label={msg('stumpsOf', { stem: o.stem })} className={css.stumps}>
      <figure>
        <figcaption>{msg('stumpPlanned', { stem: o.stem })}</figcaption>
        <Stump
          drawn={d}
          sketch={d.planned}
          label={msg('stumpPlanned', { stem: o.stem })}
          lay={msg('lay')}
          left={left?.planned?.words}
          right={right?.planned?.words}
        />
      </figure>
      <div className={css.numbers}>
        {o.stump.rows.length > 0 && (
          <Rows
            label={msg('stumpsOf', { stem: o.stem })}
            rows={o.stump.rows}
            keyOf={(r) => r.part}
            columns={[
              { cell: (r) => r.named.words },
              { head: msg('plan'), cell: (r) => r.planned?.words ?? '–', quantity: true },
              { head: msg('found'), cell: (r) => r.found.words, quantity: true },
              { head: msg('off'), cell: (r) => <b>{off(r)}</b>, quantity: true },
            ]}
          />
        )}
        {d.sectors.length > 0 && (
          <ol className={css.sectors}>
            {d.sectors.map((s) => (
              <li key={s.sector}>
                {s.named.words}: <b>{s.looks.words}</b>
              </li>
            ))}
          </ol>
        )}
        {o.measured.stump.photo && <small>{msg('photoScale', { off: o.measured.stump.photo.said.lengthM })}</small>}
      </div>
      <figure>
        <figcaption>{msg(d.found ? 'stumpFound' : 'stumpNotRead', { by: o.measured.stump.by })}</figcaption>
        {d.found && (
          <Stump
            drawn={d}
            sketch={d.found}
            label={msg('stumpFound', { by: o.measured.stump.by })}
            lay={msg('lay')}
            fell={{ deg: d.fellDeg, words: msg('fell') }}
            left={left?.found.words}
            right={right?.found.words}
            sectors={d.sectors}
          />
        )}
      </figure>
    </section>
  );
}
