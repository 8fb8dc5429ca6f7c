import css from '../../ui/layout.module.css';
import { Pairs } from '../../ui/Rows';
import { Button } from 'antd';
import type { Schemas } from '../../api/client';
import { msg } from './words';

/** What the one who sights the notch holds in the hand. */
export function SightingCard({ v, close }: { v: Schemas['LayView']; close: () => void }) {
  return (
    <div className="sheet" role="dialog" aria-label={msg('sightingCard')}>
      <h1>{msg('sightTheNotch', { stem: v.stem })}</h1>
      <p className={`hero ${css.layLine}`}>{v.aiming.correction?.said.aimDeg ?? v.said.layDeg}</p>
      <p>
        {v.aiming.correction
          ? msg('forALayOf', {
              layDeg: v.said.layDeg,
              correctDeg: v.aiming.correction.said.correctDeg,
              side: v.aiming.correction.side === 'LEFT' ? 'yes' : 'no',
            })
          : msg('noDriftExpected')}
      </p>
      <Pairs
        rows={[
          ...v.aiming.landmarks.map(
            (m) =>
              [
                <>
                  {msg('theLayPasses')} <b>{m.words}</b>
                </>,
                msg('away', { away: m.away }),
              ] as const,
          ),
          [
            msg('offAtTheStump', { offM: v.aiming.said.offM }),
            <>
              <b>{v.aiming.said.missM}</b> {msg('atTheTipUp')}
            </>,
          ],
          [
            msg('mOffAtThe'),
            <>
              <b>{v.aiming.said.hingeOffFor1mMissM}</b> {msg('atTheHinge')}
            </>,
          ],
          [
            'spread',
            v.control.said.within95Deg === undefined ? msg('notKnown') : `±${v.control.said.within95Deg} (95 %)`,
          ],
        ]}
      />
      <p className="s">{msg('sightAlongTheSaws')}</p>
      <div className={`no-print ${css.buttonsBelow}`}>
        <Button size="large" block onClick={() => window.print()}>
          {msg('print')}
        </Button>
        <Button type="primary" size="large" block onClick={close}>
          {msg('close')}
        </Button>
      </div>
    </div>
  );
}
