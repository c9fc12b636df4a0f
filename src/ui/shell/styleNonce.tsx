'use client';

declare global {
  var __webpack_nonce__: string | undefined;
}

// Dialogs keep the page behind them still with a style sheet of their own; it asks for this page's nonce under this name.
if (typeof document !== 'undefined')
  globalThis.__webpack_nonce__ = document.querySelector<HTMLScriptElement>('script[nonce]')?.nonce;

/** Nothing to see: its module is what is needed, before any dialog is. */
export const StyleNonce = () => null;
