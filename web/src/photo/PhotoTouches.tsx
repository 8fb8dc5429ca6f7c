import { Button, Drawer } from 'antd';
import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react';
import { FilePick } from '../ui/FilePick';
import '../words/seeing';
import { useWords } from '../words/words';
import type { Touch } from './touches';
import css from './photo.module.css';

/** A place in the picture: shares of its width from the left and of its height from below. */
type At = { x: number; y: number };

const ZOOM = 4;
const STEP = 0.002;
const LOUPE = 120;
/** A finger takes hold of a mark that near, pixels. */
const GRIP = 24;
/** The header stays, with its HOLD. */
const HEADER = 52;
const BELOW_HEADER = `calc(100dvh - ${HEADER}px)`;
const inside = (v: number) => Math.min(1, Math.max(0, v));

type Props = {
  touches: Touch[];
  touched?: (numbers: Record<string, number>, photo: File) => void;
  /** Touched in place of a photo, with the words of its button. */
  drawing?: { svg: string; words: string; touched: (numbers: Record<string, number>) => void };
};

/** A photo that is touched in order; a loupe beside the finger shows what lies under it, arrows move the cross too. */
export function PhotoTouches({ touches, drawing, touched }: Props) {
  const t = useWords();
  const [photo, setPhoto] = useState<{ file?: File; url: string }>();
  const [aspect, setAspect] = useState(1);
  const [set, setSet] = useState<At[]>([]);
  const [cross, setCross] = useState<At>();
  const picture = useRef<HTMLDivElement>(null);
  /** The mark that is being dragged, and whether all of them stand and may be. */
  const [held, setHeld] = useState<number>();
  const [adjusting, setAdjusting] = useState(false);
  const current = touches.at(set.length);
  useEffect(() => () => URL.revokeObjectURL(photo?.url ?? ''), [photo]);
  const take = (picture: Blob, file?: File) => {
    setPhoto({ file, url: URL.createObjectURL(picture) });
    setSet([]);
    setCross(undefined);
    setAdjusting(false);
  };
  const put = (at: At) => {
    if (!photo || !current) return;
    const all = [...set, at];
    setSet(all);
    setCross(undefined);
    tell(all);
  };
  const tell = (all: At[]) => {
    if (!photo || all.length < touches.length) return;
    const numbers: Record<string, number> = { aspect };
    touches.forEach((touch, i) => {
      numbers[touch.y] = all[i].y;
      if (touch.x) numbers[touch.x] = all[i].x;
    });
    if (photo.file) touched?.(numbers, photo.file);
    else drawing?.touched(numbers);
  };
  const under = (e: PointerEvent): At => {
    const box = (picture.current as HTMLDivElement).getBoundingClientRect();
    return {
      x: inside((e.clientX - box.left) / box.width),
      y: inside(1 - (e.clientY - box.top) / box.height),
    };
  };
  const near = (at: At): number | undefined => {
    const box = (picture.current as HTMLDivElement).getBoundingClientRect();
    const away = set.map((m) => Math.hypot((m.x - at.x) * box.width, (m.y - at.y) * box.height));
    const i = away.indexOf(Math.min(...away));
    return away[i] <= GRIP ? i : undefined;
  };
  const drag = (at: At) => setSet(set.map((m, i) => (i === held ? at : m)));
  const byKey = (e: KeyboardEvent) => {
    const at = cross ?? { x: 0.5, y: 0.5 };
    const by = e.shiftKey ? 10 * STEP : STEP;
    const moved: Partial<Record<string, At>> = {
      ArrowLeft: { ...at, x: inside(at.x - by) },
      ArrowRight: { ...at, x: inside(at.x + by) },
      ArrowUp: { ...at, y: inside(at.y + by) },
      ArrowDown: { ...at, y: inside(at.y - by) },
    };
    const to = moved[e.key];
    if (to) setCross(to);
    else if (e.key === 'Enter') put(at);
    else return;
    e.preventDefault();
    e.stopPropagation();
  };
  const seen = held === undefined ? cross : set[held];
  return (
    <>
      {drawing ? (
        <Button size="large" block onClick={() => take(new Blob([drawing.svg], { type: 'image/svg+xml' }))}>
          {drawing.words}
        </Button>
      ) : (
        <FilePick label={t('photo.toTouch')} accept="image/*" camera onFile={(file) => take(file, file)}>
          <Button size="large" block>
            {t(photo ? 'photo.another' : 'photo.choose')}
          </Button>
        </FilePick>
      )}
      {photo && !current && (
        <div className="two">
          <p role="status" className={css.asked}>
            {t('photo.all', { all: touches.length })}
          </p>
          <Button onClick={() => setAdjusting(true)}>{t('photo.adjust')}</Button>
          <Button onClick={() => setSet(set.slice(0, -1))}>{t('photo.lastAgain')}</Button>
        </div>
      )}
      <Drawer
        open={photo !== undefined && (current !== undefined || adjusting)}
        placement="bottom"
        size={BELOW_HEADER}
        rootStyle={{ top: HEADER }}
        mask={false}
        destroyOnHidden
        closable={false}
        onClose={() => setPhoto(undefined)}
        title={
          <span role="status">
            {current
              ? t('photo.touch', { what: current.words, n: set.length + 1, all: touches.length })
              : t('photo.drag')}
          </span>
        }
        extra={
          <>
            <Button disabled={set.length === 0} onClick={() => setSet(set.slice(0, -1))}>
              {t('photo.again')}
            </Button>{' '}
            <Button onClick={() => (current ? setPhoto(undefined) : setAdjusting(false))}>
              {t(current ? 'see.leave' : 'photo.dragged')}
            </Button>
          </>
        }
        classNames={{ body: css.body }}
      >
        {photo && (
          // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- an application takes keys
          <div
            ref={picture}
            className={css.picture}
            role="application"
            aria-label={t('photo.keys', { what: current?.words })}
            // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- an application takes keys
            tabIndex={0}
            onKeyDown={byKey}
            onPointerDown={(e) => {
              e.currentTarget.setPointerCapture(e.pointerId);
              // corners of a hinge lie close: a new mark is never taken for an old one
              const mark = current ? undefined : near(under(e));
              setHeld(mark);
              if (current) setCross(under(e));
            }}
            onPointerMove={(e) => {
              if (held !== undefined) drag(under(e));
              else if (cross && e.buttons > 0) setCross(under(e));
            }}
            onPointerUp={(e) => {
              if (held !== undefined) tell(set);
              else if (cross) put(under(e));
              setHeld(undefined);
            }}
          >
            <img
              src={photo.url}
              alt=""
              draggable={false}
              onLoad={(e) => setAspect(e.currentTarget.naturalWidth / e.currentTarget.naturalHeight)}
            />
            <Lines set={set} inPairs={touches.some((touch) => touch.x !== undefined)} />
            {[...set, ...(cross ? [cross] : [])].map((a, i) => (
              <i key={i} className={css.cross} style={{ left: `${100 * a.x}%`, bottom: `${100 * a.y}%` }} />
            ))}
            {seen && <Loupe url={photo.url} at={seen} box={picture.current} />}
          </div>
        )}
      </Drawer>
    </>
  );
}

/** From touch to touch up the stem; or each line by its two ends. */
function Lines({ set, inPairs }: { set: At[]; inPairs: boolean }) {
  return (
    <svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden>
      {set
        .slice(1)
        .map((a, i) =>
          inPairs && i % 2 === 1 ? null : (
            <line
              key={i}
              x1={100 * set[i].x}
              y1={100 - 100 * set[i].y}
              x2={100 * a.x}
              y2={100 - 100 * a.y}
              className={css.line}
            />
          ),
        )}
    </svg>
  );
}

/** What lies under the finger, beside it. */
function Loupe({ url, at, box }: { url: string; at: At; box: HTMLDivElement | null }) {
  const [wide, high] = [ZOOM * (box?.clientWidth ?? 0), ZOOM * (box?.clientHeight ?? 0)];
  const place = {
    backgroundImage: `url(${url})`,
    backgroundSize: `${wide}px ${high}px`,
    backgroundPosition: `${LOUPE / 2 - wide * at.x}px ${LOUPE / 2 - high * (1 - at.y)}px`,
  };
  const away = at.x < 0.5 && at.y > 0.5;
  return <span aria-hidden className={`${css.loupe} ${away ? css.right : ''}`} style={place} />;
}
