import { Button } from 'antd';
import { Mark } from '../figures/Mark';
import { FilePick } from '../ui/FilePick';
import type { Takedown, View } from './useTakedown';
import css from './takedown.module.css';
import { WayMark } from './WayMark';
import { msg } from './words';

type Props = {
  base: string;
  file: string;
  t: Takedown;
  view: View;
  chosen?: number;
  choose: (n: number) => void;
  leader: boolean;
};

/** All pieces in their order, each with what it weighs and how far its weakest link is used. */
export function PieceList({ base, file, t, view, chosen, choose, leader }: Props) {
  const addCut = () => {
    if (!t.draft) return;
    const top = view.leftM ?? view.figure?.heightM ?? 0;
    const last = t.draft.cuts.at(-1);
    const cut = { atM: Math.max(view.figure?.footM ?? 0, top - 1), way: last?.way ?? ('LET_RUN' as const) };
    t.change({ cuts: [...t.draft.cuts, cut] });
    choose(t.draft.cuts.length + 1);
  };
  return (
    <>
      <h2>
        {msg('order')} <span>{msg('kgHigh')}</span>
      </h2>
      {view.pieces.length === 0 && <p className="empty">{msg('proposeFirst')}</p>}
      <ol className={css.order}>
        {view.pieces.map((p) => (
          <li key={p.number}>
            <Button
              type="text"
              className={css.pieceRow}
              data-down={p.down}
              aria-current={p.number === chosen ? 'true' : undefined}
              onClick={() => choose(p.number)}
            >
              <b className="n">{p.number}</b>
              <WayMark way={p.way} />
              <span>
                {p.limb ? msg('limbPiece', { limb: p.limb }) : msg('logPiece', { from: p.said.atM })}
                <small> {p.down ? msg('isDown') : p.wayWords}</small>
              </span>
              <span className="n">{p.said.massHighKg}</span>
              <span className="n">{p.chain.length > 0 && (p.chain[0].said.share ?? '?')}</span>
              <Mark kind={p.down ? 'none' : p.severity === 'NOTE' ? 'ready' : p.severity} />
            </Button>
          </li>
        ))}
      </ol>
      {leader && (
        <div className="two">
          <Button size="large" type={view.pieces.length === 0 ? 'primary' : 'default'} onClick={() => void t.propose()}>
            {msg('propose')}
          </Button>
          <Button size="large" disabled={view.whole} onClick={addCut}>
            {msg('addCut')}
          </Button>
        </div>
      )}
      <div className="chips">
        {view.id && (
          <>
            <a className="chip" href={`${base}/sheet.pdf`} download>
              {msg('sheetPdf')}
            </a>
            <a className="chip" href={`${base}/sheet.svg`} download>
              {msg('sheetSvg')}
            </a>
            <a className="chip" href={`${base}/pieces.csv`} download>
              {msg('piecesCsv')}
            </a>
            <a className="chip" href={file} download="takedown.json">
              {msg('allPlans')}
            </a>
          </>
        )}
        {leader && view.figure && (
          <FilePick label={msg('readPieces')} accept=".csv,text/csv" onFile={(f) => void t.read(f)}>
            <Button>{msg('readPieces')}</Button>
          </FilePick>
        )}
        {leader && (
          <FilePick label={msg('readPlans')} accept=".json,application/json" onFile={(f) => void t.readAll(f)}>
            <Button>{msg('readPlans')}</Button>
          </FilePick>
        )}
      </div>
    </>
  );
}
