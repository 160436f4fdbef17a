import { cx } from "../../../ui/controls/cx.ts";

/** A figure as large as the screen allows, under its caption. */
export function BigTime({
  caption,
  text,
  urgent = false,
  small = false,
}: {
  readonly caption: string;
  readonly text: string;
  readonly urgent?: boolean;
  /** Where several stand under each other. */
  readonly small?: boolean;
}) {
  const share = small ? 0.62 : 1;
  const size = `min(${8.5 * share}rem, calc(min(34rem, 100vw - 2rem) * ${share} / ${Math.max(3.4, text.length * 0.56)}))`;
  return (
    <div>
      <p className="stamp">{caption}</p>
      <p
        data-big-time
        role="timer"
        className={cx("whitespace-nowrap font-semibold leading-none tracking-tight", urgent && "text-action")}
        style={{ fontSize: size }}
      >
        {text}
      </p>
    </div>
  );
}
