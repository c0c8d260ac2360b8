import { lookOf } from './components';

/** The component's mark beside its name. */
export function Mark({ component }: { component: string }) {
  const look = lookOf(component);
  return look ? (
    <svg className="mark" viewBox="0 0 16 16" aria-hidden="true">
      <path d={look.mark} fill={look.colour} />
    </svg>
  ) : null;
}
