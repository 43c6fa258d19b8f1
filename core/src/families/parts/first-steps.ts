/** Said in the place of a reason where a pump was worked on and nobody wrote down what was seen first. */
export const NOT_RECORDED = 'nobody recorded them.';
