import type { Light, Zone } from '@/core/inspection';
import type { Face } from '@/records';

interface Props {
  readonly face: Face;
  readonly zone: Zone;
  readonly light: Light;
  readonly says: string;
}

/** Where the face lies in the drawing, and how far it may stretch. */
const [left, top, most] = [62, 44, { width: 236, height: 168 }] as const;
/** How broad the rim is drawn. */
const rim = 16;

/** A face, the place that is looked at, and where the lamp stands. */
export function FaceDrawing({ face, zone, light, says }: Props) {
  const ratio = Math.min(Math.max(face.width / face.height, 0.5), 3);
  const scale = Math.min(most.width / ratio, most.height);
  const [w, h] = [scale * ratio, scale];
  const [x, y] = [left + (most.width - w) / 2, top];
  return (
    <svg
      viewBox={`0 0 360 ${h + top * 2}`}
      role="img"
      aria-label={says}
      className="w-full max-w-md"
      data-walk-drawing
    >
      {zone === 'behind' && (
        <rect
          x={x + 14}
          y={y - 14}
          width={w}
          height={h}
          className="fill-act-wash stroke-act"
          strokeWidth="3"
        />
      )}
      <rect x={x} y={y} width={w} height={h} className="fill-sheet stroke-ink" strokeWidth="2" />
      {(face.openings ?? []).map((opening, i) => (
        <rect
          key={i}
          x={x + (opening.x / face.width) * w}
          y={y + (opening.y / face.height) * h}
          width={(opening.width / face.width) * w}
          height={(opening.height / face.height) * h}
          rx={opening.round ? 999 : 0}
          className={zone === 'returns' ? 'fill-paper stroke-act' : 'fill-paper stroke-ink-soft'}
          strokeWidth={zone === 'returns' ? 5 : 1.5}
        />
      ))}
      <Place zone={zone} x={x} y={y} w={w} h={h} cut={Boolean(face.openings?.length)} />
      <Lamp light={light} x={x} y={y} w={w} h={h} />
    </svg>
  );
}

interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

function Place({ zone, x, y, w, h, cut }: Box & { readonly zone: Zone; readonly cut: boolean }) {
  const look = 'fill-act-wash stroke-act';
  if (zone === 'field')
    return (
      <rect
        x={x + rim}
        y={y + rim}
        width={w - 2 * rim}
        height={h - 2 * rim}
        className={look}
        strokeWidth="3"
      />
    );
  if (zone === 'edges')
    return (
      <path
        d={`M${x} ${y}h${w}v${h}h${-w}zM${x + rim} ${y + rim}v${h - 2 * rim}h${w - 2 * rim}v${-(h - 2 * rim)}z`}
        fillRule="evenodd"
        className={look}
        strokeWidth="2"
      />
    );
  if (zone === 'undersides')
    return <rect x={x} y={y + h - 6} width={w} height={18} className={look} strokeWidth="3" />;
  if (zone === 'corners')
    return [
      [x, y],
      [x + w, y],
      [x + w, y + h],
      [x, y + h],
    ].map(([cx, cy], i) => <circle key={i} cx={cx} cy={cy} r="15" className={look} strokeWidth="3" />);
  if (zone === 'returns' && !cut)
    return [0.33, 0.66].map((at) => (
      <rect
        key={at}
        x={x + w * at - 5}
        y={y + rim}
        width="10"
        height={h - 2 * rim}
        className={look}
        strokeWidth="2"
      />
    ));
  return null;
}

/** Where each light stands about the face, and which way it shines, degrees from pointing right. */
function standings(light: Light, { x, y, w, h }: Box): readonly (readonly [number, number, number])[] {
  const [midX, midY] = [x + w / 2, y + h / 2];
  if (light === 'low')
    return [
      [x - 34, y + h - 14, -8],
      [x + w + 34, y + h - 14, 188],
    ];
  if (light === 'below') return [[midX, y + h + 30, -90]];
  if (light === 'square') return [[midX, midY, 0]];
  if (light === 'line') return [];
  return [
    [x + 18, y - 22, 55],
    [x + w - 18, y - 22, 125],
  ];
}

function Lamp({ light, ...box }: Box & { readonly light: Light }) {
  const { x, y, w, h } = box;
  return (
    <>
      {light === 'line' && (
        <>
          <rect x={x + w * 0.1} y={y - 24} width={w * 0.8} height="8" className="fill-care" />
          <path
            d={`M${x + w * 0.12} ${y + h * 0.45}h${w * 0.76}`}
            className="stroke-care"
            strokeWidth="4"
            strokeDasharray="9 5"
          />
        </>
      )}
      {standings(light, box).map(([cx, cy, turn], i) =>
        light === 'square' ? (
          [10, 20, 30].map((r) => (
            <circle key={r} cx={cx} cy={cy} r={r} className="fill-none stroke-care" strokeWidth="2.5" />
          ))
        ) : (
          <g key={i} transform={`translate(${cx} ${cy}) rotate(${turn})`}>
            <path d="M10 -7L34 -15M10 0H38M10 7L34 15" className="stroke-care" strokeWidth="2" />
            <rect x="-12" y="-8" width="20" height="16" rx="3" className="fill-care" />
          </g>
        ),
      )}
      {light === 'two' && (
        <>
          <text x={x + 2} y={y - 34} textAnchor="end" fontSize="14" className="fill-ink">
            Day
          </text>
          <text x={x + w - 2} y={y - 34} fontSize="14" className="fill-ink">
            Warm
          </text>
        </>
      )}
    </>
  );
}
