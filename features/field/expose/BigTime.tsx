import { cx } from "../../../ui/cx.ts";

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

/** Running time: `0:07`, `2:30`, `1:20:00`. */
export function clock(seconds: number): string {
  const whole = Math.floor(seconds);
  const two = (value: number): string => String(value).padStart(2, "0");
  const [h, m, s] = [Math.floor(whole / 3600), Math.floor((whole % 3600) / 60), whole % 60];
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}
