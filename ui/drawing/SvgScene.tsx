import { type KeyboardEvent, memo, type ReactNode, useMemo } from "react";
import { LAYERS, type LabelMark, type Layer, pathOf, type Scene } from "../../core/basis/drawing/index.ts";

/** Draws a scene on the screen: one path a layer, so that a drawing of a thousand lines is a dozen elements. */
export const SvgScene = memo(function SvgScene({
  scene,
  pixel,
  title,
  onLabel,
  haloed = false,
  children,
}: {
  readonly scene: Scene;
  /** One screen pixel in mm: drawn in pixels, so that type and line weights never change; `null` draws in mm, as printed. */
  readonly pixel: number | null;
  readonly title: string;
  /** Called when a dimension's figure is to be typed over. */
  readonly onLabel?: (label: LabelMark) => void;
  /** Whether lines over a picture keep apart from it by a pale rim. */
  readonly haloed?: boolean;
  readonly children?: ReactNode;
}) {
  const { x, y, width, height } = scene.bounds;
  const scale = pixel === null ? 1 : 1 / pixel;
  const layers = useMemo(() => byLayer(scene, scale), [scene, scale]);
  const labels = useMemo(() => scene.marks.filter((mark): mark is LabelMark => mark.kind === "label"), [scene]);
  return (
    // biome-ignore lint/a11y/useSemanticElements: no HTML element groups the parts of an SVG drawing
    <svg
      viewBox={[x, y, width, height].map((length) => hundredths(length * scale)).join(" ")}
      className="relative block h-full w-full overflow-visible"
      role="group"
      aria-label={title}
    >
      {layers.map(([layer, d]) => (
        <LayerPath key={layer} layer={layer} d={d} inMm={pixel === null} haloed={haloed && layer === "contour"} />
      ))}
      {labels.map((label, index) => (
        // Labels of one scene have no identity of their own; their order is stable.
        // biome-ignore lint/suspicious/noArrayIndexKey: see above
        <SceneLabel key={index} label={label} scale={scale} onLabel={onLabel} />
      ))}
      {children}
    </svg>
  );
});

function byLayer(scene: Scene, scale: number): readonly (readonly [Layer, string])[] {
  const layers = new Map<Layer, string[]>();
  for (const mark of scene.marks) {
    if (mark.kind === "label") continue;
    const pieces = layers.get(mark.layer) ?? [];
    pieces.push(pathOf(mark, scale));
    layers.set(mark.layer, pieces);
  }
  return [...layers].map(([layer, pieces]) => [layer, pieces.join("")] as const);
}

/** Steadies what should not change between two scales: rounding must not make it look new. */
function hundredths(value: number): number {
  return Math.round(value * 100) / 100;
}

const LayerPath = memo(function LayerPath({
  layer,
  d,
  inMm,
  haloed,
}: {
  readonly layer: Layer;
  readonly d: string;
  readonly inMm: boolean;
  readonly haloed: boolean;
}) {
  const { ink, width, screenWidth, dash, fill, fillOpacity = 1 } = LAYERS[layer];
  const stroke = inMm ? width : screenWidth;
  const dashScale = inMm ? 1 : 2;
  const halo = haloed && (
    <path
      d={d}
      fill="none"
      stroke="var(--sb-card)"
      strokeOpacity={0.6}
      strokeWidth={stroke + 2.4}
      strokeLinejoin="round"
    />
  );
  const lines = (
    <path
      data-layer={layer}
      d={d}
      fill={fill ? `var(--sb-${fill})` : layer === "dimension" ? `var(--sb-${ink})` : "none"}
      fillOpacity={fillOpacity}
      stroke={stroke > 0 ? `var(--sb-${ink})` : "none"}
      strokeWidth={stroke}
      strokeLinejoin="round"
      strokeDasharray={dash?.map((length) => length * dashScale).join(" ")}
    />
  );
  return halo ? (
    <>
      {halo}
      {lines}
    </>
  ) : (
    lines
  );
});

function SceneLabel({
  label,
  scale,
  onLabel,
}: {
  readonly label: LabelMark;
  readonly scale: number;
  readonly onLabel: ((label: LabelMark) => void) | undefined;
}) {
  const { text, anchor, turn = 0, layer, field } = label;
  const x = hundredths(label.at.x * scale);
  const y = hundredths(label.at.y * scale);
  const size = hundredths(label.size * scale);
  const editable = field !== undefined && onLabel !== undefined;
  const edit = editable ? () => onLabel(label) : undefined;
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      edit?.();
    }
  };
  return (
    <text
      x={x}
      y={y + size * 0.35}
      {...(turn === 0 ? {} : { transform: `rotate(${-turn} ${x} ${y})` })}
      fontSize={size}
      textAnchor={anchor}
      fill={`var(--sb-${LAYERS[layer].ink})`}
      stroke={layer === "dimension" || layer === "contour" ? "var(--sb-card)" : "none"}
      strokeWidth={size * 0.35}
      paintOrder="stroke"
      fontFamily={layer === "stamp" ? "var(--sb-type-stamp)" : "var(--sb-type-plain)"}
      fontWeight={layer === "stamp" ? 600 : 500}
      letterSpacing={layer === "stamp" ? size * 0.08 : 0}
      {...(editable
        ? {
            role: "button",
            tabIndex: 0,
            className: "cursor-text hover:underline",
            "aria-label": `${text}, type over`,
            "data-field": field,
            onClick: edit,
            onKeyDown,
          }
        : {})}
    >
      {text}
    </text>
  );
}
