import { round } from "../round";
import { type Block, sizeOf } from "./blocks-layout";
import { placeStyle } from "./place-style";

/** How many of the ten sticks of a bundle are visible from the front. */
const IN_FRONT = 5;

/** A stick, ten of them in a bundle, or ten bundles in a crate. */
export function BundleShape(block: Block) {
  const { place, x, y, unit } = block;
  const { ground, line } = placeStyle(place);
  const { width, height } = sizeOf(block);
  const stroke = { stroke: line, strokeWidth: Math.max(1.2, Math.min(2.5, unit / 7), unit / 16) } as const;
  if (place === 0) return <Stick x={x} y={y} width={width} height={height} ground={ground} {...stroke} />;
  if (place === 1) {
    const wide = width / IN_FRONT;
    return (
      <g>
        {Array.from({ length: IN_FRONT }, (_, i) => (
          <Stick
            // biome-ignore lint/suspicious/noArrayIndexKey: a stick is where it stands.
            key={i}
            x={x + i * wide}
            y={y + (i % 2 === 0 ? 0 : height * 0.03)}
            width={wide}
            height={height * 0.97}
            ground={ground}
            {...stroke}
          />
        ))}
        <Band x={x} y={y + height * 0.45} width={width} height={height * 0.13} fill={line} />
      </g>
    );
  }
  const wide = width / 10;
  return (
    <g>
      <rect
        x={round(x)}
        y={round(y)}
        width={round(width)}
        height={round(height)}
        rx={unit * 0.6}
        fill={ground}
        {...stroke}
      />
      {Array.from({ length: 10 }, (_, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a bundle is where it stands.
        <g key={i}>
          <rect
            x={round(x + i * wide + wide * 0.2)}
            y={round(y + height * 0.1)}
            width={round(wide * 0.6)}
            height={round(height * 0.8)}
            rx={wide * 0.25}
            fill="var(--color-board)"
            stroke={line}
            strokeWidth={Math.max(1, unit / 28)}
          />
          <Band
            x={x + i * wide + wide * 0.15}
            y={y + height * 0.45}
            width={wide * 0.7}
            height={height * 0.1}
            fill={line}
          />
        </g>
      ))}
    </g>
  );
}

type BoxProps = { x: number; y: number; width: number; height: number };

const Stick = ({
  x,
  y,
  width,
  height,
  ground,
  ...stroke
}: BoxProps & { ground: string; stroke: string; strokeWidth: number }) => (
  <rect
    x={round(x)}
    y={round(y)}
    width={round(width)}
    height={round(height)}
    rx={round(width * 0.45)}
    fill={ground}
    {...stroke}
  />
);

const Band = ({ x, y, width, height, fill }: BoxProps & { fill: string }) => (
  <rect
    x={round(x - 1)}
    y={round(y)}
    width={round(width + 2)}
    height={round(height)}
    rx={round(height * 0.4)}
    fill={fill}
  />
);
