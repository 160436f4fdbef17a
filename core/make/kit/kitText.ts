/** Lines under a heading. */
export interface KitList {
  readonly heading: string;
  readonly lines: readonly string[];
}

/** The words of a group's papers; `{name}` stands for a figure. They are passed in, as a step's are. */
export interface KitTexts {
  readonly shopping: { readonly title: string; readonly once: string; readonly count: string };
  readonly pack: {
    readonly title: string;
    /** What goes into each pack beside its materials. */
    readonly also: readonly string[];
    readonly envelope: KitList;
  };
  readonly build: { readonly title: string; readonly continued: string };
  readonly takeHome: {
    readonly title: string;
    readonly before: KitList;
    readonly howLong: string;
    readonly onMedium: string;
    readonly light: string;
    readonly note: KitList;
    readonly back: KitList;
    readonly atLast: string;
  };
  readonly takeHomeTrail: {
    readonly title: string;
    readonly where: KitList;
    readonly howLong: KitList;
    readonly note: KitList;
    readonly back: KitList;
    readonly atLast: string;
  };
  readonly turns: {
    readonly title: string;
    readonly continued: string;
    readonly rules: string;
    readonly turn: string;
    readonly load: string;
    readonly develop: string;
  };
  readonly hanging: HangingTexts;
  readonly helper: {
    readonly title: string;
    readonly time: string;
    readonly builds: string;
    readonly dries: string;
    readonly cutting: string;
    readonly blades: KitList;
    readonly darkroom: KitList;
    readonly count: KitList;
  };
  readonly labels: string;
}

/** The words of the list of who hangs which camera where. */
export interface HangingTexts {
  readonly title: string;
  readonly continued: string;
  readonly rule: string;
  readonly cameras: string;
  readonly row: string;
  readonly dates: string;
}
