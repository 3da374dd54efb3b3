/** The library's own styles, which the unstyled mode never shows and which would still be fetched. */
export const style = '';
