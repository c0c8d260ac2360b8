/** Things to mind, each with where it stands. None of them blocks anything. */
export function Cautions({ cautions }: { cautions: { words: string; basis: string }[] }) {
  return (
    <section className="cautions" aria-label="To mind">
      <h2>To mind</h2>
      <ul>
        {cautions.map((caution) => (
          <li key={caution.words}>
            {caution.words} <span className="quiet">({caution.basis})</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
