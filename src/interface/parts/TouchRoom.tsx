/** Room of 44 CSS pixels about a place of a figure, whatever its scale, where fingers do the work; a mouse needs none. */
export function TouchRoom({ x, y }: { x: number; y: number }) {
  return (
    <path
      d={`M${x} ${y}h0.01`}
      pointerEvents="stroke"
      vectorEffect="non-scaling-stroke"
      strokeLinecap="round"
      className="hidden fill-none stroke-transparent stroke-[44px] pointer-coarse:inline"
    />
  );
}
