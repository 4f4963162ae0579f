/**
 * Props of a field of several lines that the browser itself lets grow: measuring it by script lays the page out twice
 * for each change beside it. A browser that cannot shows so many lines and scrolls.
 */
export const linesOf = (rows: number) =>
  ({
    input: { inputComponent: 'textarea' },
    htmlInput: {
      rows,
      style: { fieldSizing: 'content', minHeight: `${rows * 1.4375}em`, maxHeight: '50vh', resize: 'vertical' },
    },
  }) as const;
