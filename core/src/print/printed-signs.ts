/**
 * Signs that the fonts of papers hold, as runs in order: how far a run begins behind the end of the one before, and after a dash how many
 * more it has, both to the base of 36. A test reads the fonts and compares.
 */
export const PRINTED_SIGNS =
  'w-2m y-k7 3-5 5-6 2 2-j 2-1q f-8v 2q-1i 9-q 5-5 c-73 29-1b 6p-u 2-1 7-6f 1h8 1x1-g 5 2-7 c2-8 3c-6x ' +
  '2-7u 3-5 3-11 3-5 3-7 2 2 2 2-u 3-1g 2-e 2-d 3-5 2-i 3-2 2-8 2-2s 2-b 3-q 2-c 4-w t-1 i g-2z 5-b 8-1' +
  ' 5 7-9 v-1 b-2 5-1 4 2 2 i-3 c b 2-1 2-6 4 2-2 2 4-1 3-3 3 2-9 6-3 6 6 2 3 4 k-2 2-3 3-1 3-1 3-1 3-1' +
  ' b-5 3-1 a-4 7 5 q r-1 k m-2 b 6 h-1 3q-1 d-e 2 c-1 20 1p-97 6-2 3-1 5-1 3-1 5-1 2-3 2-5 f-4 9 h-3 2' +
  '-1 3 5-1 7-1 5-3 g h-2 u-f 3-b z t-1 1w h 7 z 2-1 m w-t e b7-1 3u 1n-1 7e-2 j 3f 5n-v 9t-3h z-p 2-2g' +
  ' d-5x r-b 5-1r 2-2d 3-2u 6-16 2-1e 2-15 2-17 5-z d-1a 2-7f 2-58o 23-g6n 18x-2n 2p-5m 6-1 2 2-4 p-d 7' +
  '4 1b ea-1n fbp-3 2-1 5-1 9 2-3 7 b-1 2 2-4 2-3 9 4-3 4 4-1 b 4-5 7 4 2 2 3-2 3-2 4-1 5-2 2 5 2 3 m 5' +
  ' 4 4 2-1 2 5-1 a 8-1 3-4 2-2 3 2 8 3-1 5 3 2 3 3-3 2 2-3 2 2-1 4 7-2 2-1 3-2 6 4-2 2-1 2 d 2 2 i-1 4' +
  'i-6 n-p 2-4 2 2-1 2-1 2-3g h-cc 3-1h 8 x-g g-9 7-1e 2-i 2-3 5-4 2-3q 3 2-4e 2-t 4-5 3-5 3-5 3-2 4-6 ' +
  '2-6 e-1 2 1hd-5 2-15 2-8 1fn-2 1535-u 3j6-c 4-2k 4-1o 2c-2 e-17 5-8 8-1 2t2 2 1v 48 xw 26 196 1ca 3d' +
  ' ck 3w8 2f0 1cc-1 az rf g 1cr 6q 12 3g 24 221 1c 1y 10v sg ne h8 dl 7a d1 ej 5h 2hd 16l 7c 1u sv hc ' +
  't 97 o9 72 8 2 3 cb 3u 1k6 b5 1gu 5 9 1n5 7y s 7t 6 y 11m at-1 f-1 51 7n 2r c 3 b 3r c 3 26 3q 8 7 3' +
  ' k-1 14 3c-1 4 1g d 14-1 9-2 2 2 2x-1 n 1s 58 s x j 3 a 4 i 4c en 48 3 q 7 48 9o g 34 1e e8-1 3j x 7' +
  'f 4 w 3n c s 37 1w 6 3 84 c 3 4r 5t 5 9 8 2-2 2 j 8-1 69 3 34 y 1o 64 5 3 i k 3 j 6d c 33 18 3k 4-1 ' +
  '3 7-1 2 4 2 9 4 c-1 9 5 3 3 4 3 2 4 1h e-1 e 3s 9 46-1 7 2 3-1 7 3l 2 2-1 f-1 8 5-1 13 1v 2 9 3 4 2a' +
  ' c b 1bl 6yo 1e 4dj-1 b2';
