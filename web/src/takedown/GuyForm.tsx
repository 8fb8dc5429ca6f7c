import { Button, Checkbox } from 'antd';
import { Stepper } from '../app/Stepper';
import { AnchorForm } from './AnchorForm';
import { LinePick } from './LinePick';
import { Remarks } from './Remarks';
import type { Draft, Takedown, View } from './useTakedown';
import css from './takedown.module.css';
import { msg } from './words';

type Guy = NonNullable<Draft['guy']>;
type Props = { t: Takedown; view: View; leader: boolean };

/** A back guy: what it has to hold first, between which pulls it does, then how it is rigged. */
export function GuyForm({ t, view, leader }: Props) {
  if (!t.draft) return null;
  const guy = t.draft.guy;
  const put = (g?: Guy) => t.change({ guy: g });
  if (!guy) {
    const behind = view.anchors.at(0);
    return leader ? (
      <Button
        block
        size="large"
        onClick={() =>
          put({
            heightM: (view.figure?.heightM ?? 10) / 2,
            deg: behind?.deg ?? 0,
            awayM: behind?.awayM ?? 15,
            sound: behind?.sound,
            anchorHeightM: 0.5,
            pretensionN: 1000,
            proven: false,
          })
        }
      >
        {msg('rigGuy')}
      </Button>
    ) : null;
  }
  const set = (more: Partial<Guy>) => put({ ...guy, ...more });
  const held = view.guy;
  const from = held?.said.fromN;
  const to = held?.said.toN;
  return (
    <section aria-label={msg('guy')} className={css.form}>
      <h2>
        {msg('guy')} <span>{msg('guyHolds')}</span>
      </h2>
      {held?.said.neededN && (
        <div className={css.weakest} data-severity={held.shareSeverity}>
          <b className={css.big}>{held.said.share ?? '?'}</b>
          <span>
            <b>{msg('guyNeeds', { needed: held.said.neededN, piece: held.forPiece ?? 'none' })}</b>
            <small>
              {held.said.share && held.said.mayN
                ? msg('guyMay', { share: held.said.share, may: held.said.mayN })
                : msg('nobodyKnows')}
            </small>
          </span>
        </div>
      )}
      {from && to && (held.fromN ?? 0) <= (held.toN ?? 0) && <p>{msg('guyPull', { from, to })}</p>}
      {held && <Remarks of={held.remarks} />}
      <LinePick value={guy.line} change={(line) => set({ line })} leader={leader} />
      <AnchorForm anchors={view.anchors} value={guy} change={set} leader={leader} least={1} most={200} />
      <Stepper
        label={msg('guyHigh')}
        unit="m"
        value={guy.heightM}
        onChange={(v) => v !== null && set({ heightM: v })}
        step={0.5}
        digits={1}
        min={0.5}
        max={60}
      />
      <Stepper
        label={msg('pretension')}
        unit="N"
        value={guy.pretensionN}
        onChange={(v) => v !== null && set({ pretensionN: v })}
        step={250}
        digits={0}
        min={0}
      />
      <Stepper
        label={msg('turned')}
        unit="°"
        value={guy.turnedDeg ?? null}
        onChange={(v) => set({ turnedDeg: v ?? undefined })}
        step={0.5}
        digits={1}
        min={0}
        max={40}
      />
      <Checkbox disabled={!leader} checked={guy.proven} onChange={(e) => set({ proven: e.target.checked })}>
        {msg('proven')}
      </Checkbox>
      {leader && (
        <Button type="text" onClick={() => put(undefined)}>
          {msg('takeGuy')}
        </Button>
      )}
    </section>
  );
}
