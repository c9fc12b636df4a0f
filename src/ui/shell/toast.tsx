'use client';

import { createContext, useCallback, useContext, useRef, useState, type ReactNode } from 'react';

interface Toast {
  text: string;
  action?: { label: string; run: () => void };
}

const Context = createContext<(toast: Toast) => void>(() => undefined);
const STAYS_MS = 9000;

/** One short message at the foot of the screen, with at most one thing to do about it: usually undo. */
export function ToastProvider({ children }: { children: ReactNode }) {
  const [toast, setToast] = useState<Toast | undefined>();
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const show = useCallback((next: Toast) => {
    clearTimeout(timer.current);
    setToast(next);
    timer.current = setTimeout(() => setToast(undefined), STAYS_MS);
  }, []);
  return (
    <Context value={show}>
      {children}
      <div
        role="status"
        aria-live="polite"
        className="no-print pointer-events-none fixed inset-x-0 bottom-4 z-50 flex justify-center px-4"
      >
        {toast && (
          <div className="dark-ground pointer-events-auto flex items-center gap-4 rounded bg-ink px-4 py-3 text-white">
            <span>{toast.text}</span>
            {toast.action && (
              <button
                type="button"
                className="font-semibold underline underline-offset-4"
                onClick={() => {
                  toast.action?.run();
                  setToast(undefined);
                }}
              >
                {toast.action.label}
              </button>
            )}
          </div>
        )}
      </div>
    </Context>
  );
}

export const useToast = () => useContext(Context);
