import { Button } from 'antd';
import { useState } from 'react';
import { FilePick } from '../ui/FilePick';
import { useWords } from '../words/words';

/** A photo of the stem, made small on the phone. */
export function SeePhoto({ add }: { add: (file: File) => Promise<void> }) {
  const t = useWords();
  const [trouble, setTrouble] = useState('');
  return (
    <div className="c">
      <FilePick
        label={t('label.photo')}
        accept="image/*"
        camera
        onFile={(f) => void add(f).catch(() => setTrouble(t('see.noPicture')))}
      >
        <Button type="primary" size="large" block>
          {t('see.camera')}
        </Button>
      </FilePick>
      {trouble && <p role="alert">{trouble}</p>}
    </div>
  );
}
