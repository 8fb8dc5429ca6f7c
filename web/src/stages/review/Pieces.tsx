import { useQuery } from '@tanstack/react-query';
import { api, data, type Schemas } from '../../api/client';
import { Rows } from '../../ui/Rows';
import { msg } from './words';

type Piece = Schemas['PieceCameView'];

/** Trees of the job that came down in pieces. */
export const usePieces = (job: string) =>
  useQuery({
    queryKey: ['job', job, 'review', 'pieces'],
    queryFn: () => data(api.GET('/api/jobs/{job}/review/pieces', { params: { path: { job } } })),
  }).data;

/** What each was briefed at, what it weighed, what it took, how it went. */
export function Pieces({ job }: { job: string }) {
  const trees = usePieces(job);
  if (!trees?.length) return null;
  return (
    <section aria-label={msg('inPieces')}>
      {trees.map((t) => (
        <div key={t.stem}>
          <h2>
            {msg('stemInPieces', { stem: t.stem })} <span>{msg('briefedAndRead')}</span>
          </h2>
          {t.pieces.length > 0 && (
            <Rows
              label={msg('stemInPieces', { stem: t.stem })}
              rows={t.pieces}
              keyOf={(p) => p.numbers.join()}
              columns={[
                {
                  cell: (p) => (
                    <>
                      <b>{msg('pieces', { pieces: p.numbers.join(', '), count: p.numbers.length })}</b> {p.wentWords}
                      <br />
                      <small>
                        {p.wayWords}, {msg('upTo', { mass: p.said.briefedKg ?? '', line: p.said.lineN ?? 'none' })}
                      </small>
                      {p.lineLookedOver && (
                        <>
                          <br />
                          <b>{msg('lineLookedOver')}</b>
                        </>
                      )}
                    </>
                  ),
                },
                {
                  quantity: true,
                  cell: (p) => (
                    <>
                      <Weight p={p} />
                      <br />
                      <Minutes p={p} />
                    </>
                  ),
                },
              ]}
            />
          )}
          {t.weights.map((w) => (
            <p key={w.group}>
              {msg('weighedAs', { group: w.words, factor: w.said.factor ?? '', readings: w.readings })}
            </p>
          ))}
        </div>
      ))}
    </section>
  );
}

function Weight({ p }: { p: Piece }) {
  if (!p.said.weighedKg) return msg('notWeighed');
  return (
    <b>
      {p.said.weighedKg} ({(p.more ?? 0) > 0 ? '+' : ''}
      {p.said.more})
    </b>
  );
}

const Minutes = ({ p }: { p: Piece }) =>
  p.tookMin === undefined
    ? msg('minutesNotKnown', { planned: p.briefedMin })
    : msg('minutes', { took: p.tookMin, planned: p.briefedMin });
