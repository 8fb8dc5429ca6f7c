/** A figure the server worded for this reader, its unit small beside it. */
export function Figure({ shown }: { shown: string }) {
  const cut = shown.lastIndexOf(' ');
  return (
    <span className="fig">
      {shown.slice(0, cut)}
      <i>{shown.slice(cut + 1)}</i>
    </span>
  );
}
