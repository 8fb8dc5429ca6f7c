import { Button } from 'antd';
import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react';
import { FilePick } from '../../ui/FilePick';
import css from './photo.module.css';

/** A place in the picture: shares of its width from the left and of its height from below. */
type At = { x: number; y: number };
export type Touch = { words: string; x?: string; y: string };

const ZOOM = 4;
const STEP = 0.002;
const inside = (v: number) => Math.min(1, Math.max(0, v));

/** A photo that is touched in order; a loupe beside the finger shows what lies under it, arrows move the cross too. */
export function PhotoTouches({
  touches,
  touched,
}: {
  touches: Touch[];
  touched: (numbers: Record<string, number>, photo: File) => void;
}) {
  const [photo, setPhoto] = useState<{ file: File; url: string }>();
  const [aspect, setAspect] = useState(1);
  const [set, setSet] = useState<At[]>([]);
  const [cross, setCross] = useState<At>();
  const picture = useRef<HTMLDivElement>(null);
  const current = touches.at(set.length);
  useEffect(() => () => URL.revokeObjectURL(photo?.url ?? ''), [photo]);
  const take = (file: File) => {
    setPhoto({ file, url: URL.createObjectURL(file) });
    setSet([]);
    setCross(undefined);
  };
  const put = (at: At) => {
    if (!photo || !current) return;
    const all = [...set, at];
    setSet(all);
    setCross(undefined);
    if (all.length < touches.length) return;
    const numbers: Record<string, number> = { aspect };
    touches.forEach((t, i) => {
      numbers[t.y] = all[i].y;
      if (t.x) numbers[t.x] = all[i].x;
    });
    touched(numbers, photo.file);
  };
  const under = (e: PointerEvent): At => {
    const box = (picture.current as HTMLDivElement).getBoundingClientRect();
    return {
      x: inside((e.clientX - box.left) / box.width),
      y: inside(1 - (e.clientY - box.top) / box.height),
    };
  };
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
  if (!photo)
    return (
      <FilePick label="Photo to be touched" accept="image/*" camera onFile={take}>
        <Button size="large" block>
          Take or choose the photo
        </Button>
      </FilePick>
    );
  return (
    <div className={css.touching}>
      <p role="status" className={css.asked}>
        {current ? (
          <>
            Touch <b>{current.words.toLowerCase()}</b>, {set.length + 1} of {touches.length}
          </>
        ) : (
          'All touched.'
        )}
      </p>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- an application takes keys */}
      <div
        ref={picture}
        className={css.picture}
        role="application"
        aria-label={`Photo: ${current?.words ?? 'all touched'}; arrows move the cross, Enter sets it`}
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- an application takes keys
        tabIndex={0}
        onKeyDown={byKey}
        onPointerDown={(e) => {
          if (!current) return;
          e.currentTarget.setPointerCapture(e.pointerId);
          setCross(under(e));
        }}
        onPointerMove={(e) => {
          if (cross && e.buttons > 0) setCross(under(e));
        }}
        onPointerUp={(e) => {
          if (cross) put(under(e));
        }}
      >
        <img
          src={photo.url}
          alt=""
          draggable={false}
          onLoad={(e) => setAspect(e.currentTarget.naturalWidth / e.currentTarget.naturalHeight)}
        />
        <svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden>
          {set.map((a, i) =>
            i % 2 === 1 || touches.every((t) => !t.x) ? (
              <line
                key={`l${touches[i].y}`}
                x1={100 * (i > 0 ? set[i - 1].x : a.x)}
                y1={100 - 100 * (i > 0 ? set[i - 1].y : a.y)}
                x2={100 * a.x}
                y2={100 - 100 * a.y}
                className={css.line}
              />
            ) : null,
          )}
        </svg>
        {[...set, ...(cross ? [cross] : [])].map((a, i) => (
          <i key={i} className={css.cross} style={{ left: `${100 * a.x}%`, bottom: `${100 * a.y}%` }} />
        ))}
        {cross && (
          <span
            aria-hidden
            className={`${css.loupe} ${cross.x < 0.5 && cross.y > 0.5 ? css.right : ''}`}
            style={{
              backgroundImage: `url(${photo.url})`,
              backgroundSize: `${ZOOM * (picture.current?.clientWidth ?? 0)}px ${ZOOM * (picture.current?.clientHeight ?? 0)}px`,
              backgroundPosition: `${60 - ZOOM * cross.x * (picture.current?.clientWidth ?? 0)}px ${60 - ZOOM * (1 - cross.y) * (picture.current?.clientHeight ?? 0)}px`,
            }}
          />
        )}
      </div>
      <div className="two">
        <Button onClick={() => setSet(set.slice(0, -1))} disabled={set.length === 0}>
          Last touch again
        </Button>
        <FilePick label="Another photo" accept="image/*" camera onFile={take}>
          <Button block>Another photo</Button>
        </FilePick>
      </div>
    </div>
  );
}
