import type { StoryRecipe } from './story.js';

const WIDTH = 960;
const HEIGHT = 720;

/** How the bakes of the stall look on a cloth, drawn: nobody's photo is shipped. */
const DRAWN: Readonly<Record<StoryRecipe, string>> = {
  slabs: `<g fill="#b57a35" stroke="#7a4c1c" stroke-width="6">
    <rect x="170" y="180" width="280" height="170" rx="14"/><rect x="500" y="170" width="280" height="170" rx="14"/>
    <rect x="180" y="390" width="280" height="170" rx="14"/><rect x="510" y="385" width="280" height="170" rx="14"/></g>
    <g fill="#e7c88d">${dots(60, 11)}</g>`,
  knots: `<g fill="none" stroke="#b9752b" stroke-width="46" stroke-linecap="round">
    ${[300, 640].flatMap((x) => [270, 500].map((y) => `<path d="M${x - 90} ${y} q60 -110 120 0 t-60 60 q-80 -20 -20 -100"/>`)).join('')}</g>
    <g fill="#f7ecd2">${dots(40, 6)}</g>`,
  polenta: `<circle cx="480" cy="370" r="250" fill="#e2b44a" stroke="#9c6b1e" stroke-width="10"/>
    <g fill="#f3e3ac" stroke="#b98d3d" stroke-width="4">${Array.from({ length: 8 }, (_, at) => `<ellipse cx="480" cy="235" rx="46" ry="84" transform="rotate(${at * 45} 480 370)"/>`).join('')}</g>`,
  crispbread: `<g fill="#8f5f2b" stroke="#5b3a17" stroke-width="5"><path d="M150 260 l300 -60 l50 160 l-310 60 z"/>
    <path d="M480 230 l310 20 l-20 190 l-300 -10 z"/><path d="M260 450 l330 20 l-10 150 l-330 -20 z"/></g><g fill="#d9b77c">${dots(90, 7)}</g>`,
  rounds: `<g fill="#d9a95a" stroke="#9b6b25" stroke-width="6">${[260, 480, 700].flatMap((x) => [260, 480].map((y) => `<circle cx="${x}" cy="${y}" r="92"/>`)).join('')}</g><g fill="#fff6dd">${dots(120, 6)}</g>`,
  sponge: `<path d="M190 470 q0 -210 290 -210 t290 210 z" fill="#e9c877" stroke="#a87a2c" stroke-width="8"/>
    <rect x="190" y="465" width="580" height="110" rx="12" fill="#f3dfa5" stroke="#a87a2c" stroke-width="8"/>`,
};

/** Seeds and crumbs in an even scatter. */
function dots(count: number, radius: number): string {
  const golden = 2.399963;
  return Array.from({ length: count }, (_, at) => {
    const reach = 230 * Math.sqrt(at / count);
    const [x, y] = [480 + 1.3 * reach * Math.cos(at * golden), 370 + reach * Math.sin(at * golden)];
    return `<circle cx="${x.toFixed(0)}" cy="${y.toFixed(0)}" r="${radius}"/>`;
  }).join('');
}

/** A picture of a bake, as a JPEG. */
export async function demoPicture(of: StoryRecipe): Promise<Buffer> {
  const { default: sharp } = await import('sharp');
  return sharp(
    Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}" viewBox="0 0 ${WIDTH} ${HEIGHT}">
      <rect width="100%" height="100%" fill="#dfe5ee"/><path d="M0 90 h960 M0 630 h960 M110 0 v720 M850 0 v720" stroke="#1f3f95" stroke-width="14" opacity="0.35"/>
      ${DRAWN[of]}</svg>`,
    ),
  )
    .jpeg({ quality: 80 })
    .toBuffer();
}
