import { type ComponentProps, memo, Suspense, useRef } from "react";
import { Panel } from "../../../../ui/controls/Panel.tsx";
import { lazyPart } from "../../../../ui/page/lazyPart.tsx";
import { useOnceSeen } from "../../../../ui/page/useOnceSeen.ts";

const CurvePanel = lazyPart(() => import("./CurvePanel.tsx"));

/** The curve behind the rules; its charts are fetched when they come into sight. */
export const CurveSection = memo(function CurveSection(props: ComponentProps<typeof CurvePanel>) {
  const frame = useRef<HTMLDivElement>(null);
  const seen = useOnceSeen(frame);
  return (
    <Panel title="The curve behind the rules">
      <div ref={frame} className="min-h-80" data-curve-section>
        {seen && (
          <Suspense fallback={<p className="text-quiet">Fetching the charts.</p>}>
            <CurvePanel {...props} />
          </Suspense>
        )}
      </div>
    </Panel>
  );
});
