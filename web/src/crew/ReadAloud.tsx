import { Button } from 'antd';
import { useEffect, useState } from 'react';
import '../words/pages';
import { useLanguage, useWords } from '../words/words';
import { readAloud, silence, synthesis, voiceFor } from './aloud';

const TAGS = { ENGLISH: 'en', SPANISH: 'es', PSEUDO: 'en' };

/** Reads the card to whoever has their hands full; there only where the phone has a voice of the reader's language. */
export default function ReadAloud({ parts }: { parts: string[] }) {
  const t = useWords();
  const lang = TAGS[useLanguage()];
  const [voice, setVoice] = useState(() => voiceFor(lang));
  const [speaks, setSpeaks] = useState(false);
  useEffect(() => {
    const look = () => setVoice(voiceFor(lang));
    look();
    // voices come after the page
    const all = synthesis();
    all?.addEventListener('voiceschanged', look);
    return () => {
      all?.removeEventListener('voiceschanged', look);
      silence();
    };
  }, [lang]);
  if (!voice) return null;
  const tap = () => {
    setSpeaks(!speaks);
    if (speaks) silence();
    else readAloud(parts, voice, () => setSpeaks(false));
  };
  return (
    <div className="c">
      <Button size="large" block aria-pressed={speaks} onClick={tap}>
        {t(speaks ? 'aloud.stop' : 'aloud')}
      </Button>
    </div>
  );
}
