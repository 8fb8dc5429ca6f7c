import { Button, Progress, Select } from 'antd';
import { Stepper } from '../app/Stepper';
import { Mark } from '../figures/Mark';
import { Rows } from '../ui/Rows';
import { Remarks } from './Remarks';
import type { Draft, Piece, Takedown, View } from './useTakedown';
import css from './takedown.module.css';
import { msg } from './words';

type Props = { t: Takedown; view: View; piece: Piece; leader: boolean };
type Cut = Draft['cuts'][number];

/** What the weakest link says already. */
const SAID_BY_THE_LINK: Piece['remarks'][number]['remark'][] = ['LINK_OVER', 'LINK_NEAR'];

const WORST_FIRST: Piece['severity'][] = ['STOP', 'SECOND_OPINION', 'CAUTION', 'NOTE'];

/** One piece: its weakest link first, how long it may be, the whole chain, held or let run. */
export function PieceCard({ t, view, piece, leader }: Props) {
  const weakest = piece.chain.at(0);
  const matters = [
    ...piece.remarks.filter((r) => !SAID_BY_THE_LINK.includes(r.remark)),
    ...piece.below.map((b) => ({ ...b, remark: b.what + b.severity })),
  ].sort((a, b) => WORST_FIRST.indexOf(a.severity) - WORST_FIRST.indexOf(b.severity));
  const roped = view.choices.ways.find((w) => w.value === piece.way)?.roped ?? false;
  const cut = piece.down ? undefined : t.draft?.cuts.at(piece.number - 1);
  const set = (more: Partial<Cut>) =>
    t.draft && t.change({ cuts: t.draft.cuts.map((c, i) => (i === piece.number - 1 ? { ...c, ...more } : c)) });
  const drop = () => t.draft && t.change({ cuts: t.draft.cuts.filter((_, i) => i !== piece.number - 1) });
  return (
    <section aria-label={msg('piece', { piece: piece.number })}>
      <h2>
        {msg('piece', { piece: piece.number })}{' '}
        <span>{msg('pieceIs', { way: piece.wayWords, mass: piece.said.massHighKg, length: piece.said.lengthM })}</span>
      </h2>
      {piece.down && <p className="s">{msg('isDownStays')}</p>}
      {weakest && !piece.down && (
        <div className={css.weakest} data-severity={weakest.severity}>
          <b className={css.big}>{weakest.said.share ?? '?'}</b>
          <span>
            <b>{msg('weakest', { link: weakest.words })}</b>
            <small>
              {weakest.forceWords && weakest.mayWords
                ? msg('forceOfMay', { force: weakest.forceWords, may: weakest.mayWords })
                : msg('nobodyKnows')}
              {weakest.said.heightM && ` · ${msg('at', { height: weakest.said.heightM })}`}
            </small>
          </span>
        </div>
      )}
      {piece.said.longestM && (
        <div className={css.longest}>
          <span>{msg('longest', { longest: piece.said.longestM, now: piece.said.lengthM })}</span>
          {leader && (
            <Button onClick={() => void t.shorten(piece.number)}>
              {msg('shorten', { longest: piece.said.longestM })}
            </Button>
          )}
        </div>
      )}
      {leader && piece.lowerBlockM !== undefined && (
        <Button block onClick={() => set({ blockM: piece.lowerBlockM })}>
          {msg('lowerBlock', { at: piece.said.lowerBlockM ?? '' })}
        </Button>
      )}
      <Remarks of={matters} />
      {piece.across && (
        <p className={css.zone}>
          {msg(piece.across.secondWraps === undefined ? 'across' : 'heldFirst', {
            wraps: piece.across.secondWraps ?? 'none',
            first: piece.across.said.firstN ?? '',
            second: piece.across.said.secondN ?? '',
            angle: piece.across.said.betweenDeg ?? '',
          })}
        </p>
      )}
      {piece.climber && (
        <p className={css.zone}>
          {msg('climberHangs', {
            tie: piece.climber.said.tieInM ?? '',
            peak: piece.climber.said.peakN ?? '',
            mass: piece.climber.said.kg ?? '',
          })}
        </p>
      )}
      {piece.topping && (
        <p className={css.zone}>
          {msg('topOver', {
            side: piece.topping.sideWords ?? '',
            toward: piece.topping.said.towardDeg ?? 'none',
            face: piece.topping.said.faceM ?? '',
            hinge: piece.topping.said.hingeM ?? '',
            push: piece.topping.said.pushN ?? '',
          })}
        </p>
      )}
      {piece.runs.length > 0 && cut && (
        <div className={css.runs} role="group" aria-label={msg('heldOrRun')}>
          {piece.runs.map((r) => (
            <Button
              key={r.runM}
              disabled={!leader}
              data-severity={r.holds ? undefined : 'STOP'}
              aria-pressed={(cut?.way === 'LET_RUN' ? (cut.runM ?? 1) : 0) === r.runM}
              onClick={() =>
                set(r.runM === 0 ? { way: 'TIED_BELOW', runM: undefined } : { way: 'LET_RUN', runM: r.runM })
              }
            >
              <span>
                <small>{r.runM === 0 ? msg('held') : msg('run', { run: r.said.runM })}</small>
                <b>{r.said.share ?? '?'}</b>
                <small>{r.worst}</small>
                <small>
                  {r.said.roomM && msg('room', { room: r.said.roomM })}
                  {r.said.tooDeepM && msg('tooDeep', { by: r.said.tooDeepM })}
                </small>
              </span>
            </Button>
          ))}
        </div>
      )}
      {piece.chain.length > 1 && (
        <>
          <h2>
            {msg('chain')} <span>{msg('forceMay')}</span>
          </h2>
          <Rows
            label={msg('chain')}
            rows={piece.chain}
            keyOf={(l) => `${l.kind}${l.heightM ?? ''}`}
            columns={[
              {
                cell: (l) => (
                  <>
                    <Mark kind={l.severity === 'NOTE' ? 'none' : l.severity} /> {l.words}
                    {l.said.heightM && <small> {msg('at', { height: l.said.heightM })}</small>}
                  </>
                ),
              },
              { quantity: true, cell: (l) => `${l.forceWords ?? '?'} / ${l.mayWords ?? '?'}` },
              { quantity: true, cell: (l) => <b>{l.said.share ?? msg('notKnown')}</b> },
            ]}
          />
        </>
      )}
      {piece.led.length > 0 && (
        <>
          <h2>
            {msg('led')} <span>{msg('ledBends')}</span>
          </h2>
          {piece.led.map((l) => (
            <div key={String(l.trunk)} className={css.led}>
              <span>{l.trunk ? msg('downTrunk') : msg('awayFrom')}</span>
              <Progress
                percent={Math.min(100, 100 * (l.share ?? 1))}
                showInfo={false}
                aria-label={`${l.worst ?? ''} ${l.said.share ?? msg('notKnown')}`}
              />
              <b className="n">{l.said.share ?? msg('notKnown')}</b>
            </div>
          ))}
        </>
      )}
      {piece.bed && (
        <p className={css.zone}>
          <Mark kind={piece.bed.lack ? 'CAUTION' : 'ready'} />{' '}
          {msg('ontoBed', {
            bed: piece.bed.name,
            as: piece.bed.said.asKg,
            takes: piece.bed.said.takesKg ?? 'none',
            lack: piece.bed.lackWords ?? 'none',
          })}
        </p>
      )}
      {piece.said.strikesM && piece.said.fallsM && (
        <p className={css.zone}>
          {msg('bed', { reach: piece.said.strikesM, mass: piece.said.massHighKg ?? '', from: piece.said.fallsM })}
        </p>
      )}
      <p className={css.zone}>
        {piece.said.keepOffM
          ? msg('keepOff', { ring: piece.said.keepOffM })
          : msg('zone', { across: piece.said.zoneAcrossM ?? 'none', down: piece.said.zoneDownM ?? 'none' })}
        {piece.wraps !== undefined && ` · ${msg('wraps', { wraps: piece.wraps })}`}
      </p>
      <p className={css.zone}>
        <b>{msg('then')}</b>{' '}
        {msg('thenStands', {
          top: piece.then.said.topM,
          mass: piece.then.said.highKg,
          lean: piece.then.said.leanNm,
          share: piece.then.said.leanShare ?? 'none',
        })}
        {piece.then.said.blockM &&
          ` · ${msg('nextBlock', { at: piece.then.said.blockM, across: piece.then.said.blockDiameterM ?? '' })}`}
        {piece.then.fault && ` · ${msg('nextFault', { fault: piece.then.fault, at: piece.then.said.faultM ?? '' })}`}
        {piece.then.faceTells && ` · ${msg('faceTells')}`}
      </p>
      {leader && cut && (
        <div className={css.form}>
          <Select
            size="large"
            aria-label={msg('wayDown')}
            value={cut.way}
            onChange={(way) => set({ way })}
            options={view.choices.ways.map((w) => ({ value: w.value, label: w.words }))}
          />
          <Stepper
            label={cut.limb ? msg('cutAlong') : msg('cutAt')}
            unit="m"
            value={cut.atM}
            onChange={(v) => v !== null && set({ atM: v })}
            step={0.1}
            digits={1}
            min={0}
          />
          {cut.way === 'TOPPED' && !cut.limb && (
            <Stepper
              label={msg('faceLooks')}
              unit="°"
              value={cut.towardDeg ?? null}
              onChange={(v) => set({ towardDeg: v === null ? undefined : (v + 360) % 360 })}
              step={10}
              digits={0}
              min={-10}
              max={360}
            />
          )}
          {roped && (
            <Stepper
              label={msg('blockAt')}
              unit="m"
              value={cut.blockM ?? piece.block?.upM ?? null}
              onChange={(v) => set({ blockM: v ?? undefined })}
              step={0.1}
              digits={1}
              min={0}
            />
          )}
          <Button type="text" onClick={drop}>
            {msg('leaveCutOut')}
          </Button>
        </div>
      )}
    </section>
  );
}
