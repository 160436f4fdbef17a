/** Whether this browser can speak. */
export function canSpeak(): boolean {
  return "speechSynthesis" in globalThis && "SpeechSynthesisUtterance" in globalThis;
}

/** Says a sentence, after what is being said; where the browser can't speak, nothing. */
export function speak(text: string): void {
  if (!canSpeak()) return;
  const words = new SpeechSynthesisUtterance(text);
  words.lang = "en";
  speechSynthesis.speak(words);
}

/** Ends what is being said. */
export function hush(): void {
  if (canSpeak()) speechSynthesis.cancel();
}
