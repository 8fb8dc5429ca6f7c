/** A colour token with six digits, so that a transparency can be appended; the build shortens some. */
export const token = (name: string): string =>
  getComputedStyle(document.documentElement)
    .getPropertyValue(`--${name}`)
    .trim()
    .replace(/^#(.)(.)(.)$/, '#$1$1$2$2$3$3');
