import { msg } from '../words/base';
import { useQueryClient } from '@tanstack/react-query';
import type { FormInstance } from 'antd';
import { type ReactNode, useState } from 'react';
import { askAnew } from '../api/anew';
import { Problem } from '../api/client';
import { noAnswer } from '../api/job';

/**
 * Sends a write and asks anew for what it changed. What the server refuses of a form is said at the field it names,
 * anything else in one line; what was typed stays.
 */
export function useSend(form?: FormInstance): {
  send: (write: Promise<unknown>) => Promise<boolean>;
  sending: boolean;
  refused: ReactNode;
  /** Said after the last one was stored. */
  saved: ReactNode;
} {
  const queries = useQueryClient();
  const [words, setWords] = useState('');
  const [sending, setSending] = useState(false);
  const [stored, setStored] = useState(false);
  const send = async (write: Promise<unknown>) => {
    setSending(true);
    setStored(false);
    form?.setFields(form.getFieldsError().map(({ name }) => ({ name, errors: [] })));
    try {
      await write;
      setWords('');
      await askAnew(queries);
      setStored(true);
      return true;
    } catch (e) {
      const faults = e instanceof Problem ? e.faults : [];
      const names = form ? Object.keys(form.getFieldsValue() as object) : [];
      const here = faults.filter((f) => names.includes(f.field));
      form?.setFields(here.map((f) => ({ name: f.field, errors: [f.message] })));
      setWords(faults.length > 0 && here.length === faults.length ? '' : e instanceof Problem ? e.message : noAnswer());
      return false;
    } finally {
      setSending(false);
    }
  };
  const refused = words && (
    <p className="refused" role="alert">
      {words}
    </p>
  );
  const saved = stored && <p role="status">{msg('saved')}</p>;
  return { send, sending, refused, saved };
}
