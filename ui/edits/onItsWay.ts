let under = 0;

/**
 * Marks the document (`data-storing`) while something that has no note is on its way to the store: a reload before it
 * arrives would lose it, and whoever means to reload can see that.
 */
export async function onItsWay<T>(writing: Promise<T>): Promise<T> {
  mark(1);
  try {
    return await writing;
  } finally {
    mark(-1);
  }
}

function mark(more: 1 | -1): void {
  under += more;
  const { dataset } = document.documentElement;
  if (under > 0) dataset.storing = String(under);
  else delete dataset.storing;
}
