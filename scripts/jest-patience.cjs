// Tests of hooks and parts wait for states: half of a shared machine may be missing for longer than the library’s one second.
if (typeof document !== "undefined") require("@testing-library/dom").configure({ asyncUtilTimeout: 30_000 });
