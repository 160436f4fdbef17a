import { useCallback, useEffect, useRef, useState } from "react";
import type { PhonePicture } from "../../../../core/viewfinder/index.ts";
import { photographClient } from "../../../../workers/jobs/photograph/photograph.client.ts";
import type { Photograph } from "../../../../workers/jobs/photograph/photograph.ts";
import { readPictureOf } from "./pictureOf.ts";

/** A photograph in place of the live view. */
export interface Still {
  readonly image: ImageBitmap;
  readonly picture: PhonePicture;
  /** As its file says, mm in 35 mm terms; `null`: it doesn’t. */
  readonly focal35: number | null;
  /** The same as a light meter; `null`: its file does not say how it was taken. */
  readonly photograph: Photograph | null;
}

/** Takes a photograph in: its picture, and the angle it was taken at where its file says so. */
export function useStill(): {
  readonly still: Still | null;
  readonly refused: string | null;
  readonly take: (file: File) => Promise<void>;
  readonly drop: () => void;
} {
  const [still, setStill] = useState<Still | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const held = useRef<ImageBitmap | null>(null);
  useEffect(() => () => held.current?.close(), []);
  const drop = useCallback((): void => setStill(null), []);
  const take = useCallback(async (file: File) => {
    const image = await createImageBitmap(file).catch(() => null);
    if (image === null)
      return setRefused("This file is no picture that the browser can read. JPEG, PNG and WebP can be read.");
    const [picture, read] = await Promise.all([
      readPictureOf(image, image.width, image.height),
      photographClient.run(file),
    ]);
    if (picture === null) return setRefused("The browser gives no room to read this picture.");
    setRefused(null);
    held.current?.close();
    held.current = image;
    const photograph = read.ok && "photograph" in read.value ? read.value.photograph : null;
    setStill({ image, picture, photograph, focal35: photograph?.taken.focal35 ?? null });
  }, []);
  return { still, refused, take, drop };
}
