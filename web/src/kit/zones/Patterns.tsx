// The patterns of finishes as SVG definitions, once in a drawing.
import { PATTERNS } from "./finishes";

export function Patterns({ prefix, size }: { prefix: string; size: number }) {
  return (
    <defs>
      {Object.entries(PATTERNS).map(([finish, path]) => (
        <pattern
          key={finish}
          id={`${prefix}-${finish}`}
          width={10}
          height={10}
          patternUnits="userSpaceOnUse"
          patternTransform={`scale(${size})`}
        >
          <path d={path} fill="none" stroke="#1e2a24" strokeOpacity={0.55} strokeWidth={1} />
        </pattern>
      ))}
    </defs>
  );
}
