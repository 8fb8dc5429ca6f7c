import css from '../../ui/layout.module.css';
import { Pairs } from '../../ui/Rows';
import { Button } from 'antd';
import type { Schemas } from '../../api/client';

/** What the one who sights the notch holds in the hand. */
export function SightingCard({ v, close }: { v: Schemas['LayView']; close: () => void }) {
  return (
    <div className="sheet" role="dialog" aria-label="Sighting card">
      <h1>{v.stem}: sight the notch</h1>
      <p className={`hero ${css.layLine}`}>{v.aiming.correction?.said.aimDeg ?? v.said.layDeg}</p>
      <p>
        {v.aiming.correction
          ? `for a lay of ${v.said.layDeg}: it drifts ${v.aiming.correction.said.correctDeg} to the ${v.aiming.correction.side === 'LEFT' ? 'right' : 'left'}`
          : 'no drift expected'}
      </p>
      <Pairs
        rows={[
          ...v.aiming.landmarks.map(
            (m) =>
              [
                <>
                  the lay passes <b>{m.words}</b>
                </>,
                `${m.away} away`,
              ] as const,
          ),
          [
            `${v.aiming.said.offM} off at the stump`,
            <>
              <b>{v.aiming.said.missM}</b> at the tip, up
            </>,
          ],
          [
            '1 m off at the tip',
            <>
              <b>{v.aiming.said.hingeOffFor1mMissM}</b> at the hinge
            </>,
          ],
          ['spread', v.control.said.within95Deg === undefined ? 'not known' : `±${v.control.said.within95Deg} (95 %)`],
        ]}
      />
      <p className="s">
        Sight along the saw’s mark with the notch open, check from behind and from aside, correct before the back cut.
      </p>
      <div className={`no-print ${css.buttonsBelow}`}>
        <Button size="large" block onClick={() => window.print()}>
          Print
        </Button>
        <Button type="primary" size="large" block onClick={close}>
          Close
        </Button>
      </div>
    </div>
  );
}
