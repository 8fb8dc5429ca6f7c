import { Button } from 'antd';
import type { ReactNode } from 'react';
import { useAct, useFeatures } from '../../api/job';
import { usePanelKey } from '../../app/keys';
import { type Form, usePlanTools } from '../../plan/planTools';
import { changeFeature, redo, undo, useHistory } from './history';
import { msg } from './words';

const MARKS: Record<string, ReactNode> = {
  POINT: <circle cx="12" cy="9" r="4.5" fill="none" stroke="currentColor" strokeWidth="2.4" />,
  LINE: <path d="M3 15 9 5l5 8 7-9" fill="none" stroke="currentColor" strokeWidth="2.4" />,
  POLYGON: <path d="M4 14 7 4l10-1 4 8-8 6Z" fill="none" stroke="currentColor" strokeWidth="2.4" />,
  edit: (
    <path
      d="M4 14 12 3l8 9M2 12h4v4H2zM10 1h4v4h-4zM18 10h4v4h-4z"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.8"
    />
  ),
  undo: <path d="M8 3 3 8l5 5M3 8h12a5 5 0 0 1 0 9h-4" fill="none" stroke="currentColor" strokeWidth="2.4" />,
  redo: <path d="m16 3 5 5-5 5M21 8H9a5 5 0 0 0 0 9h4" fill="none" stroke="currentColor" strokeWidth="2.4" />,
};

/** Drawing on the plan by hand: point, line, area, corners, undo and redo. */
export function DrawTools({ job }: { job: string }) {
  const tools = usePlanTools();
  const { sketch, setSketch, feature } = tools;
  const features = useFeatures(job).data ?? [];
  const act = useAct(job, tools.say);
  const history = useHistory(job);
  const chosen = features.find((f) => f.id === feature);
  const draw = (form: Form, hint: string) => {
    tools.selectFeature(undefined);
    setSketch({
      what: 'draw',
      form,
      hint,
      done: (outline) => {
        setSketch(undefined);
        window.dispatchEvent(new CustomEvent('antevid-drawn', { detail: { form, outline } }));
      },
    });
  };
  const edit = () => {
    if (!chosen) return;
    let now = chosen;
    setSketch({
      what: 'edit',
      id: chosen.id,
      form: chosen.entry.form,
      outline: chosen.entry.outline,
      hint: msg('dragTheCornersOf', { entryName: chosen.entry.name }),
      done: (outline) =>
        void act(
          (async () => {
            await changeFeature(job, now, { outline, takenHow: msg('cornersMovedByHand') });
            now = { ...now, version: now.version + 1, entry: { ...now.entry, outline } };
          })(),
        ),
    });
  };
  usePanelKey(['u'], () => void act(undo(job)));
  const button = (
    mark: string,
    words: string,
    press: () => void,
    props: { pressed?: boolean; disabled?: boolean; title?: string } = {},
  ) => (
    <Button
      type={props.pressed ? 'primary' : 'default'}
      onClick={press}
      aria-pressed={props.pressed}
      disabled={props.disabled}
      title={props.title}
      aria-label={words}
    >
      <svg width="24" height="18" viewBox="0 0 24 18" aria-hidden="true">
        {MARKS[mark]}
      </svg>
      {words.split(' ')[0]}
    </Button>
  );
  return (
    <div className="tools" role="toolbar" aria-label={msg('drawOnThePlan')}>
      {button('POINT', msg('point'), () => draw('POINT', msg('tapThePoint')), {
        pressed: sketch?.what === 'draw' && sketch.form === 'POINT',
      })}
      {button('LINE', msg('line'), () => draw('LINE', msg('tapEachBendThe')), {
        pressed: sketch?.what === 'draw' && sketch.form === 'LINE',
      })}
      {button('POLYGON', msg('area'), () => draw('POLYGON', msg('tapEachCornerThe')), {
        pressed: sketch?.what === 'draw' && sketch.form === 'POLYGON',
      })}
      {button('edit', msg('cornersTitle'), edit, {
        pressed: sketch?.what === 'edit',
        disabled: !chosen,
        title: chosen ? msg('cornersOf', { entryName: chosen.entry.name }) : msg('chooseAFeatureFirst'),
      })}
      {button('undo', msg('undo'), () => void act(undo(job)), { disabled: !history.undoable, title: history.undoable })}
      {button('redo', msg('redo'), () => void act(redo(job)), { disabled: !history.redoable, title: history.redoable })}
    </div>
  );
}
