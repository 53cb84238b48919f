import type { PhotoMark, PhotoView } from "../api/types";
import classes from "./Photo.module.css";

interface Props {
  photo: PhotoView;
  job: number;
  small?: boolean;
  marks: PhotoMark[];
}

/** A picture with what is drawn on it laid over it; the picture itself stays as it was taken. */
export function MarkedPicture({ photo, job, small, marks }: Props) {
  return (
    <span className={classes.picture} style={{ aspectRatio: `${photo.width} / ${photo.height}` }}>
      <img
        src={`/api/jobs/${job}/photos/${photo.id}${small ? "/thumbnail" : ""}`}
        alt={photo.caption}
        loading="lazy"
        width={photo.width}
        height={photo.height}
      />
      <svg viewBox={`0 0 ${photo.width} ${photo.height}`} aria-hidden="true" className={classes.over}>
        {marks.map((mark, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: marks have no identity of their own
          <Mark key={i} mark={mark} width={photo.width} height={photo.height} />
        ))}
      </svg>
    </span>
  );
}

/** An arrow, a circle or a label, in line widths that stay readable at any size of the picture. */
export function Mark({ mark, width, height }: { mark: PhotoMark; width: number; height: number }) {
  const unit = Math.max(width, height) / 100;
  const [x, y, toX, toY] = [mark.x * width, mark.y * height, mark.toX * width, mark.toY * height];
  const length = Math.max(Math.hypot(toX - x, toY - y), 1);
  const [ux, uy] = [(toX - x) / length, (toY - y) / length];
  const head = 3.2 * unit;
  return (
    <g strokeWidth={0.7 * unit} className={classes.mark}>
      {mark.kind === "ARROW" && (
        <>
          <line x1={x} y1={y} x2={toX - ux * head} y2={toY - uy * head} />
          <path
            className={classes.head}
            d={`M${toX} ${toY} L${toX - ux * head - uy * head * 0.5} ${toY - uy * head + ux * head * 0.5} L${toX - ux * head + uy * head * 0.5} ${toY - uy * head - ux * head * 0.5} Z`}
          />
        </>
      )}
      {mark.kind === "CIRCLE" && <circle cx={x} cy={y} r={Math.max(length, 2 * unit)} />}
      {mark.label !== "" && (
        <text
          x={mark.kind === "ARROW" ? x - ux * unit : x}
          y={mark.kind === "CIRCLE" ? y - Math.max(length, 2 * unit) - unit : y - uy * unit}
          fontSize={4.2 * unit}
          strokeWidth={1.1 * unit}
          textAnchor="middle"
        >
          {mark.label}
        </text>
      )}
    </g>
  );
}
