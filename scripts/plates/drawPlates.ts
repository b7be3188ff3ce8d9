import type { Page } from '@playwright/test';
import type { Dice, MadeUpPlate } from './madeUpPlates';

/** How well a picture of a plate was taken. */
export type Condition = 'clean' | 'usual' | 'bad';

const FONTS = [
  'DejaVu Sans',
  'Liberation Sans',
  'Liberation Sans Narrow',
  'DejaVu Sans Condensed',
  'DejaVu Serif',
  'DejaVu Sans Mono',
];

/** What lies between a plate and its picture. */
interface Look {
  readonly tiltDeg: number;
  readonly blurPx: number;
  readonly glare: number;
  readonly shade: number;
  readonly noise: number;
  readonly scratches: number;
  readonly inverse: boolean;
  readonly quarter: number;
}

function lookOf(condition: Condition, { roll, one, whole }: Dice): Look {
  const side = (): number => (roll() < 0.5 ? -1 : 1);
  if (condition === 'clean')
    return { tiltDeg: 0, blurPx: 0, glare: 0, shade: 0, noise: 0, scratches: 0, inverse: false, quarter: 0 };
  if (condition === 'usual')
    return {
      tiltDeg: side() * roll() * 3,
      blurPx: roll() * 0.7,
      glare: roll() * 0.25,
      shade: roll() * 0.35,
      noise: roll() * 0.15,
      scratches: whole(0, 2),
      inverse: roll() < 0.15,
      quarter: 0,
    };
  return {
    tiltDeg: side() * (3 + roll() * 3),
    blurPx: 0.6 + roll() * 1.2,
    glare: 0.3 + roll() * 0.5,
    shade: 0.2 + roll() * 0.4,
    noise: 0.1 + roll() * 0.25,
    scratches: whole(1, 6),
    inverse: roll() < 0.25,
    quarter: one([0, 0, 1, 2, 3]),
  };
}

type Layout = 'rows' | 'inline' | 'cells';

function bodyOf({ rows }: MadeUpPlate, layout: Layout): string {
  if (layout === 'rows')
    return rows
      .map(([label, value]) => `<div class="row"><span>${label}</span><b>${value}</b></div>`)
      .join('');
  if (layout === 'inline')
    return rows.map(([label, value]) => `<p><span>${label}</span> <b>${value}</b></p>`).join('');
  return `<div class="cells">${rows
    .map(([label, value]) => `<div><small>${label}</small><b>${value}</b></div>`)
    .join('')}</div>`;
}

/** The page of a plate as it is photographed. */
function pageOf(plate: MadeUpPlate, look: Look, dice: Dice): string {
  const layout = dice.one<Layout>(['rows', 'rows', 'inline', 'cells']);
  const font = dice.one(FONTS);
  const [paper, ink] = look.inverse
    ? ['#23262a', '#eef0ee']
    : [dice.one(['#e4e6e1', '#cfd2d4', '#f4f1e6']), '#16181a'];
  const at = (): string => `${Math.round(10 + dice.roll() * 80)}%`;
  const scratches = Array.from(
    { length: look.scratches },
    () =>
      `<i style="left:${at()};top:${at()};width:${dice.whole(60, 260)}px;transform:rotate(${dice.whole(0, 180)}deg)"></i>`,
  ).join('');
  return `<style>
    body { margin: 0; background: repeating-linear-gradient(#8d8a80 0 40px, #7b786f 40px 44px); overflow: hidden;
      width: 1100px; height: 800px; display: grid; place-items: center; font-family: '${font}' }
    .turn { transform: rotate(${look.quarter * 90}deg) }
    .plate { position: relative; width: 700px; padding: 18px 24px; background: ${paper}; color: ${ink}; font-size: 22px;
      border-radius: 6px; transform: rotate(${look.tiltDeg}deg); filter: blur(${look.blurPx}px) }
    .frame { border: 2px solid ${ink}; padding: 12px 16px }
    h1 { font-size: 24px; margin: 0 0 8px } p { margin: 6px 0 }
    .row { display: flex; justify-content: space-between; border-top: ${dice.one(['1px solid', '0 solid'])} ${ink}; padding: 5px 0 }
    .cells { display: grid; grid-template-columns: 1fr 1fr; border: 1px solid ${ink} }
    .cells > div { border: 1px solid ${ink}; padding: 4px 8px } .cells small { display: block; font-size: 16px } .cells b { font-size: 26px }
    .small { font-size: 14px; margin-top: 8px }
    .plate i { position: absolute; height: 2px; background: #9a9a96 }
    .over { position: absolute; inset: 0; pointer-events: none }
    .glare { background: radial-gradient(circle at ${at()} ${at()}, rgba(255,255,255,${look.glare}) 0 8%, transparent 40%) }
    .shade { background: linear-gradient(${dice.whole(0, 359)}deg, rgba(0,0,0,${look.shade}), transparent 70%) }
  </style><body><div class="turn"><div class="plate"><div class="frame"><h1>${plate.head}</h1>${bodyOf(plate, layout)}
  <div class="small">${plate.small.join('. ')}</div></div>${scratches}</div></div>
  <div class="over glare"></div><div class="over shade"></div>
  <svg class="over" width="1100" height="800" style="opacity:${look.noise}"><filter id="n"><feTurbulence type="fractalNoise"
  baseFrequency="0.9" seed="${dice.whole(1, 999)}"/></filter><rect width="1100" height="800" filter="url(#n)"/></svg></body>`;
}

/** The picture of a plate in a browser page, as a JPEG. */
export async function drawPlate(
  page: Page,
  plate: MadeUpPlate,
  condition: Condition,
  dice: Dice,
): Promise<Buffer> {
  await page.setContent(pageOf(plate, lookOf(condition, dice), dice));
  return page.screenshot({ type: 'jpeg', quality: 82 });
}
