import { startTransition, useEffect, useState } from "react";

/** How long a value must have stood still before what is out of sight follows it, ms. */
const REST_MS = 300;

/** The value itself where it is looked at; elsewhere what it was when it last stood still. */
export function useRested<T>(value: T, inSight: boolean): T {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    if (inSight) return;
    const timer = setTimeout(() => startTransition(() => setRested(value)), REST_MS);
    return () => clearTimeout(timer);
  }, [value, inSight]);
  return inSight ? value : rested;
}
