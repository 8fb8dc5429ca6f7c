import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { FilePick } from '../ui/FilePick';
import '../words/seeing';
import { useWords } from '../words/words';
import css from '../ui/layout.module.css';

const LONGEST_S = 60;
/** Enough for speech; a minute of it waits easily in the phone's own storage. */
const BITS_PER_S = 24_000;
/** A browser lets a page record only where the page came over a safe link or from this machine. */
const records = (): boolean => window.isSecureContext && typeof MediaRecorder !== 'undefined';

/** Something said instead of typed: recorded here where the browser can, else with the phone's own recorder. */
export function VoiceNote({ said }: { said: (sound: Blob) => void }) {
  const t = useWords();
  const [seconds, setSeconds] = useState<number>();
  const [trouble, setTrouble] = useState(false);
  const recorder = useRef<MediaRecorder>(undefined);
  useEffect(() => () => recorder.current?.stop(), []);
  useEffect(() => {
    if (seconds === undefined) return;
    if (seconds >= LONGEST_S) recorder.current?.stop();
    const next = setTimeout(() => setSeconds(seconds + 1), 1000);
    return () => clearTimeout(next);
  }, [seconds]);
  const begin = async () => {
    setTrouble(false);
    try {
      const microphone = await navigator.mediaDevices.getUserMedia({ audio: true });
      const parts: Blob[] = [];
      const r = new MediaRecorder(microphone, { audioBitsPerSecond: BITS_PER_S });
      r.ondataavailable = (e) => parts.push(e.data);
      r.onstop = () => {
        microphone.getTracks().forEach((track) => track.stop());
        recorder.current = undefined;
        setSeconds(undefined);
        said(new Blob(parts, { type: r.mimeType }));
      };
      r.start();
      recorder.current = r;
      setSeconds(0);
    } catch {
      setTrouble(true);
    }
  };
  if (!records() || trouble) {
    return (
      <FilePick label={t('voice.file')} accept="audio/*" camera onFile={said}>
        <Button size="large" block className={css.below}>
          {t('voice.file')}
        </Button>
      </FilePick>
    );
  }
  return seconds === undefined ? (
    <Button size="large" block className={css.below} onClick={() => void begin()}>
      {t('voice.say')}
    </Button>
  ) : (
    <Button type="primary" danger size="large" block className={css.below} onClick={() => recorder.current?.stop()}>
      {t('voice.stop', { seconds })}
    </Button>
  );
}
