import { Link } from "react-router";
import { buttonClass } from "../../ui/controls/Button.tsx";
import { Term } from "../../ui/words/Term.tsx";

/** Said where there is no negative yet. */
export function EmptyProof() {
  return (
    <div className="grid justify-items-start gap-3">
      <p>
        There is no <Term id="negative">negative</Term> here yet. Scan one, photograph one, or let the made-up flatbed
        scan one.
      </p>
      <Link to="/proof" className={buttonClass("action")}>
        Take a scan in
      </Link>
    </div>
  );
}
