import type { ReactNode } from 'react';
import type { FieldProblem } from '../api/types';

/** A labelled field of a station, with what is wrong in it. */
export function Field(props: {
  label: string;
  aside?: ReactNode;
  problem?: FieldProblem;
  children: ReactNode;
}) {
  return (
    <div className="field">
      <p className="field-label">
        <span>{props.label}</span>
        {props.aside}
      </p>
      {props.children}
      {props.problem && (
        <p className="reading refused" role="status">
          {props.problem.problem} <span className="quiet">Try: {props.problem.accepted}.</span>
        </p>
      )}
    </div>
  );
}
