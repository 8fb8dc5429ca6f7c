import { Button } from 'antd';
import { Chips, Stepper } from '../app/Stepper';
import { Mark } from '../figures/Mark';
import { usePlanTools } from '../plan/planTools';
import { padsOf, padsWith } from './padsOf';
import { Pick } from './Pick';
import { Remarks } from './Remarks';
import type { Crane, CraneView, Pad } from './useCrane';
import css from './takedown.module.css';
import { msg } from './words';

type Props = {
  c: Crane;
  view: CraneView;
  leader: boolean;
  /** The pad that is looked at. */
  open?: number;
  setOpen: (number?: number) => void;
};

/** What each leg presses on the ground, and what is beside it; one is opened at a time. */
export function PadList({ c, view, leader, open, setOpen }: Props) {
  const { pick, setSketch } = usePlanTools();
  if (view.pads.length === 0) return null;
  const pads = padsOf(c.draft, view);
  const set = (number: number, more: Partial<Pad>) => c.change(padsWith(view, number, more));
  const all = (more: Partial<Pad>) => c.change(padsWith(view, 'all', more));
  const drag = () =>
    setSketch({
      what: 'edit',
      id: 'pads',
      form: 'POLYGON',
      outline: view.pads.map((p) => p.at),
      hint: msg('dragPads'),
      done: (outline) => {
        setSketch(undefined);
        c.change((now) => ({ pads: padsOf(now, view).map((p, i) => ({ ...p, at: outline[i] ?? p.at })) }));
      },
    });
  return (
    <section aria-label={msg('pads')}>
      <h2>
        {msg('pads')} <span>{msg('padsPress')}</span>
      </h2>
      {leader && (
        <div className={css.form}>
          <Button onClick={() => pick(msg('putCrane'), (at) => c.change({ at, pads: [] }))}>{msg('moveCrane')}</Button>
          <Button onClick={drag}>{msg('dragPads')}</Button>
        </div>
      )}
      {view.pads.map((p) => {
        const now = pads.at(p.number - 1);
        if (!now) return null;
        return (
          <div key={p.number} className={css.pad} data-severity={p.severity}>
            <Button
              type="text"
              block
              aria-expanded={open === p.number}
              onClick={() => setOpen(open === p.number ? undefined : p.number)}
            >
              <Mark kind={p.severity === 'NOTE' ? 'none' : p.severity} />
              <b>{msg('pad', { number: p.number })}</b>
              <span className="n">
                {[p.said.loadN, p.said.share, p.said.sideNeededM && msg('sideNeeded', { side: p.said.sideNeededM })]
                  .filter(Boolean)
                  .join(' · ') || msg('notKnown')}
              </span>
            </Button>
            {/* what goes as it is answered stands below: nothing moves under the finger that answers */}
            {!(open === p.number && leader) && <Remarks of={p.remarks} />}
            {open === p.number && leader && (
              <div className={css.form}>
                <Pick
                  label={msg('soil')}
                  none={msg('notKnown')}
                  value={now.soil}
                  change={(soil) => set(p.number, { soil })}
                  options={view.soils.map((s) => ({ value: s.value, label: s.words }))}
                />
                {now.soil && <Button onClick={() => all({ soil: now.soil })}>{msg('soilOfAll')}</Button>}
                <Stepper
                  label={msg('padSide')}
                  unit="m"
                  value={now.sideM}
                  onChange={(v) => v !== null && set(p.number, { sideM: v })}
                  step={0.1}
                  digits={2}
                  min={0.05}
                  max={5}
                />
                <Stepper
                  label={msg('edgeDepth')}
                  unit="m"
                  value={now.edgeDepthM ?? null}
                  onChange={(v) => set(p.number, { edgeDepthM: v ?? undefined })}
                  step={0.5}
                  digits={1}
                  min={0}
                  max={20}
                />
                <Stepper
                  label={msg('edgeAway')}
                  unit="m"
                  value={now.edgeM ?? null}
                  onChange={(v) => set(p.number, { edgeM: v ?? undefined })}
                  step={0.5}
                  digits={1}
                  min={0}
                  max={100}
                />
                <Chips
                  label={msg('hollow')}
                  options={[
                    { value: 'no', words: msg('no') },
                    { value: 'yes', words: msg('yes') },
                  ]}
                  value={now.hollow === undefined ? undefined : now.hollow ? 'yes' : 'no'}
                  onChange={(v) => set(p.number, { hollow: v === 'yes' })}
                />
                {now.hollow === false && <Button onClick={() => all({ hollow: false })}>{msg('hollowOfNone')}</Button>}
                <Button onClick={() => pick(msg('movePad', { number: p.number }), (at) => set(p.number, { at }))}>
                  {msg('movePad', { number: p.number })}
                </Button>
                <Remarks of={p.remarks} />
              </div>
            )}
          </div>
        );
      })}
    </section>
  );
}
