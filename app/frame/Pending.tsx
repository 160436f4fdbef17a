/** A thread drawn along the rule while the next page is on its way; quick ones come before it shows. */
export function Pending() {
  return (
    <div role="status" className="pending" data-pending>
      <span className="sr-only">Opening …</span>
    </div>
  );
}
