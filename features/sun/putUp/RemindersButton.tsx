import type { Trail } from "../../../core/document/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { fileName, saveFile } from "../../../ui/files/saveFile.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { REMINDER_WORDS } from "../../../wording/sunWords.ts";
import { remindersClient } from "../../../workers/jobs/reminders/reminders.client.ts";
import { trailName } from "../SunPages.tsx";

/** Saves the days on which the can wants something as a calendar file. */
export function RemindersButton({ trail }: { readonly trail: Trail }) {
  const write = async (): Promise<void> => {
    const name = trailName(trail);
    const file = await remindersClient.run({
      trailId: trail.id,
      name,
      where: trail.where ?? "",
      from: trail.from,
      to: trail.to,
      timeZone: trail.site.timeZone,
      words: REMINDER_WORDS,
      made: Date.now(),
    });
    if (file.ok) saveFile(fileName(name, ".ics"), file.value, "text/calendar");
    else notify(file.error.message, { urgent: true });
  };
  return (
    <Button look="action" onClick={() => void write()}>
      Reminders for a calendar
    </Button>
  );
}
