/**
 * The words of a drawing. `says`: one thing that matters. `shows`: the same as the picture, for whoever cannot see it. `labels`: by part,
 * a line break where a line ends. As in the catalogue, {outlet} is the thing by its name in the home, {1 in|25 mm} the figure in its units.
 */
export interface DrawingText {
  readonly title: string;
  readonly says: string;
  readonly shows: string;
  readonly labels: Readonly<Record<string, string>>;
}
