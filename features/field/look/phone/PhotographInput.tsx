/** A photograph, taken now or chosen. */
export function PhotographInput({ onTake }: { readonly onTake: (file: File) => void }) {
  return (
    <label className="inline-flex min-h-[3.3rem] cursor-pointer items-center border-[1.5px] border-ink bg-card px-3 font-medium has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-action">
      Take a photograph
      <input
        type="file"
        accept="image/*"
        capture="environment"
        className="sr-only"
        aria-label="Photograph to look through"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = "";
          if (file) onTake(file);
        }}
      />
    </label>
  );
}
