import { type PointerEvent, useState } from "react";
import { placeIn } from "../../../ui/drawing/placeIn.ts";

/** A place of a picture, px from its upper left corner. */
export interface PlaceOfPicture {
  readonly x: number;
  readonly y: number;
}

/** A picture with named places and a line of points on it; a press sets one. */
export function PicturePlaces({
  url,
  marks,
  line,
  onSize,
  onBroken,
  onPress,
  onDrop,
}: {
  readonly url: string;
  readonly marks: readonly (PlaceOfPicture & { readonly name: string })[];
  readonly line: readonly PlaceOfPicture[];
  readonly onSize: (size: { readonly width: number; readonly height: number }) => void;
  readonly onBroken: () => void;
  readonly onPress: (place: PlaceOfPicture) => void;
  readonly onDrop: (index: number) => void;
}) {
  const [size, setSize] = useState({ width: 3, height: 2 });
  const unit = Math.max(size.width, size.height) / 100;
  const press = (event: PointerEvent<SVGSVGElement>): void => {
    const at = placeIn(event.currentTarget, event.clientX, event.clientY);
    if (at !== null) onPress({ x: at.x, y: at.y });
  };
  const rising = [...line].sort((a, b) => a.x - b.x);
  return (
    <div
      className="relative w-full self-start border border-ink"
      style={{ maxWidth: `calc(78vh * ${size.width / size.height})` }}
    >
      <img
        src={url}
        alt=""
        className="block w-full"
        onError={onBroken}
        onLoad={(event) => {
          const { naturalWidth: width, naturalHeight: height } = event.currentTarget;
          setSize({ width, height });
          onSize({ width, height });
        }}
      />
      {/* biome-ignore lint/a11y/useSemanticElements: no HTML element groups the parts of an SVG drawing */}
      <svg
        viewBox={`0 0 ${size.width} ${size.height}`}
        className="absolute inset-0 h-full w-full cursor-crosshair touch-none"
        role="group"
        aria-label="The picture; a press sets a place"
        data-picture-places
        onPointerDown={press}
      >
        <polyline
          points={rising.map(({ x, y }) => `${x},${y}`).join(" ")}
          fill="none"
          stroke="var(--sb-action)"
          strokeWidth={0.3 * unit}
          pointerEvents="none"
        />
        {line.map((place, index) => (
          // biome-ignore lint/a11y/useSemanticElements: a point of a drawing
          <circle
            key={`${place.x} ${place.y}`}
            cx={place.x}
            cy={place.y}
            r={unit}
            fill="var(--sb-card)"
            stroke="var(--sb-action)"
            strokeWidth={0.3 * unit}
            role="button"
            tabIndex={0}
            aria-label={`Take out point ${index + 1} of the skyline`}
            className="cursor-pointer"
            onPointerDown={(event) => {
              event.stopPropagation();
              onDrop(index);
            }}
            onKeyDown={(event) => {
              if (event.key === "Delete" || event.key === "Enter") onDrop(index);
            }}
          />
        ))}
        {marks.map(({ name, x, y }) => (
          <g key={name} pointerEvents="none">
            <circle cx={x} cy={y} r={1.6 * unit} fill="var(--sb-ink)" />
            <text
              x={x}
              y={y}
              fill="var(--sb-card)"
              fontSize={2.2 * unit}
              fontWeight="600"
              textAnchor="middle"
              dominantBaseline="central"
            >
              {name}
            </text>
          </g>
        ))}
      </svg>
    </div>
  );
}
