import { useEffect } from 'react';
import { STAGES } from '../stages/registry';
import type { Stage } from '../stages/stage';

type Actions = { go: (stage: Stage) => void; hold: () => void; sheet: () => void };

/** A key a panel listens to; the shell passes it on as an event of its own. */
export function usePanelKey(keys: string[], pressed: (key: string, shift: boolean) => void): void {
  useEffect(() => {
    const listen = (e: Event) => {
      const d = (e as CustomEvent<{ key: string; shift: boolean }>).detail;
      if (keys.includes(d.key)) pressed(d.key, d.shift);
    };
    window.addEventListener('antevid-key', listen);
    return () => window.removeEventListener('antevid-key', listen);
  });
}

export function useKeys({ go, hold, sheet }: Actions): void {
  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      if (
        e.ctrlKey ||
        e.metaKey ||
        e.altKey ||
        (e.target instanceof HTMLElement && e.target.closest('input, textarea, select, [contenteditable], .ant-select'))
      )
        return;
      if (/^[1-9]$/.test(e.key)) go(STAGES[Number(e.key) - 1].key);
      else if (e.key === 'h' || e.key === 'H') hold();
      else if (e.key === '?') sheet();
      else {
        const key = { '{': '[', '}': ']' }[e.key] ?? e.key.toLowerCase();
        window.dispatchEvent(new CustomEvent('antevid-key', { detail: { key, shift: e.shiftKey } }));
      }
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [go, hold, sheet]);
}
