import { Button } from 'antd';
import type { Schemas } from '../../api/client';

/** What the one who sights the notch holds in the hand. */
export function SightingCard({ v, close }: { v: Schemas['LayView']; close: () => void }) {
  return (
    <div className="sheet" role="dialog" aria-label="Sighting card">
      <h1>{v.stem}: sight the notch</h1>
      <p className="hero" style={{ color: 'var(--lay)', margin: '8px 0' }}>
        {v.aim?.said.aimDeg ?? v.said.layDeg}
      </p>
      <p>
        {v.aim
          ? `for a lay of ${v.said.layDeg}: it drifts ${v.aim.said.correctDeg} to the ${v.aim.side === 'LEFT' ? 'right' : 'left'}`
          : 'no drift expected'}
      </p>
      <table>
        <tbody>
          {v.landmarks.map((m) => (
            <tr key={m.words}>
              <td>
                the lay passes <b>{m.words}</b>
              </td>
              <td className="r n">{m.away} away</td>
            </tr>
          ))}
          <tr>
            <td>{v.figures.off} off at the stump</td>
            <td className="r n">
              <b>{v.figures.missWhenOff}</b> at the tip, up
            </td>
          </tr>
          <tr>
            <td>1 m off at the tip</td>
            <td className="r n">
              <b>{v.said.hingeOffFor1mMissM}</b> at the hinge
            </td>
          </tr>
          <tr>
            <td>spread</td>
            <td className="r n">{v.said.within95Deg === undefined ? 'not known' : `±${v.said.within95Deg} (95 %)`}</td>
          </tr>
        </tbody>
      </table>
      <p className="s">
        Sight along the saw’s mark with the notch open, check from behind and from aside, correct before the back cut.
      </p>
      <div style={{ display: 'flex', gap: 10, marginTop: 10 }} className="no-print">
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
