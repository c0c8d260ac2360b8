import type { ReactNode } from 'react';

/** Something went wrong, said where it happened. */
export function Notice({ children }: { children: ReactNode }) {
  return (
    <p className="notice" role="alert">
      {children}
    </p>
  );
}
