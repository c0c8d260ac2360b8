/** What the figures are not for, wherever carbohydrate is shown. */
export function Caution() {
  return (
    <p className="caution">
      Figures are for planning and teaching. Do not dose insulin by them without your care team; for
      allergies, read the labels of what you use.
    </p>
  );
}
