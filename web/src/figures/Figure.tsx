/** A figure the server worded for this reader, its unit small beside it. */
export function Figure({ shown, more }: { shown: string; more?: string }) {
  const cut = shown.includes(' ') ? shown.lastIndexOf(' ') : shown.length;
  return (
    <span className="fig">
      {shown.slice(0, cut)}
      <i>
        {shown.slice(cut + 1)}
        {more && ` ${more}`}
      </i>
    </span>
  );
}
