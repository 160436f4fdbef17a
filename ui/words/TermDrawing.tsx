import type { ReactNode } from "react";
import type { TermId } from "../../wording/glossary.ts";

const INK = { stroke: "var(--sb-ink)", strokeWidth: 2, fill: "none" } as const;
const RAY = { stroke: "var(--sb-ray)", strokeWidth: 1.5, fill: "none" } as const;
const SHEET = { stroke: "var(--sb-kraft)", strokeWidth: 5, fill: "none" } as const;
/** A box seen from above: its hole in the middle of the left side, its sheet at the right. */
const BOX = "M90 10V41M90 49V80M90 10H200V80H90";

/** Squares of paper from light to dark. */
function Squares({ shades, on }: { readonly shades: readonly number[]; readonly on?: number }) {
  const wide = 220 / shades.length;
  return shades.map((shade, index) => (
    <rect
      key={shade}
      x={10 + index * wide}
      y={20}
      width={wide - 4}
      height={50}
      fill="var(--sb-ink)"
      fillOpacity={shade}
      stroke={index === on ? "var(--sb-action)" : "var(--sb-ink)"}
      strokeWidth={index === on ? 3 : 1}
    />
  ));
}

/** A tray with a sheet in it, darker where light has been. */
function Tray({ dark, clear }: { readonly dark: number; readonly clear: number }) {
  return (
    <>
      <path d="M20 30L35 75H205L220 30" {...INK} />
      <path d="M28 50H212" stroke="var(--sb-ray)" strokeWidth="2" strokeDasharray="6 4" />
      <rect x="70" y="54" width="50" height="12" fill="var(--sb-ink)" fillOpacity={dark} stroke="var(--sb-ink)" />
      <rect x="120" y="54" width="50" height="12" fill="var(--sb-ink)" fillOpacity={clear} stroke="var(--sb-ink)" />
    </>
  );
}

/** A scarecrow, upright or on its head, light on dark or dark on light. */
function Figure({ x, dark, down = false }: { readonly x: number; readonly dark: boolean; readonly down?: boolean }) {
  const [ground, mark] = dark ? ["var(--sb-ink)", "var(--sb-card)"] : ["var(--sb-card)", "var(--sb-ink)"];
  return (
    <g transform={down ? `rotate(180 ${x + 35} 45)` : undefined}>
      <rect x={x} y="10" width="70" height="70" fill={ground} stroke="var(--sb-ink)" />
      <path d={`M${x + 35} 32V72M${x + 18} 44H${x + 52}`} stroke={mark} strokeWidth="4" />
      <circle cx={x + 35} cy="26" r="7" fill={mark} />
    </g>
  );
}

const DRAWINGS: Readonly<Record<TermId, ReactNode>> = {
  plate: (
    <>
      <path d="M120 10V28M120 62V80" stroke="var(--sb-ink)" strokeWidth="8" />
      <path d="M127 14V43M127 47V76" stroke="var(--sb-quiet)" strokeWidth="3" />
      <path d="M30 45H210" {...RAY} />
    </>
  ),
  "f-number": (
    <>
      <path d={BOX} {...INK} />
      <path d="M196 16V74" {...SHEET} />
      {[98, 106, 114, 122, 130, 138, 146, 154, 162, 170, 178, 186].map((x) => (
        <circle key={x} cx={x} cy="45" r="3.4" stroke="var(--sb-action)" fill="none" />
      ))}
    </>
  ),
  diffraction: (
    <>
      <path d="M90 10V43M90 47V80" {...INK} />
      <path d="M10 45H90M90 45L210 20M90 45L210 70M90 45L210 45" {...RAY} />
      <path d="M214 15V75" {...SHEET} />
    </>
  ),
  view: (
    <>
      <path d={BOX} {...INK} />
      <path d="M196 14V76M90 45L20 12M90 45L20 78M90 45L196 76M90 45L196 14" {...RAY} />
      <path d="M62 32A31 31 0 0 0 62 58" stroke="var(--sb-action)" strokeWidth="2" fill="none" />
    </>
  ),
  "image-circle": (
    <>
      <rect x="60" y="8" width="120" height="74" {...SHEET} strokeWidth={2} />
      <circle cx="120" cy="45" r="40" {...RAY} />
      <circle cx="120" cy="45" r="34" fill="var(--sb-ray)" fillOpacity="0.15" />
    </>
  ),
  "fall-off": (
    <>
      {[-3, -2, -1, 0, 1, 2, 3].map((off) => (
        <rect
          key={off}
          x={105 + off * 30}
          y="20"
          width="30"
          height="50"
          fill="var(--sb-ink)"
          fillOpacity={off ** 2 / 15}
        />
      ))}
      <rect x="15" y="20" width="210" height="50" {...INK} strokeWidth={1} />
    </>
  ),
  stop: (
    <>
      {[8, 16, 32, 64].map((high, index) => (
        <rect key={high} x={30 + index * 50} y={80 - high} width="34" height={high} fill="var(--sb-kraft)" />
      ))}
      <path d="M20 80H220" {...INK} />
    </>
  ),
  ev: (
    <>
      <circle cx="50" cy="45" r="16" fill="var(--sb-kraft)" />
      <path d="M50 14V22M50 68V76M19 45H27M73 45H81M28 23L34 29M66 61L72 67M28 67L34 61M66 29L72 23" {...INK} />
      <path d="M110 60A14 14 0 0 1 122 36A18 18 0 0 1 156 40A12 12 0 0 1 156 60Z" {...INK} />
      <path d="M190 20H225V70H190ZM207 20V70M190 45H225" {...INK} />
    </>
  ),
  iso: <Squares shades={[0.12, 0.3, 0.55, 0.85]} on={3} />,
  "long-times": (
    <>
      <path d="M30 75V15M30 75H215" {...INK} />
      <path d="M30 75L205 25" stroke="var(--sb-quiet)" strokeWidth="1.5" strokeDasharray="5 4" />
      <path d="M30 75C90 58 130 45 160 12" stroke="var(--sb-action)" strokeWidth="2.5" fill="none" />
    </>
  ),
  emulsion: (
    <>
      <path d={BOX} {...INK} />
      <path d="M186 16V74" stroke="var(--sb-action)" strokeWidth="3" />
      <path d="M192 16V74" {...SHEET} />
      <path d="M20 45H180" {...RAY} />
    </>
  ),
  safelight: (
    <>
      <path d="M105 10H135L150 38H90Z" {...INK} />
      <path d="M98 38L70 80M142 38L170 80M120 40V80" stroke="var(--sb-action)" strokeWidth="2.5" />
    </>
  ),
  fog: (
    <>
      <rect x="60" y="10" width="120" height="70" fill="var(--sb-ink)" fillOpacity="0.3" stroke="var(--sb-ink)" />
      <path d="M60 10L150 80H60Z" fill="var(--sb-ink)" fillOpacity="0.35" />
      <path d="M20 5L62 12" {...RAY} />
    </>
  ),
  "pre-flash": <Squares shades={[0.02, 0.07, 0.35, 0.8]} on={1} />,
  developer: <Tray dark={0.9} clear={0.02} />,
  "stop-bath": (
    <>
      <Tray dark={0.9} clear={0.02} />
      <path d="M100 12H140M100 22H140" stroke="var(--sb-action)" strokeWidth="4" />
    </>
  ),
  fixer: (
    <>
      <Tray dark={0.9} clear={0} />
      <path d="M145 50V22M135 30L145 20L155 30" {...RAY} />
    </>
  ),
  density: <Squares shades={[0.03, 0.25, 0.5, 0.75, 0.98]} />,
  negative: (
    <>
      <Figure x={30} dark={false} />
      <path d="M108 45H132" {...RAY} />
      <Figure x={140} dark down />
    </>
  ),
  positive: (
    <>
      <Figure x={30} dark down />
      <path d="M108 45H132" {...RAY} />
      <Figure x={140} dark={false} />
    </>
  ),
  "direct-positive": <Figure x={85} dark={false} down />,
  "contact-print": (
    <>
      <path d="M40 70H200" {...SHEET} />
      <path d="M40 62H200" stroke="var(--sb-ink)" strokeWidth="5" strokeDasharray="24 12" />
      <path d="M35 54H205" stroke="var(--sb-ray)" strokeWidth="3" />
      <path d="M80 12V48M120 12V48M160 12V48" {...RAY} />
    </>
  ),
};

/** A small drawing of a word; what it shows is said beside it. */
export function TermDrawing({ id }: { readonly id: TermId }) {
  return (
    <svg viewBox="0 0 240 90" className="w-full bg-board" aria-hidden="true">
      {DRAWINGS[id]}
    </svg>
  );
}
