import css from '../../ui/layout.module.css';
import { Pairs } from '../../ui/Rows';
import { Button } from 'antd';
import type { Schemas } from '../../api/client';

/** What the one who sights the notch holds in the hand. */
export function SightingCard({ v, close }: { v: Schemas['LayView']; close: () => void }) {
  return (
    <div className="sheet" role="dialog" aria-label="Sighting card">
      <h1>{v.stem}: sight the notch</h1>
      <p className={`hero ${css.layLine}`}>{v.aim?.said.aimDeg ?? v.said.layDeg}</p>
      <p>
        {v.aim
          ? `for a lay of ${v.said.layDeg}: it drifts ${v.aim.said.correctDeg} to the ${v.aim.side === 'LEFT' ? 'right' : 'left'}`
          : 'no drift expected'}
      </p>
      <Pairs
        rows={[
          ...v.landmarks.map(
            (m) =>
              [
                <>
                  the lay passes <b>{m.words}</b>
                </>,
                `${m.away} away`,
              ] as const,
          ),
          [
            `${v.figures.off} off at the stump`,
            <>
              <b>{v.figures.missWhenOff}</b> at the tip, up
            </>,
          ],
          [
            '1 m off at the tip',
            <>
              <b>{v.said.hingeOffFor1mMissM}</b> at the hinge
            </>,
          ],
          ['spread', v.said.within95Deg === undefined ? 'not known' : `±${v.said.within95Deg} (95 %)`],
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
