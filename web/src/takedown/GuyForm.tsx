import { Button, Checkbox } from 'antd';
import { Stepper } from '../app/Stepper';
import { AnchorForm } from './AnchorForm';
import { KitPick } from './KitPick';
import { Remarks } from './Remarks';
import { useBegun } from './useBegun';
import type { Draft, Takedown, View } from './useTakedown';
import css from './takedown.module.css';
import { msg } from './words';

const NEEDS = ['deg', 'awayM', 'heightM', 'anchorHeightM', 'pretensionN'] as const;

type Guy = NonNullable<Draft['guy']>;
type Props = { t: Takedown; view: View; leader: boolean };

/** A back guy: what it has to hold first, between which pulls it does, then how it is rigged. */
export function GuyForm({ t, view, leader }: Props) {
  const begun = useBegun<Guy>(t.draft?.guy, NEEDS, { proven: false }, (guy) => t.change({ guy }));
  if (!t.draft) return null;
  const guy = begun.value;
  if (!guy) {
    return leader ? (
      <Button block size="large" onClick={begun.begin}>
        {msg('rigGuy')}
      </Button>
    ) : null;
  }
  const { set, missing } = begun;
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
      {missing.length > 0 && <p className="refused">{msg('guyNotYet')}</p>}
      <KitPick kind="ROPE" label={msg('line')} value={guy.line} change={(line) => set({ line })} leader={leader} />
      <AnchorForm anchors={view.choices.anchors} value={guy} change={set} leader={leader} least={1} most={200} behind />
      <Stepper
        label={msg('guyHigh')}
        unit="m"
        value={guy.heightM ?? null}
        onChange={(v) => set({ heightM: v ?? undefined })}
        step={0.5}
        digits={1}
        min={0.5}
        max={60}
      />
      <Stepper
        label={msg('guyAnchorHigh')}
        unit="m"
        value={guy.anchorHeightM ?? null}
        onChange={(v) => set({ anchorHeightM: v ?? undefined })}
        step={0.5}
        digits={1}
        min={-20}
        max={40}
      />
      <Stepper
        label={msg('pretension')}
        unit="N"
        value={guy.pretensionN ?? null}
        onChange={(v) => set({ pretensionN: v ?? undefined })}
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
      <Checkbox disabled={!leader} checked={guy.proven ?? false} onChange={(e) => set({ proven: e.target.checked })}>
        {msg('proven')}
      </Checkbox>
      {leader && (
        <Button type="text" onClick={begun.drop}>
          {msg('takeGuy')}
        </Button>
      )}
    </section>
  );
}
