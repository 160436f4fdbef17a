import { type KeyboardEvent, memo, type ReactNode, useMemo } from "react";
import { LAYERS, type LabelMark, type Layer, pathOf, type Scene } from "../core/drawing/index.ts";

/** Draws a scene on the screen: one path a layer, so that a drawing of a thousand lines is a dozen elements. */
export const SvgScene = memo(function SvgScene({
  scene,
  pixel,
  title,
  onLabel,
  children,
}: {
  readonly scene: Scene;
  /** One screen pixel in mm of the drawing; `null` draws line weights in mm, as printed. */
  readonly pixel: number | null;
  readonly title: string;
  /** Called when a dimension's figure is to be typed over. */
  readonly onLabel?: (label: LabelMark) => void;
  readonly children?: ReactNode;
}) {
  const { x, y, width, height } = scene.bounds;
  const layers = useMemo(() => byLayer(scene), [scene]);
  const labels = useMemo(() => scene.marks.filter((mark): mark is LabelMark => mark.kind === "label"), [scene]);
  return (
    // biome-ignore lint/a11y/useSemanticElements: no HTML element groups the parts of an SVG drawing
    <svg
      viewBox={`${x} ${y} ${width} ${height}`}
      className="block h-full w-full overflow-visible"
      role="group"
      aria-label={title}
    >
      {layers.map(([layer, d]) => (
        <LayerPath key={layer} layer={layer} d={d} pixel={pixel} />
      ))}
      {labels.map((label, index) => (
        // Labels of one scene have no identity of their own; their order is stable.
        // biome-ignore lint/suspicious/noArrayIndexKey: see above
        <SceneLabel key={index} label={label} onLabel={onLabel} />
      ))}
      {children}
    </svg>
  );
});

function byLayer(scene: Scene): readonly (readonly [Layer, string])[] {
  const layers = new Map<Layer, string[]>();
  for (const mark of scene.marks) {
    if (mark.kind === "label") continue;
    const pieces = layers.get(mark.layer) ?? [];
    pieces.push(pathOf(mark));
    layers.set(mark.layer, pieces);
  }
  return [...layers].map(([layer, pieces]) => [layer, pieces.join("")] as const);
}

function LayerPath({ layer, d, pixel }: { readonly layer: Layer; readonly d: string; readonly pixel: number | null }) {
  const { ink, width, screenWidth, dash, fill, fillOpacity = 1 } = LAYERS[layer];
  const stroke = pixel === null ? width : screenWidth * pixel;
  const scale = pixel === null ? 1 : pixel * 2;
  return (
    <path
      data-layer={layer}
      d={d}
      fill={fill ? `var(--sb-${fill})` : layer === "dimension" ? `var(--sb-${ink})` : "none"}
      fillOpacity={fillOpacity}
      stroke={stroke > 0 ? `var(--sb-${ink})` : "none"}
      strokeWidth={stroke}
      strokeLinejoin="round"
      strokeDasharray={dash?.map((length) => length * scale).join(" ")}
    />
  );
}

function SceneLabel({
  label,
  onLabel,
}: {
  readonly label: LabelMark;
  readonly onLabel: ((label: LabelMark) => void) | undefined;
}) {
  const { at, text, size, anchor, turn = 0, layer, field } = label;
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
      x={at.x}
      y={at.y + size * 0.35}
      {...(turn === 0 ? {} : { transform: `rotate(${-turn} ${at.x} ${at.y})` })}
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
