/** In the place of a status: no usable response came. */
export const lost = 0;
